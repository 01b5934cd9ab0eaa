<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutCardMaker;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\MarkRun;
use Imbrex\Core\Cutting\Panel;
use Imbrex\Core\Ground\Metalwork\Mark;
use Imbrex\Core\Ground\Units\Rounding;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\Face;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Print\PanelRange;
use Imbrex\Stations\Print\PrintFoot;
use Imbrex\Stations\Print\Sheet;
use Imbrex\Stations\Wire;
use Imbrex\Stations\Words\Words;

/** Mark-out cards, back view, two to a page, to be read from two metres; pieces marked out alike share one, whichever face they lie on. */
final readonly class CardSheets
{
    /** Stands for the other piece of a sheet while cards are held against each other. */
    private const ANOTHER = "\u{FFFC}";

    public function __construct(private Words $words, private CardNotes $notes, private PrintFoot $foot)
    {
    }

    public function pdf(Edition $edition): string
    {
        $sheet = Sheet::of($edition->plan());
        $page = new CardPage($sheet, $this->words, Wire::tape($edition->plan())->inInches());
        $alike = $this->alike($edition->plan());
        $pages = max(1, (int) ceil(count($alike) / 2));
        for ($number = 1; $number <= $pages; $number++) {
            $sheet->page();
            foreach (array_slice($alike, 2 * $number - 2, 2) as $i => $pieces) {
                $page->draw($this->cardOf($edition->plan(), $pieces, $edition->tips), $i === 1);
            }
            $this->foot->onPage($sheet, $edition, $number, $pages);
            $number % 25 === 0 && $edition->tell($number, $pages);
        }

        return $sheet->pdf();
    }

    /** @return list<PrintedCard> in the order their first pieces lie */
    public function cards(Plan $plan): array
    {
        return array_map(fn (array $pieces): PrintedCard => $this->cardOf($plan, $pieces), $this->alike($plan));
    }

    /**
     * Pieces by the cards they share. Thousands of cards would fill the memory, so each is made again when it is drawn.
     *
     * @return list<non-empty-list<array{Face, Panel}>>
     */
    private function alike(Plan $plan): array
    {
        $alike = [];
        foreach ($plan->of(RoofStage::class)->roof->faces as $face) {
            foreach ($plan->of(CuttingStage::class)->panelsOf($face->id) as $panel) {
                $alike[$this->card($plan, $face, $panel)->looks()][] = [$face, $panel];
            }
        }

        return array_values($alike);
    }

    /**
     * @param  non-empty-list<array{Face, Panel}>  $pieces
     * @param  list<array{place: string, text: string}>  $tips  of the crew
     */
    private function cardOf(Plan $plan, array $pieces, array $tips = []): PrintedCard
    {
        $cutting = $plan->of(CuttingStage::class);
        $card = $this->card($plan, ...$pieces[0]);
        $partners = [];
        foreach ($pieces as [, $panel]) {
            $pair = $cutting->pairing->of($panel->id);
            if ($pair !== null) {
                $partners[] = $cutting->name($pair->partner($panel->id));
            }
        }

        return $this->named($card->shared(
            array_map(static fn (array $piece): string => $cutting->name($piece[1]->id), $pieces),
            array_values(array_unique(array_map(static fn (array $piece): string => $piece[0]->name, $pieces))),
            $partners,
        ))->with($this->said($plan, $pieces[0], $tips));
    }

    /**
     * @param  array{Face, Panel}  $piece
     * @param  list<array{place: string, text: string}>  $tips
     * @return list<string> those that act on the piece, in the crew's own words
     */
    private function said(Plan $plan, array $piece, array $tips): array
    {
        $places = $tips === [] ? [] : $this->notes->places($plan, ...$piece);

        return array_column(array_filter($tips, static fn (array $tip): bool => in_array($tip['place'], $places, true)), 'text');
    }

    private function card(Plan $plan, Face $face, Panel $panel): PrintedCard
    {
        $tape = Wire::tape($plan)->inInches();
        $card = CutCardMaker::of($plan)->card($face, $panel);
        $pair = $plan->of(CuttingStage::class)->pairing->of($panel->id);
        $cutting = $plan->of(CuttingStage::class);
        $partner = $pair === null ? null : $cutting->name($pair->partner($panel->id));
        $another = static fn (string $text): string => $partner === null ? $text : str_replace($partner, self::ANOTHER, $text);
        $sheet = $pair === null
            ? $this->words->say('card.ordered', ['length' => $tape->print($panel->orderLength, Rounding::Up)])
            : $this->words->say('card.shared', ['other' => self::ANOTHER]);
        $notes = array_filter([...array_column($this->notes->ofEnds($plan, $face, $panel), 'text'), $another($this->notes->ofSheet($plan, $panel) ?? '')]);

        return new PrintedCard(
            card: $card,
            pieces: [$cutting->name($panel->id)],
            faces: [$face->name],
            partners: $partner === null ? [] : [$partner],
            sub: $this->words->say('card.blank', ['length' => $tape->print($card->length)]).", $sheet",
            notes: array_values($notes),
            runs: array_map(fn (MarkRun $run): array => [
                'heading' => $this->words->say("mark.line.$run->heading"),
                'marks' => array_map(fn (Mark $m): array => ['name' => $this->name($m, $card->width, $tape), 'kind' => $this->words->say("mark.kind.{$m->kind->value}"), 'at' => $tape->print($m->distance)], $run->marks),
            ], MarkRun::of($card)),
            corrected: $plan->of(CuttingStage::class)->isCorrected($panel),
        );
    }

    /** The card with the other pieces of its sheets named. */
    private function named(PrintedCard $card): PrintedCard
    {
        $others = PanelRange::inWords($card->partners);
        $named = static fn (string $text): string => str_replace(self::ANOTHER, $others, $text);

        return new PrintedCard(
            card: $card->card,
            pieces: $card->pieces,
            faces: $card->faces,
            partners: $card->partners,
            sub: $named($card->sub),
            notes: array_map($named, $card->notes),
            runs: $card->runs,
            corrected: $card->corrected,
        );
    }

    private function name(Mark $mark, float $width, TapePrinter $tape): string
    {
        $name = $this->words->say("mark.$mark->name");
        $across = $mark->across($width);

        return $mark->from === null ? $name : $this->words->say("mark.from.{$mark->from->value}", ['mark' => $name, 'x' => $across === null ? '' : $tape->print($across)]);
    }
}
