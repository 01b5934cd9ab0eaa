<?php

declare(strict_types=1);

namespace Imbrex\Stations\Edges;

use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Trims\Ends\EndCard;
use Imbrex\Core\Trims\Ends\EndMark;
use Imbrex\Stations\Words\Words;

/** Says of the end of a trim what it is, how it is made and where its marks stand. */
final readonly class EndWords
{
    public function __construct(private EdgeNames $names, private LayerWords $layers, private Words $words)
    {
    }

    /** What end of what trim. */
    public function title(EndCard $card): string
    {
        return $this->words->say('ends.title', ['trim' => $this->layers->name($card->run->layer), 'end' => $this->end($card)]);
    }

    public function end(EndCard $card): string
    {
        return $this->words->say("trim-end.{$card->cut->kind->value}");
    }

    /** Which end, as one looks at the colour with the low edge down. */
    public function side(EndCard $card): string
    {
        return $this->words->say('ends.side', ['side' => $card->cut->isLeft ? 'left' : 'right']);
    }

    /**
     * Told apart from the other ends of its trim.
     *
     * @param  bool  $hasTwin  whether its other end is made so, too
     */
    public function short(EndCard $card, bool $hasTwin): string
    {
        $said = $this->words->say('ends.short', ['alike' => $hasTwin ? 'yes' : 'no', 'side' => $card->cut->isLeft ? 'left' : 'right', 'end' => $this->end($card)]);

        return mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
    }

    public function how(EndCard $card): string
    {
        return $this->words->say("trim-how.{$card->cut->kind->value}");
    }

    /** At what angles it is cut; nothing where all is square. */
    public function angles(EndCard $card): string
    {
        $degrees = $this->words->list(array_map(fn (float $one): string => $this->words->say('ends.angle', ['square' => $this->degrees($one), 'line' => $this->degrees(90.0 - $one)]), $card->cut->degrees()));

        return $degrees === '' ? '' : $this->words->say('ends.angles', ['angles' => $degrees]);
    }

    /** @return list<string> the edges it is cut so at, each with the numbers of its pieces */
    public function where(EndCard $card, Plan $plan): array
    {
        $names = $this->names->of($plan->of(RoofStage::class)->roof);
        $pieces = [];
        foreach ($card->ends as ['run' => $run, 'piece' => $piece]) {
            $pieces[$names[$run->edge->id]][] = (int) substr((string) strrchr($piece->id, '.'), 1);
        }

        return array_map(fn (string $edge, array $numbers): string => $this->words->say('ends.where', ['edge' => $edge, 'count' => count($numbers), 'pieces' => $this->words->list($numbers)]), array_keys($pieces), array_values($pieces));
    }

    /** @return array{string, string} what lies along the edges of its flat, the low one first */
    public function edges(EndCard $card): array
    {
        $hem = fn (bool $isLow): string => $this->words->say('ends.edge', ['side' => $isLow ? 'low' : 'high', 'two' => $card->run->isTwoSided() ? 'yes' : 'no', 'hem' => ($isLow ? $card->run->shape->low : $card->run->shape->high) === null ? 'no' : 'yes']);

        return [$hem(true), $hem(false)];
    }

    public function kind(EndMark $mark): string
    {
        return $this->words->say("mark.kind.{$mark->kind->value}");
    }

    /** Where a mark stands across the flat. */
    public function across(EndMark $mark, TapePrinter $tape): string
    {
        return $this->words->say('ends.across', ['at' => $tape->print($mark->across)]);
    }

    private function degrees(float $degrees): string
    {
        return $this->words->number($degrees, 1).'°';
    }
}
