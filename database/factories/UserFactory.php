<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    public function definition(): array
    {
        return [
            'kitchen_id' => Kitchen::factory(),
            'name' => 'Rice station',
            'role' => 'chef',
            'email' => $this->faker->unique()->userName().'@station.example',
            'password' => 'stock-and-rice',
        ];
    }
}
