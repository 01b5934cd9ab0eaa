<?php

declare(strict_types=1);

namespace Imbrex\Core\Fit\Internal;

use Imbrex\Core\Cutting\Panel;

/** The metal of all panels of a face. */
final class LaidPanels
{
    /** No panel is wider (in). */
    private const WIDEST = 60.0;

    /** @var list<LaidPanel> from the left */
    public readonly array $metal;

    /** @var list<float> where strips begin and end, inches across the face */
    public readonly array $uprights;

    /** @var array<string, LaidPanel> by id */
    private readonly array $byId;

    /** @param  list<Panel>  $panels */
    public function __construct(array $panels)
    {
        $metal = $uprights = $byId = [];
        foreach ($panels as $panel) {
            array_push($uprights, $panel->strip->left, $panel->strip->right);
            $shapes = (new Slabs([$panel->metal, ...$panel->holes]))->cut();
            if ($shapes !== []) {
                $metal[] = $byId[$panel->id] = new LaidPanel($panel->id, $shapes[0]->left, $shapes[count($shapes) - 1]->right, $shapes);
            }
        }
        usort($metal, static fn (LaidPanel $a, LaidPanel $b): int => $a->left <=> $b->left);
        [$this->metal, $this->uprights, $this->byId] = [$metal, $uprights, $byId];
    }

    public function panel(string $id): ?LaidPanel
    {
        return $this->byId[$id] ?? null;
    }

    /** @return list<LaidPanel> that lie at an upright or end there */
    public function beside(float $u): array
    {
        [$low, $high] = [0, count($this->metal)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->metal[$middle]->left <= $u + 1e-3) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        $beside = [];
        // Pieces of one strip begin at one upright: back over those of the strip before, too.
        for ($i = $low - 1; $i >= 0 && $this->metal[$i]->left > $u - self::WIDEST; $i--) {
            if ($this->metal[$i]->right >= $u - 1e-3) {
                $beside[] = $this->metal[$i];
            }
        }

        return $beside;
    }
}
