<?php

declare(strict_types=1);

namespace App\Imports\Dxf;

use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Units\Pitch;

/** Makes measured planes of a drawing's outlines; says what it must ask first and what it could not use. */
final class DrawnRoof
{
    private const INCHES = ['in' => 1.0, 'ft' => 12.0, 'mm' => 1 / 25.4, 'cm' => 1 / 2.54, 'm' => 1000 / 25.4];

    private const MOST_PLANES = 60;

    private const MOST_CORNERS = 200;

    /** A roof smaller or larger than this (in) was drawn in another unit, or to a scale. */
    private const LEAST_SIZE = 24.0;

    private const MOST_SIZE = 12_000.0;

    /** Sides of two outlines that lie this close (in) are one edge. */
    private const SAME_LINE = 0.25;

    private const SHORTEST_SIDE = 0.05;

    /** Square inches, in whatever unit the drawing turns out to be. */
    private const LEAST_AREA = 0.01;

    public function __construct(private readonly DxfDrawing $drawing)
    {
    }

    /**
     * @param  bool  $inPlan  drawn as seen from above; otherwise each outline is a true face
     * @param  float|null  $rise  the pitch, in 12, of outlines that have none written in them, or several
     * @param  array<string, int>  $eaves  by outline: which side somebody said is its eave
     * @return array{unit: string|null, size: array{float, float}, asks: list<string>, outlines: list<array<string, mixed>>, planes: list<array<string, mixed>>, notUnderstood: list<array{what: string, layer: string, count: int}>}
     */
    public function planes(?string $unit, float $scale, bool $inPlan, ?float $rise, array $eaves = []): array
    {
        $unit ??= $this->drawing->unit;
        $factor = (self::INCHES[$unit ?? 'in']) * $scale;
        $outlines = $this->outlines($factor);
        $size = $this->size($outlines);
        $asks = [];
        if ($outlines === []) {
            $asks[] = 'outlines';
        } elseif ($unit === null) {
            $asks[] = 'unit';
        } elseif (max($size) < self::LEAST_SIZE || max($size) > self::MOST_SIZE) {
            $asks[] = 'scale';
        }
        $texts = array_map(fn (array $o): array => $this->textsIn($o['polygon'], $factor), $outlines);
        $written = array_map(static fn (array $own): array => array_values(array_unique(array_merge(...array_map(DrawnPitch::in(...), $own)), SORT_REGULAR)), $texts);
        // Two that differ, or one no gauge shows, are asked.
        $pitches = array_map(static fn (array $own): ?float => count($own) === 1 && $own[0] !== null ? $own[0] : $rise, $written);
        foreach ($pitches as $number => $pitch) {
            $pitch === null && $asks[] = $written[$number] === [] ? 'pitch' : 'pitches';
        }
        $polygons = array_column($outlines, 'polygon');
        $kinds = array_map(fn (Polygon $polygon): array => $this->kinds($polygon, $factor), $polygons);
        $finder = new EaveFinder($polygons, $kinds, self::SAME_LINE);
        $first = array_map(static fn (int $number): ?int => isset($polygons[$number]->corners[$eaves['P'.($number + 1)] ?? -1]) ? $eaves['P'.($number + 1)] : $finder->of($number), array_keys($polygons));
        if (in_array(null, $first, true)) {
            $asks[] = 'eaves';
        }
        $names = array_map(fn (int $number): string => $this->name($texts[$number], $outlines[$number]['layer'], $number), array_keys($outlines));

        $planes = $asks === [] ? $this->documents($outlines, $names, array_map(floatval(...), $pitches), $inPlan, $kinds, array_map(intval(...), $first)) : [];

        return [
            'unit' => $unit,
            'size' => $size,
            'asks' => array_values(array_unique($asks)),
            'outlines' => array_map(static fn (int $number): array => [
                'id' => 'P'.($number + 1), 'name' => $names[$number], 'eave' => $first[$number],
                'corners' => array_map(static fn (Point $corner): array => [round($corner->u, 4), round($corner->v, 4)], $polygons[$number]->corners),
                'kinds' => isset($planes[$number]) ? self::asDrawn($planes[$number]['edges'], (int) $first[$number]) : array_map(static fn (?EdgeKind $kind): ?string => $kind?->value, $kinds[$number]),
            ], array_keys($polygons)),
            'planes' => $planes,
            'notUnderstood' => $this->drawing->notUnderstood(),
        ];
    }

