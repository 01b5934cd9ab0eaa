<?php

declare(strict_types=1);

namespace Imbrex\Core\HoldDown\Internal\Snow;

use Imbrex\Core\Cutting\Panel;

/** A pan, or what lies between two ribs: snow slides down it by itself. */
final readonly class SnowColumn
{
    /**
     * @param  float  $left  across the face, inches; `$right` its other side
     * @param  float  $low  where metal begins in its middle, inches up the slope; `$high` where it ends
     * @param  list<array{float, float, Panel}>  $metal  up its middle
     */
    private function __construct(public float $left, public float $right, public float $low, public float $high, private array $metal)
    {
    }

    /**
     * @param  list<Panel>  $panels  of its strip
     */
    public static function of(float $left, float $right, array $panels): ?self
    {
        $metal = [];
        foreach ($panels as $panel) {
            foreach ($panel->upAt(($left + $right) / 2.0) as [$low, $high]) {
                $metal[] = [$low, $high, $panel];
            }
        }
        usort($metal, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $metal === [] ? null : new self($left, $right, $metal[0][0], max(array_column($metal, 1)), $metal);
    }

    public function middle(): float
    {
        return ($this->left + $this->right) / 2.0;
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }

    /** The panel that lies at a height; null over what is cut out. */
    public function panelAt(float $v): ?Panel
    {
        foreach ($this->metal as [$low, $high, $panel]) {
            if ($v >= $low && $v <= $high) {
                return $panel;
            }
        }

        return null;
    }

    /** The height itself, or over what is cut out there so far above it; null where no metal is above. */
    public function onMetal(float $v, float $above): ?float
    {
        if ($this->panelAt($v) !== null) {
            return $v;
        }
        foreach ($this->metal as [$low, $high]) {
            if ($low > $v && $low + $above < $high) {
                return $low + $above;
            }
        }

        return null;
    }
}
