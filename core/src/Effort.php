<?php

declare(strict_types=1);

namespace Imbrex\Core;

/**
 * What a part of a job asks of those who work its plan, told from the document before anything is worked: in steps, so
 * that it is the same on every machine. A plain panel from its strip to its card asks one; a machine of today takes some
 * ten thousand in a second.
 */
final readonly class Effort
{
    /** A plan that asks no more is worked while one waits for it. */
    public const AT_ONCE = 10_000.0;

    /** A plan that asks more steps is not worked at all: no roof that is built asks half of it. */
    private const MOST = 80_000.0;

    /** So many pieces, and corners cut round, fit the memory the README asks for, every clip and screw with them. */
    private const MOST_KEPT = 16_000.0;

    /** A part that asks this share of all there may be is worth naming. */
    private const MUCH = 0.25;

    /**
     * @param  float  $steps  about
     * @param  string  $field  of the document, that asks them
     * @param  string  $of  what there is so much of: `readings`, `blocks`, `outlines`, `openings`, `marks`, `fasteners`, `trims`, `pieces`
     * @param  int  $count  how many of them, about: readings, blocks, corners of outlines or of openings, marks, fasteners beyond the usual, pieces of trim, pieces
     * @param  float  $kept  what of it stays in memory, in pieces
     */
    public function __construct(public float $steps, public string $field, public string $of, public int $count, public float $kept = 0.0)
    {
    }

    /** @return list<self> what a job asks, stage by stage */
    public static function of(Job $job, ?Circumstances $circumstances = null): array
    {
        $circumstances ??= Circumstances::none();

        return array_merge(...array_map(static fn (string $stage): array => $stage::effort($job, $circumstances), array_values(Stages::IN_ORDER)));
    }

    public static function steps(Job $job, ?Circumstances $circumstances = null): float
    {
        return array_sum(array_column(self::of($job, $circumstances), 'steps'));
    }

    /** What asks most, of a job that asks too much; null for any other. */
    public static function tooMuch(Job $job, ?Circumstances $circumstances = null): ?self
    {
        $all = self::of($job, $circumstances);
        [$by, $most] = match (true) {
            array_sum(array_column($all, 'kept')) > self::MOST_KEPT => [static fn (self $effort): float => $effort->kept, self::MOST_KEPT],
            array_sum(array_column($all, 'steps')) > self::MOST => [static fn (self $effort): float => $effort->steps, self::MOST],
            default => [null, 0.0],
        };
        if ($by === null) {
            return null;
        }
        usort($all, static fn (self $one, self $other): int => $by($other) <=> $by($one));
        $total = array_sum(array_map($by, $all));
        // Without it the rest would do, though something else may be more: ten thousand panels are no slip, a stick of 2 ft on them is.
        $beyond = array_filter($all, static fn (self $effort): bool => $effort->of !== 'pieces' && $by($effort) > $most * self::MUCH && $total - $by($effort) <= $most);

        return array_values($beyond)[0] ?? $all[0];
    }

    /** About how many of its kind a job may have, the rest as it is; half of all where the rest is too much already. */
    public function most(Job $job, ?Circumstances $circumstances = null): int
    {
        $all = self::of($job, $circumstances);
        $share = static fn (float $own, array $of, float $most): float => $own <= 0.0 ? 1.0 : max($most / 2.0, $most - array_sum($of) + $own) / $own;

        return (int) floor($this->count * min(1.0, $share($this->steps, array_column($all, 'steps'), self::MOST), $share($this->kept, array_column($all, 'kept'), self::MOST_KEPT)));
    }
}
