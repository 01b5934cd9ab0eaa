<?php

declare(strict_types=1);

namespace Imbrex\Core\Builds;

use Closure;
use Imbrex\Core\Ground\Catalogue\EdgeKind;
use Imbrex\Core\Ground\Metalwork\Fixing;
use Imbrex\Core\Ground\Metalwork\Sizes;
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
     * @param  Build|null  $base  of a build somebody made: the one that ships it was made from
     * @param  Adaptation|null  $adaptation  what they changed of it
     * @param  string|null  $title  what they call it, in their words
     * @param  float|Closure(Sizes): float|null  $line  where what is hooked or closed ends, inches square to the edge from the roof line; null where nothing is
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
        public ?self $base = null,
        public ?Adaptation $adaptation = null,
        public ?string $title = null,
        public float|Closure|null $line = null,
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

    /** One somebody made from it: with other layers it asks the same of the panel. */
    public function adapted(string $key, int $version, string $title, Adaptation $adaptation): self
    {
        return new self(
            key: $key,
            edge: $this->edge,
            fixings: $this->fixings,
            layers: $adaptation->of($this->layers),
            version: $version,
            vented: $this->vented,
            offset: $this->offset,
            hem: $this->hem,
            starts: $this->starts,
            ownsReveal: $this->ownsReveal,
            unhemmed: $this->unhemmed,
            base: $this,
            adaptation: $adaptation,
            title: $title,
            line: $this->line,
        );
    }

    /**
     * The book has the rest.
     *
     * @return array{name: string, version: int, base: self|null, adaptation: Adaptation|null, title: string|null}
     */
    public function __serialize(): array
    {
        return ['name' => $this->base === null ? $this->name() : $this->key, 'version' => $this->version, 'base' => $this->base, 'adaptation' => $this->adaptation, 'title' => $this->title];
    }

    /** @param  array{name: string, version: int, base: self|null, adaptation: Adaptation|null, title: string|null}  $kept */
    public function __unserialize(array $kept): void
    {
        $build = $kept['base']?->adapted($kept['name'], $kept['version'], $kept['title'] ?? '', $kept['adaptation'] ?? new Adaptation())
            ?? BuildBook::shipped()->build($kept['name'])
            ?? throw new LogicException("No build {$kept['name']} in the book.");
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
