<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Catalogue\EdgeAllowance;
use Imbrex\Core\Catalogue\EdgeKind;
use Imbrex\Core\Catalogue\Profile;
use Imbrex\Core\Geometry\EdgeMover;
use Imbrex\Core\Geometry\Point;
use Imbrex\Core\Geometry\Polygon;
use Imbrex\Core\Geometry\Tolerance;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Rules\RuleSet;

/** A face with every edge moved by what its detail asks of the metal; face coordinates, inches. */
final readonly class MovedFace
{
    /** @param  list<EdgeAllowance>  $allowances of side i of the face, with its kind in `$face->edges` */
    private function __construct(public Polygon $outline, private Face $face, private array $allowances)
    {
    }

    /** Edges moved by their offsets: what metal covers. */
    public static function metal(Face $face, Profile $profile, bool $vented, RuleSet $rules): self
    {
        return self::moved($face, $profile, $vented, $rules, 0.0);
    }

    /** Edges moved by offset and hem: what metal is cut from. */
    public static function blank(Face $face, Profile $profile, bool $vented, RuleSet $rules): self
    {
        return self::moved($face, $profile, $vented, $rules, 1.0);
    }

    private static function moved(Face $face, Profile $profile, bool $vented, RuleSet $rules, float $hems): self
    {
        $allowances = array_map(
            static fn (EdgeKind $kind): EdgeAllowance => EdgeAllowance::of($kind, $profile->family, $vented, $rules),
            $face->edges,
        );
        $outward = array_map(static fn (EdgeAllowance $a): float => $a->offset + $hems * $a->hem, $allowances);

        return new self((new EdgeMover)->move($face->outline, $outward), $face, $allowances);
    }

    public function span(): Span
    {
        $bounds = $this->outline->bounds();

        return new Span($bounds->left, $bounds->right);
    }

    /** @return list<MovedEdge> the sides that kept a length, in the outline's order */
    public function edges(): array
    {
        $edges = [];
        $corners = $this->outline->corners;
        $n = count($corners);
        // Sides in one line leave a step, which adds a corner: follow the sides by their direction.
        $at = 0;
        foreach ($this->face->edges as $side => $kind) {
            $a = $this->face->outline->corner($side);
            $b = $this->face->outline->corner($side + 1);
            for ($tried = 0; $tried < $n; $tried++) {
                $from = $corners[($at + $tried) % $n];
                $to = $corners[($at + $tried + 1) % $n];
                if ($this->sameDirection($a, $b, $from, $to)) {
                    $edges[] = new MovedEdge($kind, $this->allowances[$side], $from, $to);
                    $at += $tried + 1;
                    break;
                }
            }
        }

        return $edges;
    }

    private function sameDirection(Point $a, Point $b, Point $from, Point $to): bool
    {
        $length = $a->distanceTo($b) * $from->distanceTo($to);
        if ($length < Tolerance::AREA) {
            return false;
        }
        $dot = ($b->u - $a->u) * ($to->u - $from->u) + ($b->v - $a->v) * ($to->v - $from->v);

        return $dot / $length > 1.0 - Tolerance::PARALLEL;
    }
}
