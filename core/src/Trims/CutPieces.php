<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Ground\Units\Length;

/** What is cut of the trims already, held against what they would be now. */
final readonly class CutPieces
{
    /**
     * @param  array<string, CutTrim>  $cut  as pieces were when they were cut, by id
     * @param  array<string, CutTrim>  $now  as they would be, by id
     */
    public function __construct(private array $cut, private array $now)
    {
    }

    /** How long a piece was cut; null where it is not. */
    public function cut(string $piece): ?float
    {
        return ($this->cut[$piece] ?? null)?->length;
    }

    /** Whether a piece was cut otherwise than it would be now. */
    public function differs(string $piece): bool
    {
        return isset($this->cut[$piece], $this->now[$piece]) && ! ($this->isAsLong($piece) && $this->cut[$piece]->isShapedAs($this->now[$piece]));
    }

    /** Whether a piece was cut as long as it would be now. */
    public function isAsLong(string $piece): bool
    {
        return isset($this->cut[$piece], $this->now[$piece]) && $this->cut[$piece]->isAsLongAs($this->now[$piece]);
    }

    /** @return list<Finding> told once, with the first of them */
    public function findings(): array
    {
        $ids = array_map(strval(...), array_keys($this->cut));
        $differ = array_values(array_filter($ids, fn (string $id): bool => $this->differs($id) && ! $this->isAsLong($id)));
        $otherwise = array_values(array_filter($ids, fn (string $id): bool => $this->differs($id) && $this->isAsLong($id)));
        $gone = array_values(array_filter($ids, fn (string $id): bool => ! isset($this->now[$id])));
        $findings = [];
        if ($differ !== []) {
            $findings[] = Finding::settle('trims.cut-differs', $differ[0], ['count' => count($differ), 'piece' => $differ[0], 'was' => Length::ofInches($this->cut[$differ[0]]->length), 'now' => Length::ofInches($this->now[$differ[0]]->length)]);
        }
        if ($otherwise !== []) {
            $findings[] = Finding::settle('trims.cut-otherwise', $otherwise[0], ['count' => count($otherwise), 'piece' => $otherwise[0]]);
        }
        if ($gone !== []) {
            $findings[] = Finding::settle('trims.cut-gone', $gone[0], ['count' => count($gone), 'piece' => $gone[0], 'was' => Length::ofInches($this->cut[$gone[0]]->length)]);
        }

        return $findings;
    }
}
