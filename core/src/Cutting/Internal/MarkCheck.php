<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting\Internal;

use Imbrex\Core\Cutting\CutCard;
use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Ground\Metalwork\TwoLengths;
use Imbrex\Core\Roof\Face;

/** Holds two marked lengths against a piece's card, and names the mistake where it has a name. */
final readonly class MarkCheck
{
    public function __construct(private CutCardMaker $cards)
    {
    }

    /** Null for a piece that is not made from two lengths. */
    public function right(Face $face, Panel $panel): ?TwoLengths
    {
        return $this->cards->card($face, $panel)->lengths;
    }

    /**
     * What each mistake would give; only those that give something else than the right lengths.
     *
     * @return list<array{Mistake, TwoLengths}>
     */
    public function wrong(Face $face, Panel $panel): array
    {
        $card = $this->cards->card($face, $panel);
        $right = $card->lengths;
        if ($right === null) {
            return [];
        }
        $long = $right->long();
        $step = $long - $right->short();
        $byCover = $step * $panel->metal->bounds()->width() / max(Tolerance::LENGTH, $right->between);
        $leftIsLong = $right->left >= $right->right;
        $wrong = [
            [Mistake::Mirrored, $right->mirrored()],
            [Mistake::WrongEnd, new TwoLengths($card->length - $right->left, $card->length - $right->right)],
            [Mistake::NoHem, $right->less($this->hem($card))],
            // One length is right, the other steps off it by the cover instead of the metal's own width.
            [Mistake::CoverForWidth, $leftIsLong ? new TwoLengths($long, $long - $byCover) : new TwoLengths($long - $byCover, $long)],
            [Mistake::CoverForWidth, $leftIsLong ? new TwoLengths($long - $step + $byCover, $long - $step) : new TwoLengths($long - $step, $long - $step + $byCover)],
        ];

        return array_values(array_filter($wrong, static fn (array $mistake): bool => ! $mistake[1]->isNear($right, Tolerance::SAME_CUT)));
    }

    /**
     * The mistake that explains an answer; null where it is right, or wrong in no way that has a name.
     *
     * @param  float  $within  inches a mark may be off
     */
    public function mistake(Face $face, Panel $panel, TwoLengths $marked, float $within): ?Mistake
    {
        if ($this->right($face, $panel)?->isNear($marked, $within) ?? true) {
            return null;
        }
        foreach ($this->wrong($face, $panel) as [$mistake, $lengths]) {
            if ($lengths->isNear($marked, $within)) {
                return $mistake;
            }
        }

        return null;
    }

    /** What is folded at the end the lengths run over: the valley's own hem from T, the eave's from B. */
    private function hem(CutCard $card): float
    {
        if ($card->fromHead) {
            $cut = $this->mark($card, 'valley', MarkLine::Left);
            $bend = $this->mark($card, 'valley-hem', MarkLine::Left);

            return $cut === null || $bend === null ? 0.0 : $cut - $bend;
        }

        return $this->mark($card, 'hem', MarkLine::Left) ?? $this->mark($card, 'hem', MarkLine::Right) ?? 0.0;
    }

    private function mark(CutCard $card, string $name, MarkLine $line): ?float
    {
        foreach ($card->marks as $mark) {
            if ($mark->name === $name && $mark->line === $line) {
                return $mark->distance;
            }
        }

        return null;
    }
}
