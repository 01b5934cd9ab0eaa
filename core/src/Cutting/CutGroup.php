<?php

declare(strict_types=1);

namespace Imbrex\Core\Cutting;

use Imbrex\Core\Ground\Geometry\Point;
use Imbrex\Core\Ground\Geometry\Tolerance;
use Imbrex\Core\Ground\Units\Rounding;

/** Panels of a face that are marked out alike: one card serves them all. */
final readonly class CutGroup
{
    /** @param  non-empty-list<Panel>  $panels in the order they lie */
    private function __construct(public array $panels)
    {
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<self> in the order of their first panel
     */
    public static function gather(array $panels): array
    {
        $groups = [];
        foreach ($panels as $panel) {
            $groups[self::cut($panel)][] = $panel;
        }

        return array_map(static fn (array $alike): self => new self($alike), array_values($groups));
    }

    /** The outline from its own corner on, to a thousandth: what the marks depend on. */
    private static function cut(Panel $panel): string
    {
        $bounds = $panel->sheet->bounds();
        $same = static fn (float $inches): int => Rounding::Nearest->steps($inches, Tolerance::SAME_CUT);
        $corners = array_map(
            static fn (Point $p): string => $same($p->u - $bounds->left).' '.$same($p->v - $bounds->bottom),
            $panel->sheet->corners,
        );

        return implode(',', [$panel->face, $panel->cutLeft ? 'l' : '', $panel->cutRight ? 'r' : '', $same($panel->orderLength), ...$corners]);
    }
}
