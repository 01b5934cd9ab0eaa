<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Ground\Metalwork\TrimShape;

/** Shapes of trim: those that ship, and somebody's own. A layer of a build names the one it is bent to. */
final readonly class TrimBook
{
    /** @param  array<string, TrimShape>  $shapes  by key */
    private function __construct(private array $shapes)
    {
    }

    public static function shipped(): self
    {
        /** @var self|null $shipped the data file never changes while the program runs */
        static $shipped = null;
        if ($shipped === null) {
            $shapes = require __DIR__.'/data/shapes.php';
            assert(is_array($shapes));
            $byKey = [];
            foreach ($shapes as $shape) {
                if ($shape instanceof TrimShape) {
                    $byKey[$shape->key] = $shape;
                }
            }
            $shipped = new self($byKey);
        }

        return $shipped;
    }

    /** @param  array<string, TrimShape>  $own  somebody's, by key; in the place of those that ship under the same */
    public function with(array $own): self
    {
        return new self([...$this->shapes, ...$own]);
    }

    /** @return array<string, TrimShape> by key */
    public function all(): array
    {
        return $this->shapes;
    }

    public function shape(string $key): ?TrimShape
    {
        return $this->shapes[$key] ?? null;
    }
}
