<?php

declare(strict_types=1);

namespace Imbrex\Stations\Openings;

use Imbrex\Core\Ground\Metalwork\SealKind;
use Imbrex\Core\Openings\FlashedOpening;
use Imbrex\Core\Openings\OpeningPiece;
use Imbrex\Core\Openings\OpeningsInput;
use Imbrex\Core\Openings\OpeningsStage;
use Imbrex\Core\Openings\PieceMark;
use Imbrex\Core\Openings\PieceRole;
use Imbrex\Core\Openings\WorkOrder;
use Imbrex\Core\Plan;
use Imbrex\Core\Roof\RoofStage;
use Imbrex\Core\Roof\UphillSchool;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Edition;
use Imbrex\Stations\Station;
use Imbrex\Stations\StationFile;
use Imbrex\Stations\Wire;

/**
 * @phpstan-import-type PlanPointShape from Wire
 * @phpstan-import-type StateShape from Wire
 *
 * One opening as it is flashed.
 *
 * @phpstan-type PlanFlashedShape array{
 *     id: string,
 *     face: string,
 *     kind: 'pipe'|'chimney'|'skylight'|'curb'|'vent',
 *     uphill: 'apron'|'cricket'|'cross-panels',
 *     pieces: list<PlanPieceShape>,
 *     sheds: bool,
 * }
 * @phpstan-type PlanPieceShape array{
 *     id: string,
 *     role: string,
 *     // Outline on the flat, colour up; none where it is cut elsewhere or comes ready made.
 *     flat: list<PlanPointShape>,
 *     marks: list<array{kind: 'cut'|'bend'|'notch', along: float, across: float}>,
 *     // What it lies over.
 *     over: list<string>,
 *     // Panels or runs of trim it is made of.
 *     of: list<string>,
 * }
 * @phpstan-type OpeningsTileShape array{state: StateShape, open: int, openings: int}
 * @phpstan-type WholeOpeningsShape array{openings: list<PlanFlashedShape>}
 */
final class OpeningsStation extends Station
{
    public function __construct(private readonly OpeningsSlice $slice, private readonly OpeningsSheet $sheet)
    {
    }

    public function key(): string
    {
        return 'openings';
    }

    public function stage(): string
    {
        return 'openings';
    }

    public function read(Reading $reading): OpeningsInput
    {
        $orders = $pieces = $spacings = [];
        foreach ($reading->document->openings ?? [] as $i => $opening) {
            $id = (string) $opening->id;
            if (isset($opening->order)) {
                $orders[$id] = WorkOrder::from((string) $opening->order);
            }
            foreach ($opening->pieces ?? [] as $number => $role) {
                $known = PieceRole::tryFrom((string) $role);
                if ($known === null) {
                    $reading->fault("openings[$i].pieces[$number]", 'one-of', $role, ['values' => implode(', ', array_column(PieceRole::cases(), 'value'))]);
                } else {
                    $pieces[$id][] = $known;
                }
            }
            foreach ((array) ($opening->spacings ?? []) as $role => $inches) {
                if (PieceRole::tryFrom((string) $role) === null) {
                    $reading->fault("openings[$i].spacings.$role", 'one-of', $role, ['values' => implode(', ', array_column(PieceRole::cases(), 'value'))]);
                } else {
                    $spacings[$id][(string) $role] = (float) $inches;
                }
            }
        }

        return new OpeningsInput($orders, $pieces, $spacings);
    }

    public function families(): array
    {
        return [
            'piece.' => array_column(PieceRole::cases(), 'value'),
            'piece.how.' => [...array_column(PieceRole::cases(), 'value'), 'boot-slit'],
            'piece.sealed.' => array_values(array_diff(array_column(SealKind::cases(), 'value'), ['silicone'])),
            'piece.order.' => array_column(WorkOrder::cases(), 'value'),
            'piece.order-why.' => array_column(WorkOrder::cases(), 'value'),
            'uphill.' => array_column(UphillSchool::cases(), 'value'),
            'uphill.why.' => array_column(UphillSchool::cases(), 'value'),
            'uphill.reason.' => ['width', 'water', 'snow', 'pitch', 'none'],
            'openings.' => ['from-left-rake', 'from-right-rake', 'from-seam', 'square-left', 'square-right'],
            'openings.view.' => ['above', 'round', 'section', 'flat', 'place'],
        ];
    }

    /** @return OpeningsTileShape */
    public function tile(Plan $plan): array
    {
        $openings = $plan->of(OpeningsStage::class)->openings;

        return [...Wire::state($plan, $this->stage(), $plan->of(RoofStage::class)->roof->faces !== []), 'openings' => count($openings)];
    }

    public function slices(): array
    {
        return ['openings' => $this->slice->of(...)];
    }

    /** Each way uphill is compared by a plan of its own. */
    public function dearSlices(): array
    {
        return ['openings'];
    }

    public function has(Plan $plan, string $pick): bool
    {
        return isset($plan->of(OpeningsStage::class)->openings[$pick]);
    }

    public function files(): array
    {
        return [new StationFile('openings.pdf', 'application/pdf', $this->sheet->pdf(...), static fn (Edition $edition): bool => $edition->plan()->of(OpeningsStage::class)->openings !== [])];
    }

    /** @return WholeOpeningsShape */
    public function whole(Plan $plan): array
    {
        return ['openings' => array_values(array_map(fn (FlashedOpening $flashed): array => [
            'id' => $flashed->id(),
            'face' => $flashed->round->face->id,
            'kind' => $flashed->round->opening->kind->value,
            'uphill' => $flashed->uphill->value,
            'pieces' => array_map(fn (OpeningPiece $piece): array => $this->piece($flashed, $piece), $flashed->pieces),
            'sheds' => $flashed->sheds(),
        ], $plan->of(OpeningsStage::class)->openings))];
    }

    /** @return PlanPieceShape */
    private function piece(FlashedOpening $flashed, OpeningPiece $piece): array
    {
        return [
            'id' => "{$flashed->id()}.{$piece->role->value}",
            'role' => $piece->role->value,
            'flat' => Wire::line($piece->flat),
            'marks' => array_map(static fn (PieceMark $mark): array => ['kind' => $mark->kind->value, 'along' => $mark->along, 'across' => $mark->across], $piece->marks()),
            'over' => $flashed->laps[$piece->role->value] ?? [],
            'of' => $piece->of,
        ];
    }
}
