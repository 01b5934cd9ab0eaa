<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Job;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Job> */
final class JobFactory extends Factory
{
    protected $model = Job::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['crew_id' => CrewFactory::new(), 'name' => 'Job', 'revision' => 1];
    }
}
