<?php

declare(strict_types=1);

use App\Models\Burner;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;

/* One pan, one ring: what is on the fire is not there for another. */

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
    $this->codes = fn (mixed ...$with): array => array_column($this->postJson('/api/work-out', $this->station->ask(...$with))->assertOk()->json('plan.warnings'), 'code');
});

it('says when the pan is on the fire already, until when, and no longer than that', function (): void {
    expect(($this->codes)())->not->toContain('pan-on-the-fire');
    $cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json(); // at the table 19:40
    $warning = collect($this->postJson('/api/work-out', $this->station->ask(table_at: '19:50'))->json('plan.warnings'))->firstWhere('code', 'pan-on-the-fire');
    expect($warning['message'])->toBe('The 28 sautoir has the leek risotto on it until 19:40')
        ->and(($this->codes)(table_at: '21:00'))->not->toContain('pan-on-the-fire');
    $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('abandon'))->assertCreated();
    expect(($this->codes)(table_at: '19:50'))->not->toContain('pan-on-the-fire');
});

it('says when only the ring is taken', function (): void {
    $other = App\Models\Pan::query()->create(['kitchen_id' => $this->station->kitchen->id, 'name' => '24 sautoir', 'base_cm' => 22, 'rim_cm' => 24, 'height_cm' => 7, 'metal_j_per_k' => 900]);
    $this->postJson('/api/cooks', $this->station->start())->assertCreated();
    $this->actingAs($this->station->cook->fresh());
    expect(($this->codes)(pan_id: $other->id, covers: 3, table_at: '19:50'))->toContain('ring-on-the-fire')->not->toContain('pan-on-the-fire');
});

it('holds the pans of one kitchen against no other', function (): void {
    $this->postJson('/api/cooks', $this->station->start())->assertCreated();
    $other = Station::open();
    $this->actingAs($other->cook);
    expect(array_column($this->postJson('/api/work-out', $other->ask(table_at: '19:50'))->json('plan.warnings'), 'code'))->not->toContain('pan-on-the-fire', 'ring-on-the-fire');
});

it('does not put on what the pan cannot hold, nor what is never done', function (): void {
    $full = $this->station->ask(covers: 60);
    $this->postJson('/api/work-out', $full)->assertOk()->assertJsonPath('plan.possible', false);
    $this->postJson('/api/cooks', $this->station->start(ask: $full))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/ask/covers');
    Burner::query()->first()->settings()->update(['net_w' => 20]);
    $this->actingAs($this->station->cook->fresh());
    $this->postJson('/api/work-out', $this->station->ask())->assertOk()->assertJsonPath('plan.possible', false);
    $this->postJson('/api/cooks', $this->station->start())->assertStatus(422)->assertJsonPath('errors.0.pointer', '/ask/burner_id');
    expect(App\Models\Cook::query()->count())->toBe(0);
});

it('begins with a table that can be reached, the work beside the pan and all', function (): void {
    $this->station->dish->sideWorks()->create(['kitchen_id' => $this->station->kitchen->id, 'position' => 0, 'what' => 'steep the saffron', 'ready' => 'rice', 'takes_min' => 25, 'hands_min' => 2, 'ahead' => false]);
    $this->actingAs($this->station->cook->fresh());
    $begin = $this->getJson('/api/kitchen')->json('begin');
    expect($begin['table_at'])->toBe('19:40'); // 18:30, three quarters of an hour and the 25 min beside it
    $working = $this->postJson('/api/work-out', $begin)->assertOk()->json();
    expect($working['clock']['starts_in_min'])->toBeGreaterThan(0)->and(array_column($working['plan']['warnings'], 'code'))->not->toContain('not-ready');
});
