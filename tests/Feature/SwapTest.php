<?php

declare(strict_types=1);

use Illuminate\Support\Carbon;
use Tests\Feature\Station;

/* One ingredient of a dish in the place of another, before and after. */

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
    $ingredient = static fn (string $name, float $amount, string $goes, ?string $suits = 'vegan', ?array $allergens = []): array => ['name' => $name, 'amount' => $amount, 'unit' => 'g', 'per' => 'main', 'goes' => $goes, 'minute' => null, 'temperature_c' => null, 'food' => null, 'suits' => $suits, 'allergens' => $allergens];
    $this->dish = $this->postJson('/api/dishes', [
        'format' => 'velko.dish-entry/1', 'rice_id' => $this->station->dish->rice_id, 'stock_id' => $this->station->dish->stock_id,
        'dish' => [...$this->getJson("/api/dishes/{$this->station->dish->id}")->json('dish'), 'name' => 'to be swapped', 'diet' => 'vegetarian', 'ingredients' => [$ingredient('leek', 20, 'base'), $ingredient('chestnut mushroom', 60, 'with-the-rice')]],
    ])->assertCreated()->json('id');
    $this->swap = fn (int $at, string $instead): array => ['format' => 'velko.swap-asked/1', 'ask' => $this->station->ask(dish_id: $this->dish), 'ingredient' => $at, 'instead' => $instead];
});

it('lays a drier thing beside a wet one: more stock, and what it brings is said', function (): void {
    $answer = $this->postJson('/api/swaps', ($this->swap)(1, 'smoked pancetta'))->assertOk();
    Station::keeps('swapped', $answer->getContent());
    [$before, $after] = $answer->json('stock_ml');
    // 60 g of mushroom a main are 92 % water of which 45 % comes out: 25 g a main that the pancetta does not give.
    expect($after)->toBeGreaterThan($before)
        ->and($answer->json('salt_percent.1'))->toBeGreaterThan($answer->json('salt_percent.0'))
        ->and($answer->json('unfit'))->toBeTrue()
        ->and(array_column($answer->json('changes_facts'), 'code'))->toContain('swap.water')
        ->and(array_column($answer->json('warnings_facts'), 'code'))->toContain('swap.unfit');
});

it('says nothing in red of what its guest may eat, and what nobody knows it says so', function (): void {
    $celeriac = $this->postJson('/api/swaps', ($this->swap)(1, 'celeriac'))->assertOk();
    expect($celeriac->json('unfit'))->toBeFalse()->and(array_column($celeriac->json('changes_facts'), 'code'))->toContain('swap.brings');
    $unknown = $this->postJson('/api/swaps', ($this->swap)(0, 'moonroot'))->assertOk();
    expect($unknown->json('unfit'))->toBeFalse()->and(array_column($unknown->json('changes_facts'), 'code'))->toContain('swap.guessed')->toContain('swap.not-said');
});

it('refuses what is no ingredient of it, and another kitchen\'s dish', function (): void {
    $this->postJson('/api/swaps', ($this->swap)(2, 'leek'))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/ingredient');
    $this->postJson('/api/swaps', ($this->swap)(0, ''))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/instead');
    $this->postJson('/api/swaps', [...($this->swap)(0, 'leek'), 'ask' => 'tonight'])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/ask');
    $asked = ($this->swap)(0, 'leek');
    $this->actingAs(Station::open()->cook)->postJson('/api/swaps', $asked)->assertUnprocessable();
});
