<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Units\Length;

/** What is cut of the trims already, held against what they would be now. */
final readonly class CutPieces
{
    /** Less (in) does not show on a tape. */
    private const SHOWS = 1.0 / 32.0;

    /**
     * @param  array<string, float>  $cut  how long pieces were when they were cut, inches, by id
     * @param  array<string, float>  $now  how long they are, by id
     */
    public function __construct(private array $cut, private array $now)
    {
    }

    /** How long a piece was cut; null where it is not. */
    public function cut(string $piece): ?float
    {
        return $this->cut[$piece] ?? null;
    }

    /** Whether a piece was cut otherwise than it would be now. */
    public function differs(string $piece): bool
    {
        return isset($this->cut[$piece], $this->now[$piece]) && abs($this->cut[$piece] - $this->now[$piece]) > self::SHOWS;
    }

    /** @return list<Finding> told once, with the first of them */
    public function findings(): array
    {
        $ids = array_map(strval(...), array_keys($this->cut));
        $differ = array_values(array_filter($ids, $this->differs(...)));
        $gone = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->now[$id])));
        $findings = [];
        if ($differ !== []) {
            $findings[] = Finding::settle('trims.cut-differs', $differ[0], ['count' => count($differ), 'piece' => $differ[0], 'was' => Length::ofInches($this->cut[$differ[0]]), 'now' => Length::ofInches($this->now[$differ[0]])]);
        }
        if ($gone !== []) {
            $findings[] = Finding::settle('trims.cut-gone', $gone[0], ['count' => count($gone), 'piece' => $gone[0], 'was' => Length::ofInches($this->cut[$gone[0]])]);
        }

        return $findings;
    }
}
