<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Layout\Internal\RunningMarkKind;

/** One seam as it is called out: the same running distance along the eave and along the high edge, where it reaches them. */
final readonly class SeamRow
{
    /**
     * @param  float  $distance  from the control line, inches; negative to its left
     * @param  bool  $eave  whether it reaches the eave
     * @param  RunningMark|null  $head  its mark along the high edge, with what it meets there
     */
    public function __construct(public float $distance, public bool $eave, public ?RunningMark $head, public bool $check)
    {
    }

    /**
     * @param  list<RunningMark>  $eave
     * @param  list<RunningMark>  $head
     * @return list<self> the nearest to the control line first
     */
    public static function of(array $eave, array $head): array
    {
        $rows = [];
        foreach ($eave as $mark) {
            if ($mark->kind === RunningMarkKind::Seam) {
                $rows[self::key($mark)] = new self($mark->distance, true, null, $mark->check);
            }
        }
        foreach ($head as $mark) {
            if ($mark->kind === RunningMarkKind::Seam) {
                $at = $rows[self::key($mark)] ?? null;
                $rows[self::key($mark)] = new self($mark->distance, $at !== null, $mark, $mark->check || $at?->check);
            }
        }
        usort($rows, static fn (self $a, self $b): int => abs($a->distance) <=> abs($b->distance));

        return $rows;
    }

    private static function key(RunningMark $mark): string
    {
        return sprintf('%.3f', $mark->distance);
    }
}