    /** @return list<array{layer: string, polygon: Polygon}> in inches, counter-clockwise */
    private function outlines(float $factor): array
    {
        $outlines = [];
        foreach ($this->drawing->outlines as $outline) {
            $corners = [];
            foreach ($outline['points'] as [$x, $y]) {
                $corner = new Point($x * $factor, $y * $factor);
                if ($corners === [] || $corner->distanceTo($corners[count($corners) - 1]) > self::SHORTEST_SIDE) {
                    $corners[] = $corner;
                }
            }
            while (count($corners) > 1 && $corners[0]->distanceTo($corners[count($corners) - 1]) <= self::SHORTEST_SIDE) {
                array_pop($corners);
            }
            $polygon = Polygon::sound($corners);
            $polygon = $polygon->area() < 0.0 ? Polygon::sound(array_reverse($corners)) : $polygon;
            $why = match (true) {
                strtoupper($outline['layer']) === 'HOLE' => 'hole',
                count($corners) < 3 || $polygon->area() < self::LEAST_AREA => 'no-area',
                count($corners) > self::MOST_CORNERS => 'too-many-corners',
                count($outlines) >= self::MOST_PLANES => 'too-many-outlines',
                $polygon->crossing() !== null => 'crossing',
                default => null,
            };
            if ($why === null) {
                $outlines[] = ['layer' => $outline['layer'], 'polygon' => $polygon];
            } else {
                $this->drawing->leave($why, $outline['layer']);
            }
        }

        return $outlines;
    }

    /**
     * @param  list<array{layer: string, polygon: Polygon}>  $outlines
     * @return array{float, float}
     */
    private function size(array $outlines): array
    {
        $u = [0.0];
        $v = [0.0];
        foreach ($outlines as $i => $outline) {
            $bounds = $outline['polygon']->bounds();
            $u = [...($i === 0 ? [] : $u), $bounds->left, $bounds->right];
            $v = [...($i === 0 ? [] : $v), $bounds->bottom, $bounds->top];
        }

        return [max($u) - min($u), max($v) - min($v)];
    }

    /**
     * @param  list<string>  $edges  from the eave on
     * @return list<string> by the sides of the outline as it is drawn
     */
    private static function asDrawn(array $edges, int $eave): array
    {
        $count = count($edges);

        return array_map(static fn (int $side): string => $edges[($side - $eave + $count) % $count], array_keys($edges));
    }

    /** @return list<string> */
    private function textsIn(Polygon $polygon, float $factor): array
    {
        $texts = array_filter($this->drawing->texts, static fn (array $text): bool => $polygon->contains(new Point($text['at'][0] * $factor, $text['at'][1] * $factor)));

        return array_values(array_column($texts, 'text'));
    }

    /** @param  list<string>  $texts  within it */
    private function name(array $texts, string $layer, int $number): string
    {
        $named = array_values(array_filter(array_map(DrawnPitch::without(...), $texts), static fn (string $text): bool => preg_match('/\p{L}/u', $text) === 1));

        return mb_substr($named[0] ?? $layer.' '.($number + 1), 0, 120);
    }

    /**
     * @param  list<array{layer: string, polygon: Polygon}>  $outlines
     * @param  list<string>  $names
     * @param  list<float>  $pitches
     * @param  list<list<EdgeKind|null>>  $drawn  kinds of their sides, as layers say
     * @param  list<int>  $eaves  which side is the eave
     * @return list<array<string, mixed>>
     */
    private function documents(array $outlines, array $names, array $pitches, bool $inPlan, array $drawn, array $eaves): array
    {
        $turned = [];
        foreach ($outlines as $number => $outline) {
            $turned[] = ['polygon' => $outline['polygon'], 'kinds' => array_map(static fn (?EdgeKind $kind): ?string => $kind?->value, $drawn[$number]), 'first' => $eaves[$number]];
        }
        $ties = array_map(fn (int $number): array => $inPlan ? $this->ties($turned, $number) : [], array_keys($turned));
        $met = [];
        foreach ($ties as $number => $own) {
            foreach ($own as $tie) {
                $met['P'.($number + 1)][$tie['side']] = $met[$tie['plane']][$tie['itsSide']] = true;
            }
        }
        $documents = [];
        foreach ($turned as $number => ['polygon' => $polygon, 'kinds' => $kinds, 'first' => $first]) {
            $count = count($polygon->corners);
            $outlineOnDeck = $this->onDeck($polygon, $first, $inPlan ? Pitch::ofRise($pitches[$number])->slopeFactor() : 1.0);
            $documents[] = [
                'id' => 'P'.($number + 1),
                'name' => $names[$number],
                'riseIn12' => $pitches[$number],
                'outline' => $outlineOnDeck,
                'edges' => $this->allKinds($outlineOnDeck, array_map(static fn (int $i): ?string => $kinds[($first + $i) % $count], range(0, $count - 1)), $met['P'.($number + 1)] ?? []),
                'ties' => $ties[$number],
                'readings' => [],
            ];
        }

        return $documents;
    }

