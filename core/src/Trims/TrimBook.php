<?php

declare(strict_types=1);

namespace Imbrex\Core\Trims;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Metalwork\TrimShape;

/** Shapes of trim: those that ship, somebody's own, and which of them a layer of a build is bent to. */
final readonly class TrimBook
{
    /** Layers and their shapes, where these differ by name or by what panels they meet. */
    private const SHAPES = [
        'drip-trim' => 'hooked-drip', 'drip-flashing' => 'eave-drip', 'rake-cleat' => 'trim-cleat', 'starter-cleat' => 'offset-cleat', 'peak-flashing' => 'peak-trim', 'peak-cap' => 'peak-trim', 'transition-flashing' => 'transition',
        'headwall-flashing' => 'headwall', 'sidewall-flashing' => 'sidewall', 'cap' => 'ridge-cap',
    ];

    private const SCREWED = ['rake-trim' => 'rake-trim-screwed', 'headwall-flashing' => 'headwall-screwed', 'sidewall-flashing' => 'sidewall-screwed', 'cap' => 'cap-screwed'];

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

    /**
     * What a layer is bent to.
     *
     * @param  string  $layer  its key, without the side of a ridge, a hip or a valley
     * @return TrimShape|null null of what is not bent from a stick
     */
    public function of(string $layer, EdgeKind $edge, Fixing $fixing): ?TrimShape
    {
        $key = ($fixing === Fixing::Screwed ? self::SCREWED[$layer] ?? null : null) ?? self::SHAPES[$layer] ?? $layer;

        return $this->shape($key === 'ridge-cap' && $edge === EdgeKind::Hip ? 'hip-cap' : $key);
    }
}
