<?php

declare(strict_types=1);

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Kitchen;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Database\Seeders\KilnHouse;
use Tests\Feature\Station;

it('seeds the Kiln House once, however often it is run', function (): void {
    $this->seed(DatabaseSeeder::class);
    $counts = [Kitchen::query()->count(), Cook::query()->count(), CookEvent::query()->count()];
    $this->seed(DatabaseSeeder::class);
    expect([Kitchen::query()->count(), Cook::query()->count(), CookEvent::query()->count()])->toBe($counts)
        ->and($counts[1])->toBeGreaterThan(14);
});

it('opens the demo with its accounts, and has honest scatter and two failures in the log', function (): void {
    $this->seed(DatabaseSeeder::class);
    foreach (['chef@kiln.example', 'rice@kiln.example'] as $email) {
        $this->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => $email, 'password' => KilnHouse::PASSWORD])->assertOk();
    }
    $log = $this->actingAs(User::query()->where('email', 'rice@kiln.example')->sole())->getJson('/api/cooks')->assertOk();
    Station::keeps('log', $log->getContent());
    $cooks = collect($log->json('cooks'));
    $off = $cooks->where('status', 'at-table')->map(fn (array $cook): float => abs($cook['happened']['poured_ml'] / $cook['planned']['stock_ml'] - 1));
    expect($cooks->where('status', 'given-up'))->toHaveCount(1)
        ->and($cooks->where('verdict.as_wanted', false)->count())->toBeGreaterThanOrEqual(2)->toBeLessThan(9)
        ->and($off->filter(fn (float $share): bool => $share > 0.001)->count())->toBeGreaterThan(8);
});

it('plans every dish of the demo kitchen in its own pans without a complaint', function (): void {
    $this->seed(DatabaseSeeder::class);
    $this->actingAs(User::query()->where('email', 'chef@kiln.example')->sole());
    $kitchen = $this->getJson('/api/kitchen')->json();
    expect($this->postJson('/api/work-out', $kitchen['begin'])->assertOk()->json('clock.starts_in_min'))->toBeGreaterThanOrEqual(0); // what it opens on can still be cooked
    foreach ($kitchen['dishes'] as $dish) {
        $working = $this->postJson('/api/work-out', [...$kitchen['begin'], 'dish_id' => $dish['id'], 'table_at' => now('Europe/London')->addHour()->format('H:i')])->assertOk();
        expect(collect($working->json('plan.warnings'))->pluck('code')->diff(['alcohol-stays', 'either-mark', 'off-the-boil'])->all())->toBe([], $dish['name']);
    }
});

it('has no demo kitchen, no door to it and no published password where this house is no demo', function (): void {
    config(['velko.demo' => false]);
    $this->seed(DatabaseSeeder::class);
    expect(Kitchen::query()->count())->toBe(0);
    config(['velko.demo' => true]);
    $this->seed(DatabaseSeeder::class);
    config(['velko.demo' => false]); // it was a demo once
    $this->getJson('/api/session')->assertJsonPath('demo', false);
    $this->postJson('/api/session/demo')->assertNotFound();
    $this->postJson('/api/session', ['format' => 'velko.sign-in/1', 'email' => 'chef@kiln.example', 'password' => KilnHouse::PASSWORD])->assertStatus(422);
    $this->postJson('/api/kitchens', ['format' => 'velko.new-kitchen/1', 'kitchen' => 'The Sluice', 'name' => 'Chef', 'email' => 'chef@sluice.example', 'password' => KilnHouse::PASSWORD, 'timezone' => 'UTC'])
        ->assertStatus(422)->assertJsonPath('errors.0.pointer', '/password');
});
