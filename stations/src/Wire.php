<?php

declare(strict_types=1);

namespace Imbrex\Stations;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Findings\Severity;
use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Polygon;
use Imbrex\Core\Ground\Units\Division;
use Imbrex\Core\Ground\Units\TapePrinter;
use Imbrex\Core\Plan;
use Imbrex\Core\Stages;
use Imbrex\Stations\Words\Words;
use stdClass;

/**
 * What every station's wire shapes share: findings in words, outlines, the tape a job is printed with.
 *
 * @phpstan-type PlanPointShape array{float, float}
 *
 * Corners [u, v] in inches, counter-clockwise.
 * @phpstan-type PlanOutlineShape list<PlanPointShape>
 * @phpstan-type PlanFindingShape array{
 *     code: string,
 *     severity: 'block'|'settle'|'note',
 *     where: string,
 *     parameters: array<string, string|float>|stdClass,
 *     message: string,
 * }
 * @phpstan-type EdgeKindShape 'eave'|'rake'|'ridge'|'peak'|'hip'|'valley'|'headwall'|'sidewall'|'transition'|'cross-end'|'end-lap'|'opening'
 * @phpstan-type ReadingSourceShape 'tape'|'laser'|'count'|'report'|'wheel'|'drawing'
 *
 * How far a station is.
 * @phpstan-type StateShape 'done'|'to-settle'|'blocked'|'not-begun'
 */
final readonly class Wire
{
    public function __construct(private Words $words)
    {
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<PlanFindingShape>
     */
    public function findings(Plan $plan, array $findings): array
    {
        $tape = self::tape($plan);

        return array_map(fn (Finding $finding): array => [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'where' => $finding->where,
            'parameters' => (object) $this->words->parameters($finding, $tape),
            'message' => $this->words->finding($finding, $tape),
        ], $findings);
    }

    /**
     * What every tile begins with: how far the station is, and how much of it is open.
     *
     * @param  key-of<Stages::IN_ORDER>  $stage
     * @param  list<Finding>  $more  what else stands against it
     * @return array{state: StateShape, open: int}
     */
    public static function state(Plan $plan, string $stage, bool $begun, array $more = []): array
    {
        $open = count(array_filter([...$plan->findingsOf($stage), ...$more], static fn (Finding $f): bool => $f->severity !== Severity::Note));

        return ['state' => $begun ? ($open > 0 ? 'to-settle' : 'done') : 'not-begun', 'open' => $open];
    }

    public static function tape(Plan $plan): TapePrinter
    {
        return new TapePrinter(Division::from($plan->job->rules->choice('tape.division')), units: $plan->job->units);
    }

    /** @return PlanPointShape */
    public static function point(Point $point): array
    {
        return [$point->u, $point->v];
    }

    /** @return PlanOutlineShape */
    public static function outline(Polygon $polygon): array
    {
        return self::line($polygon->corners);
    }

    /**
     * @param  list<Point>  $points
     * @return list<array{float, float}>
     */
    public static function line(array $points): array
    {
        return array_map(static fn (Point $p): array => [$p->u, $p->v], $points);
    }
}
