<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Crew;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Crew> */
final class CrewFactory extends Factory
{
    protected $model = Crew::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Crew '.$this->faker->unique()->numberBetween(1, 100_000), 'rules' => []];
    }
}
