<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout;

use Imbrex\Core\Builds\Builds;
use Imbrex\Core\Ground\Findings\Finding;
use Imbrex\Core\Layout\Finder\GroupLayout;
use Imbrex\Core\Layout\Internal\Finder\LayoutFinder;
use Imbrex\Core\Roof\Roof;
use Imbrex\Core\StageResult;

final class LayoutResult implements StageResult
{
    /**
     * @param  list<GroupLayout>  $groups  of tied faces
     * @param  array<string, FaceLayout>  $layouts  by face id, in the roof's order
     * @param  array<string, list<Finding>>  $inTheWay  seams that run where none should, by face id
     * @param  LayoutFinder|null  $finder  what the search has worked out serves its comparisons too
     */
    public function __construct(
        public readonly array $groups,
        public readonly array $layouts,
        private readonly array $inTheWay,
        private readonly Roof $roof,
        private readonly Builds $builds,
        private ?LayoutFinder $finder = null,
    ) {
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

    public function finder(): LayoutFinder
    {
        return $this->finder ??= new LayoutFinder($this->roof, $this->builds);
    }

    /** The search's own workings are not kept: they are large, and found again where they are asked for. */
    public function __serialize(): array
    {
        return [...get_object_vars($this), 'finder' => null];
    }

    /** @param  array<string, mixed>  $kept */
    public function __unserialize(array $kept): void
    {
        foreach ($kept as $name => $value) {
            $this->{$name} = $value;
        }
    }
}