    /**
     * What lines on layers named after an edge kind say about each side.
     *
     * @return list<EdgeKind|null>
     */
    private function kinds(Polygon $polygon, float $factor): array
    {
        $kinds = [];
        foreach (array_keys($polygon->corners) as $side) {
            [$a, $b] = [$polygon->corner($side), $polygon->corner($side + 1)];
            $middle = new Point(($a->u + $b->u) / 2.0, ($a->v + $b->v) / 2.0);
            $kinds[$side] = null;
            foreach ($this->drawing->lines as $line) {
                $kind = LayerKinds::of($line['layer']);
                [$from, $to] = [new Point($line['from'][0] * $factor, $line['from'][1] * $factor), new Point($line['to'][0] * $factor, $line['to'][1] * $factor)];
                if ($kind !== null && abs($from->distanceTo($middle) + $middle->distanceTo($to) - $from->distanceTo($to)) < self::SAME_LINE / 10.0) {
                    $kinds[$side] = $kind;
                    break;
                }
            }
        }

        return array_values($kinds);
    }

    /** @return list<array{float, float}> turned so that the eave runs along u */
    private function onDeck(Polygon $polygon, int $first, float $slopeFactor): array
    {
        [$a, $b] = [$polygon->corner($first), $polygon->corner($first + 1)];
        $length = $a->distanceTo($b);
        [$x, $y] = [($b->u - $a->u) / $length, ($b->v - $a->v) / $length];
        $corners = [];
        foreach (array_keys($polygon->corners) as $i) {
            $corner = $polygon->corner($first + $i);
            [$du, $dv] = [$corner->u - $a->u, $corner->v - $a->v];
            $corners[] = [round($du * $x + $dv * $y, 6), round(($dv * $x - $du * $y) * $slopeFactor, 6)];
        }

        return $corners;
    }

    /**
     * Sides nobody typed: level high ones are a ridge where another outline meets them and a peak where none does, those
     * beside the rib rake, the rest hip; all to be looked over.
     *
     * @param  list<array{float, float}>  $outline
     * @param  list<string|null>  $kinds
     * @param  array<int, true>  $met  sides at which another outline lies
     * @return list<string>
     */
    private function allKinds(array $outline, array $kinds, array $met): array
    {
        $all = [];
        foreach ($kinds as $side => $kind) {
            [$a, $b] = [$outline[$side], $outline[($side + 1) % count($outline)]];
            [$du, $dv] = [abs($b[0] - $a[0]), abs($b[1] - $a[1])];
            $all[] = $kind ?? match (true) {
                $dv < $du * 0.02 => $b[0] > $a[0] ? 'eave' : (isset($met[$side]) ? 'ridge' : 'peak'),
                $du < $dv * 0.02 => 'rake',
                default => 'hip',
            };
        }

        return $all;
    }

    /**
     * Sides that two outlines have in common.
     *
     * @param  list<array{polygon: Polygon, kinds: list<string|null>, first: int}>  $outlines
     * @return list<array{side: int, plane: string, itsSide: int}>
     */
    private function ties(array $outlines, int $number): array
    {
        $ties = [];
        $own = $outlines[$number];
        $count = count($own['polygon']->corners);
        foreach (array_keys($own['polygon']->corners) as $side) {
            foreach ($outlines as $other => $one) {
                foreach ($other > $number ? array_keys($one['polygon']->corners) : [] as $itsSide) {
                    $same = $own['polygon']->corner($side)->distanceTo($one['polygon']->corner($itsSide + 1)) < self::SAME_LINE
                        && $own['polygon']->corner($side + 1)->distanceTo($one['polygon']->corner($itsSide)) < self::SAME_LINE;
                    if ($same) {
                        $itsCount = count($one['polygon']->corners);
                        $ties[] = ['side' => ($side - $own['first'] + $count) % $count, 'plane' => 'P'.($other + 1), 'itsSide' => ($itsSide - $one['first'] + $itsCount) % $itsCount];
                    }
                }
            }
        }

        return array_slice($ties, 0, 40);
    }
}
