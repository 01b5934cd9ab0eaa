<?php

declare(strict_types=1);

namespace Imbrex\Core\Layout\Finder;

use Imbrex\Core\Layout\Internal\Finder\FaceGroup;
use Imbrex\Core\Layout\LayoutChoice;

/** Where the seams of a group of tied faces fall in a plan: as chosen, and for the rest as the search found it. */
final readonly class GroupLayout
{
    /**
     * @param  list<float>  $modules  u of a module line, by number of the group's faces
     * @param  list<LayoutChoice>  $choices  by number of face
     * @param  list<'pinned'|'chosen'|'found'>  $decided  by number of face: pinned, chosen or found
     * @param  list<Reason>  $reasons
     * @param  Score|null  $unpinned  what the group would cost without its pins; null where nothing is pinned
     */
    public function __construct(
        public FaceGroup $group,
        public array $modules,
        public array $choices,
        public array $decided,
        public Score $score,
        public array $reasons,
        public bool $proven,
        public ?Score $unpinned,
    ) {
    }
}
