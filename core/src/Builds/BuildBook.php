<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fixing;

/** Every build that ships, and which of them is usual. */
final readonly class BuildBook
{
    /** A cap seam lower than this, rise in 12, is not hemmed at the eave: its edge is stiffened, its pans are stopped by closures. */
    private const FLAT = 3.0;

    /** @param  array<string, Build>  $builds  by `key@version` */
    private function __construct(private array $builds)
    {
    }

    public static function shipped(): self
    {
        /** @var self|null $shipped the data files never change while the program runs */
        static $shipped = null;
        if ($shipped === null) {
            $builds = [];
            foreach (['eaves', 'rakes', 'ridges', 'valleys', 'walls', 'cross'] as $file) {
                foreach (self::read($file) as $build) {
                    $builds[$build->name()] = $build;
                }
            }
            $shipped = new self($builds);
        }

        return $shipped;
    }

    /** @param  list<Build>  $own  somebody's besides; none is ever usual */
    public function with(array $own): self
    {
        return new self([...$this->builds, ...array_column(array_map(static fn (Build $build): array => [$build->name(), $build], $own), 1, 0)]);
    }

    /**
     * @param  string  $name  with its version (`cleat-nose@1`), or the newest of a key
     */
    public function build(string $name): ?Build
    {
        if (str_contains($name, '@')) {
            return $this->builds[$name] ?? null;
        }
        $newest = null;
        foreach ($this->builds as $build) {
            if ($build->key === $name && $build->version > ($newest->version ?? 0)) {
                $newest = $build;
            }
        }

        return $newest;
    }

    /** @return list<Build> the newest of every build an edge may have with these panels, the usual one first */
    public function choices(EdgeKind $edge, Fixing $fixing): array
    {
        $choices = [];
        foreach ($this->builds as $build) {
            if ($build->edge === $edge && $build->holds($fixing) && $this->build($build->key) === $build) {
                $choices[] = $build;
            }
        }

        return $choices;
    }

    /**
     * What is usual where nobody has said.
     *
     * @param  float  $riseIn12  of the flattest face at the edge
     */
    public function usual(EdgeKind $edge, Fixing $fixing, bool $vented, float $riseIn12): ?Build
    {
        $choices = array_values(array_filter($this->choices($edge, $fixing), static fn (Build $build): bool => $build->base === null && $build->vented === ($vented && $edge === EdgeKind::Ridge)));
        if ($fixing === Fixing::Cap) {
            // On a roof that sheds fast a cap seam's pans are folded like any other's.
            $fitting = array_values(array_filter($choices, static fn (Build $build): bool => $build->holds(Fixing::Seam) === ($riseIn12 >= self::FLAT)));
            $choices = $fitting === [] ? $choices : $fitting;
        }

        return $choices[0] ?? null;
    }

    /** @return list<Build> all versions of all builds */
    public function all(): array
    {
        return array_values($this->builds);
    }

    /** @return list<Build> */
    private static function read(string $file): array
    {
        $builds = require __DIR__."/data/$file.php";
        assert(is_array($builds));

        return array_values(array_filter($builds, static fn (mixed $build): bool => $build instanceof Build));
    }
}
