<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Layout\LayoutChoice;

/** One way to lay out a face, with the rest of its group as well as it can be then. */
final readonly class LayoutOption
{
    /**
     * @param  list<float>  $modules  u of a module line, by number of the group's faces
     * @param  Score  $score  of the whole group
     * @param  list<Reason>  $reasons
     * @param  bool  $best  whether nothing scores better
     * @param  array<string, LayoutChoice>  $together  by face: what all faces of the group are set to where the way is one for them all, so that as many seams meet as can; else empty
     */
    public function __construct(
        public LayoutChoice $choice,
        public ?string $place,
        public array $modules,
        public Score $score,
        public array $reasons,
        public bool $chosen,
        public bool $best,
        public array $together = [],
    ) {
    }

    /** @param  list<Reason>  $reasons */
    public function because(array $reasons): self
    {
        return new self(
            choice: $this->choice,
            place: $this->place,
            modules: $this->modules,
            score: $this->score,
            reasons: $reasons,
            chosen: $this->chosen,
            best: $this->best,
            together: $this->together,
        );
    }

    public function marked(bool $best): self
    {
        return new self(
            choice: $this->choice,
            place: $this->place,
            modules: $this->modules,
            score: $this->score,
            reasons: $this->reasons,
            chosen: $this->chosen,
            best: $best,
            together: $this->together,
        );
    }
}
