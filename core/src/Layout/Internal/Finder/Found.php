<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Internal\Finder;

/** Where a search put the module lines of a group's faces. */
final readonly class Found
{
    /**
     * @param  list<float>  $modules  u of one module line, by face number
     * @param  bool  $proven  whether nothing better can be; false where the search stopped early
     */
    public function __construct(public array $modules, public bool $proven)
    {
    }
}
