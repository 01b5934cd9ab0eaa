<?php

declare(strict_types=1);

namespace Imbrex\Stations\Cutting;

use Imbrex\Core\Cutting\CutKind;
use Imbrex\Core\Cutting\CuttingInput;
use Imbrex\Core\Cutting\CuttingStage;
use Imbrex\Core\Cutting\EaveEnd;
use Imbrex\Core\Cutting\Fit\Taped;
use Imbrex\Core\Cutting\HowToTake;
use Imbrex\Core\Cutting\Leg;
use Imbrex\Core\Facts\Fact;
use Imbrex\Core\Facts\FactKind;
use Imbrex\Core\Facts\FactLog;
use Imbrex\Core\Ground\Metalwork\AcrossFrom;
use Imbrex\Core\Ground\Metalwork\MarkKind;
use Imbrex\Core\Ground\Metalwork\MarkLine;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\RoofLog\PanelsCut;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;
use stdClass;

/**
 * The bench: what is cut of which sheet, with the marks for it.
 *
 * @phpstan-import-type PlanChalkShape from ChalkWriter
 * @phpstan-import-type PlanLineShape from LinesWriter
 * @phpstan-import-type PlanPairingShape from PairingWriter
 * @phpstan-import-type PlanPanelShape from PanelWriter
 * @phpstan-import-type StateShape from Wire
 *
 * @phpstan-type CutsTileShape array{state: StateShape, open: int, pieces: int}
 * @phpstan-type WholeCuttingShape array{
 *     chalk: list<PlanChalkShape>,
 *     pairing: PlanPairingShape,
 *     panels: list<PlanPanelShape>,
 *     // Edges something was taped at.
 *     lines: list<PlanLineShape>,
 * }
 */
final class CuttingStation extends Station
{
    public function __construct(
        private readonly CuttingSlice $slice,
        private readonly CuttingChanges $changes,
        private readonly ChalkWriter $chalk,
        private readonly LinesWriter $lines,
        private readonly PairingWriter $pairing,
        private readonly PanelWriter $panels,
        private readonly PiecesCsv $pieces,
        private readonly CardSheets $cards,
        private readonly BlanksDxf $drawing,
        private readonly BlanksSvg $picture,
        private readonly NotchTemplate $notch,
    ) {
    }

    public function key(): string
    {
        return 'cuts';
    }

    public function stage(): string
    {
        return 'cutting';
    }

    public function read(Reading $reading): CuttingInput
    {
        return (new CuttingReader($reading))->input();
    }

    public function happened(FactLog $log): Taped
    {
        return MarkReader::of($log);
    }

    public function doubts(Fact $fact, string $field): array
    {
        return $fact->kind === FactKind::Taped ? MarkReader::faults($fact, $field) : [];
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return $this->changes->between($before, $after);
    }

    public function families(): array
    {
        $lines = array_column(MarkLine::cases(), 'value');

        return [
            'mark.from.' => array_column(AcrossFrom::cases(), 'value'),
            'mark.line.' => [...$lines, ...array_map(static fn (string $line): string => "$line-from-top", array_filter($lines, static fn (string $line): bool => ! str_starts_with($line, 'across'))), 'both-edges', 'both-edges-from-top', 'across-from-left', 'across-from-right'],
            'cuts.how.' => array_column(HowToTake::cases(), 'value'),
            'cuts.kind.' => array_column(CutKind::cases(), 'value'),
            'cuts.leg.' => array_column(Leg::cases(), 'value'),
            'mark.kind.' => array_column(MarkKind::cases(), 'value'),
            'fit.' => ['long', 'short', 'uphill', 'downhill'],
            'fit.hook.' => ['T', 'B'],
            'notch.school.' => array_column(EaveEnd::cases(), 'value'),
            'cuts.eave-end.' => array_values(array_diff(array_column(EaveEnd::cases(), 'value'), ['tab'])),
            'fit.hems.' => ['folded', 'flat'],
            'fit.tape.' => ['long', 'short'],
        ];
    }

    /** @return CutsTileShape */
    public function tile(Plan $plan): array
    {
        return [...Wire::state($plan, $this->stage(), $plan->of(RoofStage::class)->roof->faces !== [], PanelsCut::findings($plan)), 'pieces' => count($plan->of(CuttingStage::class)->panels)];
    }

    public function slices(): array
    {
        return ['cuts' => fn (Plan $plan, ?string $pick): array => $this->slice->list($plan), 'piece' => $this->slice->piece(...)];
    }

    public function slicesOfTheLog(): array
    {
        return ['cuts', 'piece'];
    }

    public function has(Plan $plan, string $pick): bool
    {
        return $plan->of(CuttingStage::class)->panel($pick) !== null;
    }

    /** @return WholeCuttingShape */
    public function whole(Plan $plan): array
    {
        return [
            'chalk' => $this->chalk->chalk($plan, $plan->of(RoofStage::class)->roof->faces),
            'lines' => $this->lines->lines($plan),
            'pairing' => $this->pairing->pairing($plan),
            'panels' => $this->panels->panels($plan),
        ];
    }

    public function files(): array
    {
        return [
            new StationFile('pieces.csv', 'text/csv; charset=UTF-8', fn (Edition $edition): string => $this->pieces->write($edition->plan()), isDear: true, ofTheLog: true),
            new StationFile('cut-cards.pdf', 'application/pdf', $this->cards->pdf(...), isDear: true),
            new StationFile('blanks.dxf', 'image/vnd.dxf', fn (Edition $edition): string => $this->drawing->write($edition->plan(), $edition->pick), isDear: true),
            new StationFile('blanks.svg', 'image/svg+xml', fn (Edition $edition): string => $this->picture->write($edition->plan(), $edition->pick), isDear: true),
            new StationFile('notch-template.pdf', 'application/pdf', $this->notch->pdf(...), fn (Edition $edition): bool => $this->notch->isNotched($edition->plan())),
        ];
    }
}
