<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Findings\Finding;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Finder\LayoutFinder;
use Imbrex\Core\StageResult;

final readonly class LayoutResult implements StageResult
{
    /**
     * @param  list<GroupLayout>  $groups  of tied faces
     * @param  array<string, FaceLayout>  $layouts  by face id, in the roof's order
     * @param  array<string, list<Finding>>  $inTheWay  seams that run where none should, by face id
     * @param  LayoutFinder  $finder  what the search has worked out serves its comparisons too
     */
    public function __construct(public array $groups, public array $layouts, private array $inTheWay, public LayoutFinder $finder)
    {
    }

    public function findings(): array
    {
        $findings = [];
        foreach ($this->layouts as $face => $layout) {
            array_push($findings, ...$layout->findings, ...$this->inTheWay[$face] ?? []);
        }

        return $findings;
    }

    /** The faces it is tied to, and how they are laid out together. */
    public function groupOf(string $face): ?GroupLayout
    {
        foreach ($this->groups as $group) {
            if ($group->group->holds($face)) {
                return $group;
            }
        }

        return null;
    }
}
