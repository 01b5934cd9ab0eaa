<?php

declare(strict_types=1);

namespace Imbrex\Core\Survey\Internal;

use Imbrex\Core\Effort;
use Imbrex\Core\Job;
use Imbrex\Core\Survey\Reading;
use Imbrex\Core\Survey\SurveyInput;

/** What closing planes asks: the shape is fitted to its readings, and again without each that may be wrong. */
final class SurveyEffort
{
    /** A fit settles in about so many steps. */
    private const STEPS_A_FIT = 7;

    /** To hold a reading against a shape, for each unknown of it. */
    private const A_READING = 0.006;

    /** To solve for the unknowns: their number to the third power. */
    private const A_CELL = 0.0001;

    /** @return list<Effort> */
    public static function of(Job $job): array
    {
        [$steps, $count] = [0.0, 0];
        foreach ($job->part(SurveyInput::class)->planes as $plane) {
            $readings = count(array_filter($plane->readings, static fn (Reading $reading): bool => $reading->quantity->isLength()));
            $unknowns = max(1, 2 * $plane->cornerCount() - 3);
            if ($readings > 0 && $plane->outline === null) {
                $steps += ShapeFit::fits($readings) * self::STEPS_A_FIT * (($unknowns + 1) * $readings * self::A_READING + $unknowns ** 3 * self::A_CELL);
                $count += $readings;
            }
        }

        return $count === 0 ? [] : [new Effort($steps, 'roof.planes', 'readings', $count)];
    }
}
