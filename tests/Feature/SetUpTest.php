<?php

declare(strict_types=1);

use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\User;
use Tests\Feature\Station;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Kit;

/* A kitchen from nothing, in one request: all of it or nothing. */

beforeEach(function (): void {
    $this->actingAs($this->chef = User::factory()->create());
    $this->ask = ['format' => 'velko.set-up/1', 'units' => 'us', 'altitude_m' => 800, 'pans' => ['sautoir-24', 'wide-42'], 'rings' => ['gas', 'gas-big'], 'variety' => 'bomba'];
});

it('sets a kitchen up that can be cooked in at once', function (string $variety, string $family): void {
    $kitchen = $this->postJson('/api/kitchen/set-up', [...$this->ask, 'variety' => $variety])->assertCreated();
    Station::keeps('kitchen', $kitchen->getContent());
    expect($kitchen->json('units'))->toBe('us')
        ->and($kitchen->json('altitude_m'))->toEqual(800)
        ->and(array_column($kitchen->json('pans'), 'name'))// 24 and 42 cm across: 9.4 and 16.5 inches, to the half as they are sold.
        ->toBe(['9.5 in sautoir', '16.5 in wide pan'])
        ->and(array_column($kitchen->json('burners'), 'name'))->toBe(['gas ring', 'big ring'])
        ->and(array_column($kitchen->json('ladles'), 'ml'))->toEqual([90, 150])
        ->and($kitchen->json('dishes.0.family'))->toBe($family);
    $working = $this->postJson('/api/work-out', $kitchen->json('begin'))->assertOk();
    expect($working->json('plan.possible'))->toBeTrue()->and($working->json('plan.at_table.bite'))->toBe('right');
})->with([['carnaroli', 'risotto'], ['arborio', 'risotto'], ['bomba', 'pan-rice'], ['round', 'soupy-rice'], ['parboiled', 'risotto']]);

it('can be set up with any of the kit', function (): void {
    $all = [...$this->ask, 'pans' => array_keys(Kit::pans()), 'rings' => array_keys(Kit::rings())];
    $this->postJson('/api/kitchen/set-up', $all)->assertCreated()->assertJsonCount(count(Kit::pans()), 'pans')->assertJsonCount(count(Kit::rings()), 'burners');
});

it('names a pan by its own size in the units of the kitchen', function (): void {
    $kit = collect($this->getJson('/api/kitchen')->json('kit.pans'));
    expect($kit->pluck('name')->all())->toBe(['24 sautoir', '28 sautoir', '36 rondeau', '34 wide pan', '42 wide pan', '8 L pot'])
        // 8.14 L to the rim are 8.6 quarts.
        ->and($kit->pluck('name_us')->all())->toBe(['9.5 in sautoir', '11 in sautoir', '14 in rondeau', '13.5 in wide pan', '16.5 in wide pan', '8.5 qt pot']);
    $this->postJson('/api/kitchen/set-up', [...$this->ask, 'units' => 'metric'])->assertCreated()->assertJsonPath('pans.0.name', '24 sautoir');
});

it('is set up once, and leaves nothing behind where it cannot be finished', function (): void {
    Dish::creating(static fn () => throw new RuntimeException('the kitchen burns'));
    $this->postJson('/api/kitchen/set-up', $this->ask)->assertStatus(500);
    $kitchen = Kitchen::query()->findOrFail($this->chef->kitchen_id);
    expect($kitchen->pans()->count() + $kitchen->burners()->count() + $kitchen->ladles()->count() + $kitchen->rices()->count() + $kitchen->stocks()->count())->toBe(0)
        ->and($kitchen->units)->toBe('metric');
    Dish::flushEventListeners();
    $this->postJson('/api/kitchen/set-up', $this->ask)->assertCreated();
    $this->postJson('/api/kitchen/set-up', $this->ask)->assertStatus(422)->assertJsonPath('errors.0.detail', 'is for a kitchen that has nothing yet');
});

it('names what is wrong, and enters nothing', function (array $wrong, string $pointer): void {
    $this->postJson('/api/kitchen/set-up', [...$this->ask, ...$wrong])->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->getJson('/api/kitchen')->json('pans'))->toBe([]);
})->with([
    [['pans' => []], '/pans'], [['pans' => ['cauldron']], '/pans/0'], [['pans' => ['wide-42', 'wide-42']], '/pans'], [['rings' => []], '/rings'],
    [['variety' => 'basmati'], '/variety'], [['altitude_m' => 9000], '/altitude_m'], [['altitude_m' => null], '/altitude_m'], [['units' => 'stone'], '/units'],
]);

it('offers the kit, and dishes as nobody has said more, that the contracts know', function (): void {
    $kitchen = $this->getJson('/api/kitchen')->assertOk();
    Station::keeps('kitchen', $kitchen->getContent());
    foreach ($kitchen->json('families') as $family) {
        expect($family['new_dish']['family'])->toBe($family['family'])
            ->and(array_column($family['plates'], 'looseness'))->toContain($family['new_dish']['looseness'])
            ->and(array_map(Variety::from(...), $family['rices']))->not->toBeEmpty();
    }
});
