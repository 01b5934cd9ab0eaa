<?php

declare(strict_types=1);

namespace Imbrex\Core\Movement;

use Imbrex\Core\Ground\Catalogue\EdgeKind;

/** Which hems of a face are closed to their gap before the panel goes up, and which stay open until it lies. */
final readonly class HemClosing
{
    /**
     * @param  bool  $isAfter  it stays open until the panel lies, and is closed with the tongs then
     * @param  non-empty-list<string>  $panels  ids
     */
    public function __construct(public string $face, public EdgeKind $edge, public bool $isAfter, public array $panels)
    {
    }
}
