<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Imbrex\Core\Catalogue\EdgeKind;
use LogicException;

/** One way an edge can be built: its layers from the deck up, in the order they go on, and what it asks of the panel. */
final readonly class Build
{
    /**
     * @param  int  $version  grows when its layers change; what a job was planned with stays to be had
     * @param  list<Fixing>  $fixings  what it can hold
     * @param  list<Layer>  $layers
     * @param  bool  $vented  of a ridge: a slot lets air out under it
     * @param  string|null  $offset  house rule for the panel's offset; null = the usual one of the edge
     * @param  string|null  $hem  house rule for what is folded or turned up there; null = the usual one
     * @param  bool  $starts  of a rake: a starter cleat lies along it and the first panel stands off
     * @param  bool  $ownsReveal  of a valley: the pan's own hem holds the panel, so there is no cleat to chalk
     * @param  bool  $unhemmed  nothing is folded there, whatever the rule
     */
    public function __construct(
        public string $key,
        public EdgeKind $edge,
        public array $fixings,
        public array $layers,
        public int $version = 1,
        public bool $vented = false,
        public ?string $offset = null,
        public ?string $hem = null,
        public bool $starts = false,
        public bool $ownsReveal = false,
        public bool $unhemmed = false,
    ) {
    }

    public function holds(Fixing $fixing): bool
    {
        return in_array($fixing, $this->fixings, true);
    }

    public function layer(string $key): ?Layer
    {
        foreach ($this->layers as $layer) {
            if ($layer->key === $key) {
                return $layer;
            }
        }

        return null;
    }

    /**
     * The book has the rest.
     *
     * @return array{name: string}
     */
    public function __serialize(): array
    {
        return ['name' => $this->name()];
    }

    /** @param  array{name: string}  $kept */
    public function __unserialize(array $kept): void
    {
        $build = BuildBook::shipped()->build($kept['name']) ?? throw new LogicException("No build {$kept['name']} in the book.");
        foreach (get_object_vars($build) as $field => $value) {
            $this->{$field} = $value;
        }
    }

    /** How a job names it, so that it keeps what it was planned with. */
    public function name(): string
    {
        return "$this->key@$this->version";
    }
}
