<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings\Internal;

use Imbrex\Core\Ground\Catalogue\Covering;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\Opening;
use Imbrex\Core\Roof\OpeningKind;

/** An opening as its flashing sees it: how wide and long, how its walls stand on the deck, how far panels keep from it; inches. */
final readonly class Surround
{
    private function __construct(public Opening $opening, public Face $face, public Covering $covering, public float $width, public float $height, public float $below, public float $above, public float $beside)
    {
    }

    public static function of(Opening $opening, Face $face, Covering $covering): self
    {
        $bounds = $opening->outline->bounds();
        $clear = static fn (int $side): float => $opening->clearance($side, $covering->profile->family, $covering->rules);
        [$below, $above, $beside] = [0.0, 0.0, 0.0];
        // A pipe goes through the flat of a pan, and no panel keeps clear of it.
        foreach ($opening->kind->partsPanels() ? $opening->outline->corners : [] as $side => $from) {
            $to = $opening->outline->corner($side + 1);
            if (abs($to->v - $from->v) > abs($to->u - $from->u)) {
                $beside = max($beside, $clear($side));
            } elseif ($to->u > $from->u) {
                $below = max($below, $clear($side));
            } else {
                $above = max($above, $clear($side));
            }
        }

        return new self(
            opening: $opening,
            face: $face,
            covering: $covering,
            width: $bounds->width(),
            height: $bounds->height(),
            below: $below,
            above: $above,
            beside: $beside,
        );
    }

    public function rule(string $key): float
    {
        return $this->covering->rules->number("flash.$key");
    }

    /** Masonry stands plumb; a curb stands square to its deck. */
    public function isPlumb(): bool
    {
        return $this->opening->kind === OpeningKind::Chimney;
    }

    /** Degrees its walls lean up-slope from square to the deck. */
    public function lean(): float
    {
        return $this->isPlumb() ? $this->face->pitch->degrees() : 0.0;
    }

    /** How far up-slope a wall has come for each inch square to the deck. */
    public function leanOver(): float
    {
        return tan(deg2rad($this->lean()));
    }

    /** Up its walls, one long. */
    public function up(): Vector
    {
        return new Vector(0.0, sin(deg2rad($this->lean())), cos(deg2rad($this->lean())));
    }

    /** Square to its walls' upright corners, up-slope. */
    public function back(): Vector
    {
        return new Vector(0.0, cos(deg2rad($this->lean())), -sin(deg2rad($this->lean())));
    }

    public function isScrewed(): bool
    {
        return ! $this->covering->profile->family->isConcealed();
    }
}
