<?php

declare(strict_types=1);

use App\Models\Burner;
use App\Models\Pan;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
});

it('shows the kitchen what it has, with an ask to begin with', function (): void {
    $answer = $this->getJson('/api/kitchen')->assertOk();
    Station::keeps('kitchen', $answer->getContent());
    expect($answer->json('begin.table_at'))->toBe('19:00')
        ->and($answer->json('begin.pan_id'))->toBe($this->station->pan->id)
        ->and($answer->json('burners.0.settings'))->toEqualCanonicalizing([
            ['mark' => 'low', 'net_w' => 240, 'measured' => false], ['mark' => 'high', 'net_w' => 2000, 'measured' => false], ['mark' => 'medium', 'net_w' => 820, 'measured' => true],
        ]);
});

it('has nothing to begin with in an empty kitchen, and says so', function (): void {
    $this->actingAs(App\Models\User::factory()->create());
    $answer = $this->getJson('/api/kitchen')->assertOk()->assertJsonPath('begin', null);
    Station::keeps('kitchen', $answer->getContent());
});

it('works a pan out and puts it on the kitchen\'s clock', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask())->assertOk();
    Station::keeps('working', $answer->getContent());
    $working = $answer->json();
    expect($working['plan']['rice_g'])->toEqual(480)
        ->and($working['plan']['balance']['wine_ml'])->toEqual(150)
        ->and($working['clock']['table_at'])->toBe('2026-05-04T19:40:00+00:00')
        ->and(Carbon::parse($working['clock']['first_liquid_at'])->diffInSeconds(Carbon::parse($working['clock']['table_at'])))->toEqualWithDelta(60 * $working['plan']['timing']['table_min'], 1)
        ->and($working['clock']['starts_in_min'])->toBeGreaterThan(40)
        ->and($working['burner']['mark'])->toBe('medium')
        ->and($working['offers'])->toBe([]);
});

it('shows why in one picture: less steam a gram for more covers', function (): void {
    $why = $this->postJson('/api/work-out', $this->station->ask())->json('why');
    $steam = array_column($why, 'boiled_off', 'covers');
    expect($steam)->toHaveKey(6)->and(array_values($steam))->toBe(collect($steam)->sortDesc()->values()->all());
    foreach ($why as $point) {
        expect($point['drunk'] + $point['boiled_off'] + $point['sauce'])->toEqualWithDelta($point['ml_per_g'], 0.003);
    }
});

it('takes starters, a mark, and the hour across midnight', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T23:50:00Z'));
    $answer = $this->postJson('/api/work-out', $this->station->ask(portion: 'starter', heat: 'high', table_at: '00:30'))->assertOk();
    expect($answer->json('plan.rice_g'))->toEqual(270)
        ->and($answer->json('plan.heat.0.setting'))->toBe('high')
        ->and($answer->json('clock.table_at'))->toBe('2026-05-05T00:30:00+00:00');
    expect($this->postJson('/api/work-out', $this->station->ask(table_at: '23:40'))->json('clock.table_at'))->toBe('2026-05-04T23:40:00+00:00');
});

it('offers the earliest time when it is too late, and that works', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(table_at: '18:40'))->assertOk();
    $offer = collect($answer->json('offers'))->firstWhere('warning', 'too-late');
    expect($answer->json('clock.starts_in_min'))->toBeLessThan(0)->and($offer['label'])->toContain($offer['change']['table_at']);
    $taken = $this->postJson('/api/work-out', $this->station->ask(...$offer['change']));
    expect($taken->json('clock.starts_in_min'))->toBeGreaterThanOrEqual(0)->toBeLessThan(2);
});

it('offers a pan that holds it, and with it the warning is gone', function (): void {
    $in = ['kitchen_id' => $this->station->kitchen->id];
    Pan::query()->create([...$in, 'name' => '36 rondeau', 'base_cm' => 35, 'rim_cm' => 36, 'height_cm' => 13, 'metal_j_per_k' => 2600]);
    $ring = Burner::query()->create([...$in, 'name' => 'big ring', 'ring_cm' => 32, 'fuel' => 'gas', 'rated_w' => 14000]);
    $ring->settings()->create([...$in, 'mark' => 'on', 'share' => 0.3, 'position' => 1]);

    $answer = $this->postJson('/api/work-out', $this->station->ask(covers: 20));
    $offer = collect($answer->json('offers'))->firstWhere('warning', 'layer-too-deep');
    expect($offer['label'])->toBe('36 rondeau on big ring');
    $taken = $this->postJson('/api/work-out', $this->station->ask(...[...['covers' => 20], ...$offer['change']]));
    expect(collect($taken->json('plan.warnings'))->pluck('code'))->not->toContain('layer-too-deep', 'over-the-rim', 'ring-too-small');

    $offer = collect($this->postJson('/api/work-out', $this->station->ask(covers: 60))->json('offers'))->firstWhere('warning', 'layer-too-deep');
    expect($offer['label'])->toContain('of them in the 36 rondeau')->and($offer['change']['covers'])->toBeLessThan(30);
});

it('offers the next mark when the pan does not simmer', function (): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(heat: 'low', covers: 10));
    expect(collect($answer->json('offers'))->firstWhere('warning', 'does-not-simmer')['change'])->toBe(['heat' => 'medium']);
});

it('refuses what this kitchen does not have', function (array $with, string $pointer): void {
    $answer = $this->postJson('/api/work-out', $this->station->ask(...$with))->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    expect(array_column($answer->json('errors'), 'pointer'))->toBe([$pointer]);
})->with([
    [['dish_id' => 999_999_999], '/dish_id'], [['pan_id' => 0], '/pan_id'], [['burner_id' => 'ring 2'], '/burner_id'],
    [['heat' => 'blast'], '/heat'], [['covers' => 0], '/covers'], [['table_at' => '24:10'], '/table_at'], [['portion' => 'buffet'], '/portion'], [['tip' => 1], '/tip'],
]);

it('does not cook in another kitchen\'s pans', function (string $field): void {
    $other = Station::open();
    $ids = ['dish_id' => $other->dish->id, 'pan_id' => $other->pan->id, 'burner_id' => $other->burner->id];
    $this->postJson('/api/work-out', $this->station->ask(...[$field => $ids[$field]]))->assertStatus(422)->assertJsonPath('errors.0.pointer', "/$field");
})->with(['dish_id', 'pan_id', 'burner_id']);
