<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Kitchen;
use Illuminate\Database\Seeder;

/** The demo kitchen, once, where this house is a demo: running it again leaves a kitchen that is there alone. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        if (config('velko.demo') !== true || Kitchen::query()->where('name', KilnHouse::NAME)->exists()) {
            return;
        }
        $this->call([KilnHouse::class, KilnHouseMonth::class, KilnHouseCooks::class, KilnHouseNight::class]);
    }
}
