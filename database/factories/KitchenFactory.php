<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Kitchen> */
final class KitchenFactory extends Factory
{
    protected $model = Kitchen::class;

    public function definition(): array
    {
        return ['name' => 'Kitchen '.$this->faker->unique()->numerify('####'), 'altitude_m' => 40, 'room_c' => 24, 'timezone' => 'UTC', 'units' => 'metric'];
    }
}
