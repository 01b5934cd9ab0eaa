<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\JobPart;

final readonly class LayoutInput implements JobPart
{
    /**
     * @param  array<string, LayoutChoice>  $choices  by face id; what is left out is left to the search
     * @param  array<string, LineCheck>  $checks  lines held against the eave, by face id
     */
    public function __construct(public array $choices = [], public array $checks = [])
    {
    }
}
