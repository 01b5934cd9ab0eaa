<?php

declare(strict_types=1);

namespace Imbrex\Core\Facts;

/** A piece of trim as it was cut, or as it would be now. */
final readonly class CutTrim
{
    /** Less (in) does not show on a tape. */
    private const SHOWS = 1.0 / 32.0;

    /**
     * @param  float  $length  inches
     * @param  string  $as  what pieces bent and ended alike have in common; nothing where nobody took it down
     * @param  list<string>  $facts  ids of those that say it is cut
     */
    public function __construct(public float $length, public string $as = '', public array $facts = [])
    {
    }

    public function isAsLongAs(self $other): bool
    {
        return abs($this->length - $other->length) <= self::SHOWS;
    }

    /** Whether bends and ends are the other's, as far as is known. */
    public function isShapedAs(self $other): bool
    {
        return $this->as === '' || $other->as === '' || $this->as === $other->as;
    }
}
