<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Accounts\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    public const PASSWORD = 'ridge-and-furrow';

    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'crew_id' => CrewFactory::new(),
            'name' => 'Member '.$this->faker->unique()->numberBetween(1, 100_000),
            'email' => 'member'.$this->faker->unique()->numberBetween(1, 100_000).'@crew.example',
            'password' => self::PASSWORD,
            'role' => Role::Owner,
        ];
    }

    public function role(Role $role): self
    {
        return $this->state(['role' => $role]);
    }
}
