<?php

declare(strict_types=1);

namespace Imbrex\Core\Ground\Catalogue;

/** The profiles and materials a job may choose from: what ships, and what the job brings along. */
final readonly class Catalogue
{
    /**
     * @param  array<string, Profile>  $profiles
     * @param  array<string, Material>  $materials
     */
    private function __construct(public array $profiles, public array $materials)
    {
    }

    public static function shipped(): self
    {
        /** @var self|null $shipped the data files never change while the program runs */
        static $shipped = null;

        return $shipped ??= new self(ShippedProfiles::read(), ShippedMaterials::read());
    }

    /** @param  list<Profile>  $own a profile of a shipped key takes its place */
    public function with(array $own): self
    {
        $profiles = $this->profiles;
        foreach ($own as $profile) {
            $profiles[$profile->key] = $profile;
        }

        return new self($profiles, $this->materials);
    }

    /** @throws NotInCatalogue */
    public function profile(string $key): Profile
    {
        return $this->profiles[$key] ?? throw NotInCatalogue::key($key);
    }

    /** @throws NotInCatalogue */
    public function material(string $key): Material
    {
        return $this->materials[$key] ?? throw NotInCatalogue::key($key);
    }
}
