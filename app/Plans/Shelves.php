<?php

declare(strict_types=1);

namespace App\Plans;

/** The shelves there are, each as large as what is kept on it asks. */
final class Shelves
{
    /** Files and bytes, at most. */
    private const SIZES = ['stages' => [4000, 512_000_000], 'slices' => [4000, 128_000_000], 'files' => [200, 512_000_000]];

    /** @param  key-of<self::SIZES>  $name */
    public function shelf(string $name): Shelf
    {
        return new Shelf(config('imbrex.shelves')."/$name", Programme::version(), ...self::SIZES[$name]);
    }

    /** Whether anything can be kept. */
    public function areOpen(): bool
    {
        return array_filter($this->all(), static fn (Shelf $shelf): bool => ! $shelf->isOpen()) === [];
    }

    /** @return list<Shelf> */
    public function all(): array
    {
        return array_map($this->shelf(...), array_keys(self::SIZES));
    }
}
