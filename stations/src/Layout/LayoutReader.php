<?php

declare(strict_types=1);

namespace Imbrex\Stations\Layout;

use Imbrex\Core\Layout\LayoutChoice;
use Imbrex\Core\Layout\LayoutInput;
use Imbrex\Core\Layout\LineCheck;
use Imbrex\Core\Layout\StartKind;
use Imbrex\Core\Roof\Block;
use Imbrex\Core\Roof\RoofInput;
use Imbrex\Core\Survey\Plane;
use Imbrex\Core\Survey\SurveyInput;
use Imbrex\Stations\Documents\Reading;

/** Reads of a document where the panels of each face are to begin. */
final readonly class LayoutReader
{
    /** @var list<Plane> */
    private array $planes;

    /** @var list<Block> */
    private array $blocks;

    public function __construct(private Reading $reading)
    {
        $this->planes = $reading->part(SurveyInput::class)->planes;
        $this->blocks = $reading->part(RoofInput::class)->blocks;
    }

    public function input(): LayoutInput
    {
        $ids = [
            ...array_map(static fn (Plane $plane): string => $plane->id, $this->planes),
            ...array_map(static fn (Block $block): string => "$block->id.S", $this->blocks),
        ];
        $layouts = [];
        foreach ((array) ($this->reading->document->layout ?? []) as $id => $choice) {
            // Faces of a block come and go as blocks are moved; their layouts wait for them.
            if (! in_array((string) preg_replace('/\.[SENW]\d*$/', '.S', (string) $id), $ids, true)) {
                $this->reading->fault("layout.$id", 'plane-unknown', (string) $id, ['known' => implode(', ', $ids)]);

                continue;
            }
            $layouts[(string) $id] = new LayoutChoice(
                StartKind::from((string) ($choice->start ?? StartKind::Balanced->value)),
                isset($choice->from) ? $choice->from === 'left' : null,
                isset($choice->at) ? (float) $choice->at : null,
                ($choice->as ?? 'seam') === 'seam',
                (float) ($choice->nudge ?? 0.0),
                (bool) ($choice->pinned ?? false),
            );
        }

        return new LayoutInput($layouts, $this->checks());
    }

    /** @return array<string, LineCheck> by face; of faces that come and go they wait, too */
    private function checks(): array
    {
        $checks = [];
        foreach ((array) ($this->reading->document->lineChecks ?? []) as $face => $said) {
            $check = new LineCheck((float) $said->at, $said->toward === 'right', (float) $said->along, (float) $said->up, isset($said->read) ? (float) $said->read : null);
            if ($check->closes()) {
                $checks[(string) $face] = $check;
            } else {
                $this->reading->fault("lineChecks.$face.read", 'triangle-open', $said->read, ['least' => abs($check->along - $check->up), 'most' => $check->along + $check->up]);
            }
        }

        return $checks;
    }
}
