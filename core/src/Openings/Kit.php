<?php

declare(strict_types=1);

namespace Imbrex\Core\Openings;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Geometry\Vector;
use Imbrex\Core\Openings\Internal\CounterPieces;
use Imbrex\Core\Openings\Internal\CurbPieces;
use Imbrex\Core\Openings\Internal\FlashingSizes;
use Imbrex\Core\Openings\Internal\Surround;
use Imbrex\Core\Openings\Internal\UphillPieces;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;

/** Puts the pieces of an opening in the order they go on, by school, and tells where each of them lies. */
final readonly class Kit
{
    /** Panels are followed so far (in) round an opening. */
    private const ROUND = 100.0;

    /** No wider (in) than a hem may be. */
    private const HEM = 1.0;

    private CurbPieces $curb;

    private CounterPieces $counter;

    public function __construct(private Surround $round, private WorkOrder $order, private UphillSchool $uphill)
    {
        $sizes = FlashingSizes::of($round, $order);
        $this->curb = new CurbPieces($round, $sizes, $order);
        $this->counter = new CounterPieces($round, $sizes, $uphill);
    }

    /** @return list<OpeningPiece> */
    public function pieces(UphillPieces $behind): array
    {
        $back = $behind->of($this->round, $this->curb);
        $back = array_map($this->made(...), $back);
        $sides = array_map($this->made(...), [$this->curb->side(true), $this->curb->side(false)]);
        if ($this->order === WorkOrder::BackFirst) {
            $sides = array_map(fn (OpeningPiece $side): OpeningPiece => $side->slidUnder($this->over($side->role)), $sides);
        }
        $front = [$this->made($this->curb->front())];
        $counter = $this->round->isPlumb() ? $this->counter->all() : [];
        $panel = static fn (PieceRole $role): OpeningPiece => new OpeningPiece($role);

        return [
            $panel(PieceRole::PanelBelow), $panel(PieceRole::PanelsBeside),
            ...match ($this->order) {
                WorkOrder::FrontFirst => [...$front, ...$sides, ...$back],
                WorkOrder::SidesFirst => [...$sides, ...$back, ...$front],
                WorkOrder::BackFirst => [...$back, ...$front, ...$sides],
            },
            ...$this->uphill === UphillSchool::Cross ? [] : [$panel(PieceRole::PanelAbove)],
            ...$counter,
        ];
    }

    /** What lies over a side's head. */
    private function over(PieceRole $side): PieceRole
    {
        return match ($this->uphill) {
            UphillSchool::Apron => PieceRole::Back,
            UphillSchool::Cricket => $side === PieceRole::SideLeft ? PieceRole::SaddleLeft : PieceRole::SaddleRight,
            UphillSchool::Cross => PieceRole::CrossPanels,
        };
    }

    /** A skylight's flashing comes with it; where the seams are higher than its apron forms over, that is made from panel metal. */
    private function made(OpeningPiece $piece): OpeningPiece
    {
        $opening = $this->round->opening;
        $isHigh = ! $this->round->isScrewed() && $this->round->covering->profile->height > $this->round->covering->rules->number('opening.readyMadeHeight') + 1e-9;

        return $opening->kind === OpeningKind::Skylight && $opening->readyMade && ! ($piece->role === PieceRole::Front && $isHigh) ? $piece->ready() : $piece;
    }

    /**
     * @param  list<OpeningPiece>  $pieces  in the order they go on
     * @return list<LyingPiece> from the lowest to the highest: what another is slid under lies over that
     */
    public function lying(array $pieces): array
    {
        foreach ($pieces as $piece) {
            $roles = array_map(static fn (OpeningPiece $one): PieceRole => $one->role, $pieces);
            $over = $piece->under === null ? false : array_search($piece->under, $roles, true);
            $own = (int) array_search($piece->role, $roles, true);
            if ($over !== false && $over < $own) {
                [$upper] = array_splice($pieces, $over, 1);
                array_splice($pieces, $own, 0, [$upper]);
            }
        }

        return array_merge(...array_map(fn (OpeningPiece $piece): array => $this->of($piece), $pieces));
    }

    /** @return list<LyingPiece> */
    private function of(OpeningPiece $piece): array
    {
        [$w, $h, $far] = [$this->round->width, $this->round->height, self::ROUND];
        [$beside, $below, $above] = [$this->round->beside, $this->round->below, $this->round->above];
        $rules = $this->round->covering->rules;
        // On a valley at 45 degrees what is square to it is so much more across the roof.
        $reveal = $rules->number('opening.cricketReveal') * M_SQRT2;
        $past = $rules->number('opening.crossBeside');
        $under = $past - $rules->number('edge.cross-end-below.concealed.offset');
        $over = $past + $rules->number('edge.cross-end-above.concealed.offset');
        $pan = $rules->number('trim.saddleFoot') / M_SQRT2;
        $edge = $reveal + UphillShape::PAST_REVEAL * M_SQRT2;

        return match ($piece->role) {
            PieceRole::PanelBelow => [$this->lies($piece, -$beside, -$far, $w + $beside, -$below)],
            PieceRole::PanelsBeside => match ($this->uphill) {
                // Beside a cricket they end under the foot of its pans, beside sideways panels under the zee.
                UphillSchool::Cricket => [$this->lies($piece, -$far, -$far, -$beside, $h), $this->lies($piece, $w + $beside, -$far, $w + $far, $h), $this->lies($piece, -$far, $h, -$reveal, $h + $far), $this->lies($piece, $w + $reveal, $h, $w + $far, $h + $far)],
                UphillSchool::Cross => [$this->lies($piece, -$far, -$far, -$beside, $h), $this->lies($piece, $w + $beside, -$far, $w + $far, $h), $this->lies($piece, -$far, $h, -$under, $h + $far), $this->lies($piece, $w + $under, $h, $w + $far, $h + $far)],
                UphillSchool::Apron => [$this->lies($piece, -$far, -$far, -$beside, $h + $far), $this->lies($piece, $w + $beside, -$far, $w + $far, $h + $far)],
            },
            PieceRole::PanelAbove => match ($this->uphill) {
                UphillSchool::Cricket => [$this->lies($piece, -$reveal, $h + $reveal, $w + $reveal, $h + $far)],
                default => [$this->lies($piece, -$beside, $h + $above, $w + $beside, $h + $far)],
            },
            PieceRole::SaddleLeft => [$this->lies($piece, -$edge, $h - $pan, 0.0, $h + $far / 2.0), $this->lies($piece, -0.01, $h, $w / 2.0, $h + $far / 2.0)],
            PieceRole::SaddleRight => [$this->lies($piece, $w, $h - $pan, $w + $edge, $h + $far / 2.0), $this->lies($piece, $w / 2.0, $h, $w + 0.01, $h + $far / 2.0)],
            PieceRole::CrossPanels => [$this->lies($piece, -$over, $h, $w + $over, $h + $far)],
            default => $piece->role->isElsewhere() ? [] : $this->flat($piece),
        };
    }

    private function lies(OpeningPiece $piece, float $left, float $bottom, float $right, float $top): LyingPiece
    {
        return new LyingPiece($piece->role, $left, $bottom, $right, $top);
    }

    /** @return list<LyingPiece> its parts that lie flat, as they stand */
    private function flat(OpeningPiece $piece): array
    {
        $lying = [];
        foreach ($piece->parts as $part) {
            $bounds = Polygon::sound(array_map(static fn (Vector $at): Point => new Point($at->x, $at->y), $part->stands()))->bounds();
            // Hems lie under what they stiffen.
            if ($part->lies() && ! $piece->role->isCounter() && min($bounds->width(), $bounds->height()) > self::HEM) {
                $lying[] = $this->lies($piece, $bounds->left, $bounds->bottom, $bounds->right, $bounds->top);
            }
        }

        return $lying;
    }

    /** The order of work that is usual. */
    public static function usual(OpeningKind $kind, UphillSchool $uphill): WorkOrder
    {
        return $kind === OpeningKind::Chimney && $uphill === UphillSchool::Cricket ? WorkOrder::BackFirst : WorkOrder::FrontFirst;
    }
}
