<?php

declare(strict_types=1);

namespace Imbrex\Stations\Movement;

use Imbrex\Core\HoldDown\FixedAt;
use Imbrex\Core\Movement\HemClosing;
use Imbrex\Core\Movement\HemWindow;
use Imbrex\Core\Movement\MetalRange;
use Imbrex\Core\Movement\MetalToday;
use Imbrex\Core\Movement\MovementInput;
use Imbrex\Core\Movement\MovementStage;
use Imbrex\Core\Movement\PanelMovement;
use Imbrex\Core\Movement\TrimMovement;
use Imbrex\Core\Plan;
use Imbrex\Stations\Change;
use Imbrex\Stations\Documents\Reading;
use Imbrex\Stations\Station;
use stdClass;

/**
 * How panels move: what a document says of it, what the plan tells. Its screen is that of the hold-down.
 *
 * @phpstan-type PlanMovementShape array{
 *     panels: list<string>,
 *     lengthFromFixedPoint: float,
 *     total: float,
 *     windows: list<PlanWindowShape>,
 *     atHead: float,
 *     today: PlanTodayShape|null,
 * }
 * @phpstan-type PlanWindowShape array{metalF: float, least: float, most: float}
 * @phpstan-type PlanTodayShape array{
 *     metalF: float,
 *     least: float,
 *     most: float,
 *     // A sixteenth in the window; null where none is.
 *     set: float|null,
 * }
 * @phpstan-type PlanTrimMovementShape array{run: string, metal: string, total: float, joints: int, joint: float, gapToday: float|null}
 * @phpstan-type PlanHemShape array{
 *     face: string,
 *     edge: string,
 *     // Before the panel goes up, or after it lies.
 *     closed: 'before'|'after',
 *     panels: list<string>,
 * }
 * @phpstan-type WholeMovementShape array{
 *     movement: list<PlanMovementShape>,
 *     trimMovement: list<PlanTrimMovementShape>,
 *     hems: list<PlanHemShape>,
 * }
 */
final class MovementStation extends Station
{
    public function key(): string
    {
        return 'movement';
    }

    public function stage(): string
    {
        return 'movement';
    }

    public function read(Reading $reading): MovementInput
    {
        $said = $reading->document->temperatures ?? new stdClass;
        $number = static fn (string $field): ?float => isset($said->{$field}) ? (float) $said->{$field} : null;
        $input = new MovementInput($number('coldF'), $number('hotAirF'), $number('gainF'));
        $range = MetalRange::of($reading->covering, $input);
        if ($range->span() <= 0.0) {
            $reading->fault('temperatures.coldF', 'temperatures', $range->coldF, ['hot' => $range->hotF]);
        }

        return $input;
    }

    public function circumstance(stdClass $said): ?MetalToday
    {
        return isset($said->metalF) ? new MetalToday((float) $said->metalF) : null;
    }

    public function changes(stdClass $before, stdClass $after): array
    {
        return ($before->temperatures ?? null) == ($after->temperatures ?? null) ? [] : [new Change('temperatures', [])];
    }

    public function families(): array
    {
        return [
            'hem.fixed.' => array_column(FixedAt::cases(), 'value'),
        ];
    }

    /** @return WholeMovementShape */
    public function whole(Plan $plan): array
    {
        $result = $plan->of(MovementStage::class);
        $window = static fn (HemWindow $window): array => ['metalF' => $window->metalF, 'least' => $window->least, 'most' => $window->most];

        return [
            'movement' => array_map(static fn (PanelMovement $one): array => [
                'panels' => $one->panels, 'lengthFromFixedPoint' => $one->moving, 'total' => $one->total, 'atHead' => $one->atHead, 'windows' => array_map($window, $one->windows),
                'today' => $one->today === null ? null : [...$window($one->today), 'set' => $one->today->setting()],
            ], $result->movements),
            'trimMovement' => array_map(static fn (TrimMovement $one): array => ['run' => $one->run, 'metal' => $one->metal, 'total' => $one->total, 'joints' => $one->joints, 'joint' => $one->joint, 'gapToday' => $one->gapToday], $result->trims),
            'hems' => array_map(static fn (HemClosing $one): array => ['face' => $one->face, 'edge' => $one->edge->value, 'closed' => $one->isAfter ? 'after' : 'before', 'panels' => $one->panels], $result->closings),
        ];
    }
}
