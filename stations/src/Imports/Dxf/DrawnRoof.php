<?php

declare(strict_types=1);

namespace Imbrex\Stations\Imports\Dxf;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Pitch;

/** Makes measured planes of a drawing's outlines; says what it must ask first and what it could not use. */
final class DrawnRoof
{
    private const INCHES = ['in' => 1.0, 'ft' => 12.0, 'mm' => 1 / 25.4, 'cm' => 1 / 2.54, 'm' => 1000 / 25.4];

    /** A roof smaller or larger than this (in) was drawn in another unit, or to a scale. */
    private const LEAST_SIZE = 24.0;

    private const MOST_SIZE = 12_000.0;

    /** Sides of two outlines that lie this close (in) are one edge. */
    private const SAME_LINE = 0.25;

    public function __construct(private readonly DxfDrawing $drawing)
    {
    }

    /**
     * @param  bool  $inPlan  drawn as seen from above; otherwise each outline is a true face
     * @param  float|null  $rise  the pitch, in 12, of outlines that have none written in them, or several
     * @param  array<string, int>  $eaves  by outline: which side somebody said is its eave
     * @return array{unit: string|null, size: array{float, float}, asks: list<string>, outlines: list<array<string, mixed>>, planes: list<array<string, mixed>>, openings: list<array<string, mixed>>, through: list<array{id: mixed, face: mixed, corners: list<array{float, float}>}>, notUnderstood: list<array{what: string, layer: string, count: int}>}
     */
    public function planes(?string $unit, float $scale, bool $inPlan, ?float $rise, array $eaves = []): array
    {
        $unit ??= $this->drawing->unit;
        $factor = (self::INCHES[$unit ?? 'in']) * $scale;
        $shapes = new DrawnShapes($this->drawing, $factor);
        $outlines = $shapes->faces;
        $size = $this->size($outlines);
        $asks = [];
        if ($outlines === []) {
            $asks[] = 'outlines';
        } elseif ($unit === null) {
            $asks[] = 'unit';
        } elseif (max($size) < self::LEAST_SIZE || max($size) > self::MOST_SIZE) {
            $asks[] = 'scale';
        }
        $texts = array_map($shapes->textsOn(...), array_keys($outlines));
        $written = array_map(static fn (array $own): array => array_values(array_unique(array_merge(...array_map(DrawnPitch::in(...), $own)), SORT_REGULAR)), $texts);
        // Two that differ, or one no gauge shows, are asked.
        $pitches = array_map(static fn (array $own): ?float => count($own) === 1 && $own[0] !== null ? $own[0] : $rise, $written);
        foreach ($pitches as $number => $pitch) {
            $pitch === null && $asks[] = $written[$number] === [] ? 'pitch' : 'pitches';
        }
        $polygons = array_column($outlines, 'polygon');
        $kinds = array_map(fn (Polygon $polygon): array => self::kinds($polygon, $shapes), $polygons);
        $finder = new EaveFinder($polygons, $kinds, self::SAME_LINE);
        $first = array_map(static fn (int $number): ?int => isset($polygons[$number]->corners[$eaves['P'.($number + 1)] ?? -1]) ? $eaves['P'.($number + 1)] : $finder->of($number), array_keys($polygons));
        if (in_array(null, $first, true)) {
            $asks[] = 'eaves';
        }
        $names = array_map(fn (int $number): string => $this->name($texts[$number], $outlines[$number]['layer'], $number), array_keys($outlines));

        $frames = $asks === [] ? array_map(static fn (int $number): DeckFrame => new DeckFrame($polygons[$number], (int) $first[$number], $inPlan ? Pitch::ofRise((float) $pitches[$number])->slopeFactor() : 1.0), array_keys($polygons)) : [];
        $planes = $asks === [] ? $this->documents($outlines, $names, array_map(floatval(...), $pitches), $inPlan, $kinds, array_map(intval(...), $first), $frames) : [];
        $openings = $asks === [] ? (new DrawnOpenings($shapes, $this->drawing, $factor))->on($frames) : [];

        return [
            'unit' => $unit,
            'size' => $size,
            'asks' => array_values(array_unique($asks)),
            'outlines' => array_map(static fn (int $number): array => [
                'id' => 'P'.($number + 1), 'name' => $names[$number], 'eave' => $first[$number],
                'corners' => self::rounded($polygons[$number]->corners),
                'kinds' => isset($planes[$number]) ? self::asDrawn($planes[$number]['edges'], (int) $first[$number]) : array_map(static fn (?EdgeKind $kind): ?string => $kind?->value, $kinds[$number]),
            ], array_keys($polygons)),
            'planes' => $planes,
            'openings' => array_column($openings, 'opening'),
            'through' => array_map(static fn (array $one): array => ['id' => $one['opening']['id'], 'face' => $one['opening']['face'], 'corners' => self::rounded($one['drawn'])], $openings),
            'notUnderstood' => $this->drawing->notUnderstood(),
        ];
    }

    /**
     * @param  list<Point>  $corners
     * @return list<array{float, float}>
     */
    private static function rounded(array $corners): array
    {
        return array_map(static fn (Point $corner): array => [round($corner->u, 4), round($corner->v, 4)], $corners);
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
     * @param  list<DeckFrame>  $frames
     * @return list<array<string, mixed>>
     */
    private function documents(array $outlines, array $names, array $pitches, bool $inPlan, array $drawn, array $eaves, array $frames): array
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
            $outlineOnDeck = array_map(static fn (int $i): array => $frames[$number]->of($polygon->corner($first + $i)), range(0, $count - 1));
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
    private static function kinds(Polygon $polygon, DrawnShapes $shapes): array
    {
        $kinds = [];
        foreach (array_keys($polygon->corners) as $side) {
            [$a, $b] = [$polygon->corner($side), $polygon->corner($side + 1)];
            $middle = new Point(($a->u + $b->u) / 2.0, ($a->v + $b->v) / 2.0);
            $kinds[$side] = null;
            foreach ($shapes->edges as $line) {
                if (abs($line['from']->distanceTo($middle) + $middle->distanceTo($line['to']) - $line['from']->distanceTo($line['to'])) < self::SAME_LINE / 10.0) {
                    $kinds[$side] = $line['kind'];
                    break;
                }
            }
        }

        return array_values($kinds);
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
