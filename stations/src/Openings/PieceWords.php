<?php

declare(strict_types=1);

namespace Imbrex\Stations\Openings;

use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\PieceMark;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Roof\OpeningKind;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Stations\Words\Words;

/** Says of the pieces of an opening what they are, how they go on and how they are held. */
final readonly class PieceWords
{
    public function __construct(private Words $words)
    {
    }

    public function name(PieceRole $role): string
    {
        return $this->words->say("piece.$role->value");
    }

    /** How it goes on. */
    public function how(FlashedOpening $flashed, OpeningPiece $piece): string
    {
        if ($piece->role === PieceRole::Boot && $flashed->isSlit) {
            return $this->words->say('piece.how.boot-slit');
        }

        return $this->words->say("piece.how.{$piece->role->value}");
    }

    /** What holds and seals it; nothing where nothing does. */
    public function held(OpeningPiece $piece, TapePrinter $tape): string
    {
        $said = [];
        if ($piece->fastener !== null && $piece->fasteners() > 0) {
            $said[] = $this->words->say('piece.held', ['kind' => $piece->fastener->kind->value, 'spacing' => $tape->print($piece->fastener->spacing), 'count' => $piece->fasteners()]);
        }
        if ($piece->seal !== null) {
            $said[] = $this->words->say("piece.sealed.{$piece->seal->value}");
        }

        return $this->words->beside($said);
    }

    /** What it is cut from, or where that is told. */
    public function size(OpeningPiece $piece, TapePrinter $tape): string
    {
        [$along, $across] = $piece->sheet();

        return match (true) {
            $piece->flat !== [] => $this->words->say('piece.size', ['along' => $tape->print($along), 'across' => $tape->print($across)]),
            $piece->of !== [] => $this->words->say('piece.of', ['count' => count($piece->of)]),
            $piece->role === PieceRole::FillBoards => $this->words->say('piece.boards', ['area' => $this->words->measures($tape->units)->area($piece->count)]),
            default => '',
        };
    }

    public function mark(PieceMark $mark, TapePrinter $tape): string
    {
        return $this->words->say('piece.mark', ['kind' => $mark->kind->value, 'across' => $tape->print($mark->across)]);
    }

    public function order(WorkOrder $order): string
    {
        return $this->words->say("piece.order.$order->value");
    }

    public function uphill(UphillSchool $school): string
    {
        return $this->words->say("uphill.$school->value");
    }

    /** @return list<string> what to look after at such an opening */
    public function notes(FlashedOpening $flashed, TapePrinter $tape): array
    {
        $kind = $flashed->round->opening->kind;
        $notes = [];
        if ($flashed->boot !== null) {
            $notes[] = $this->words->say('openings.boot', ['from' => $tape->print($flashed->boot->from), 'to' => $tape->print($flashed->boot->to), 'base' => $tape->print($flashed->boot->base)]);
        }
        if ($kind === OpeningKind::Skylight) {
            $notes[] = $this->words->say('openings.eased');
        }
        if ($kind->partsPanels() && ! $flashed->round->opening->isSquare()) {
            $notes[] = $this->words->say('openings.not-square');
        }
        if ($kind->partsPanels()) {
            $notes[] = $this->words->say('openings.low-corner');
        }
        if ($kind->partsPanels() && $flashed->round->isScrewed()) {
            $notes[] = $this->words->say('openings.closures');
        }
        if ($flashed->round->isPlumb()) {
            $notes[] = $this->words->say('openings.kerf', ['deep' => $tape->print($flashed->round->rule('kerf'))]);
        }

        return $notes;
    }
}
