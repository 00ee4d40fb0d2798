<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Planning\Around\Compared;
use Velko\Core\Planning\Around\Swap;
use Velko\Core\Planning\Around\Swaps;
use Velko\Core\Planning\Around\WhatIf;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/*
 * The four changes that stock does not follow by multiplying, in each family: which way, how much, and in what words.
 */

dataset('house pans', [
    'risotto' => [fn () => Planner::plan(Kitchens::ask())],
    'pan rice' => [fn () => Planner::plan(Kitchens::panRice())],
    'soupy rice' => [fn () => Planner::plan(Kitchens::soupy())],
]);

it('doubles the covers in the same pan: less stock a gram, because the pan boils off about the same', function ($plan): void {
    $twice = WhatIf::twiceTheCovers($plan);
    expect($twice->after->stock / $plan->stock)->toBeGreaterThan(1.4)->toBeLessThan(1.95)
        ->and($twice->ratioBy())->toBeLessThan(-0.1)
        ->and($twice->after->atTable->boiledOff / $plan->atTable->boiledOff)->toBeGreaterThan(0.8)->toBeLessThan(1.2)
        ->and($twice->after->atTable->drunk)->toEqualWithDelta($plan->atTable->drunk, 0.06)
        ->and($twice->because)->toStartWith('the rice drinks twice as much, the pan boils off ')->toContain('mL to a gram instead of');
})->with('house pans');

it('moves to a wider pan: more stock, because more floor over more heat boils off more', function ($plan): void {
    $wider = WhatIf::widerPan($plan);
    expect($wider->stockBy())->toBeGreaterThan(40.0)
        ->and($wider->after->atTable->boiledOff / $plan->atTable->boiledOff)->toBeGreaterThan(1.2)->toBeLessThan(1.8)
        ->and($wider->after->atTable->drunk)->toEqualWithDelta($plan->atTable->drunk, 0.06)
        ->and($wider->because)->toContain('mL more; the rice drinks the same');
})->with('house pans');

it('goes to 1,600 m: about a fifth longer and more stock, because it boils at 95 °C', function ($plan): void {
    $high = WhatIf::inTheHills($plan);
    expect($high->what)->toBe('at 1,600 m')
        ->and($high->after->pulled->minute() / $plan->pulled->minute())->toBeGreaterThan(1.12)->toBeLessThan(1.32)
        ->and($high->stockBy())->toBeGreaterThan(20.0)
        ->and($high->because)->toStartWith('it boils at 95 °C: the grain takes ')->toContain('min longer');
})->with('house pans');

it('uses stock at 20 °C: minutes longer, because the boil stops', function ($plan): void {
    $cold = WhatIf::coldStock($plan);
    expect($cold->pullBy())->toBeGreaterThan(1.5)->toBeLessThan(9.0)
        ->and(abs($cold->ratioBy()))->toBeLessThan(0.35)
        ->and($cold->because)->toStartWith('it comes to the boil in the pan: ')->toContain('min longer')
        ->and(array_map(static fn ($warning) => $warning->code, $cold->after->warnings))->toContain('stock-cold');
})->with('house pans');

it('compares each with the pan as asked, and with nothing that cannot be', function (): void {
    $all = WhatIf::of(Planner::plan(Kitchens::ask()));
    expect(array_map(static fn (Compared $one): string => $one->what, $all))->toBe(['8 covers in this pan', 'a base of 33 cm on a ring as much bigger', 'at 1,600 m', 'with stock at 20 °C'])
        ->and(WhatIf::coldStock(Planner::plan(Kitchens::ask(stock: 15))))->toBeNull()
        ->and(WhatIf::twiceTheCovers(Planner::plan(Kitchens::soupy(covers: 300, base: 100, height: 50, net: ['on' => 20000]))))->toBeNull()
        ->and(WhatIf::inTheHills(Planner::plan(Kitchens::ask(altitude: 1800)))->what)->toBe('at sea level');
});

it('puts vinegar for the wine by half its volume, or a sixteenth of plain white (common practice, no single source)', function (): void {
    $swap = Swaps::vinegar(Planner::plan(Kitchens::ask(wine: 120)));
    expect($swap->changes[0])->toBe('60 mL of rice vinegar (or 8 mL of plain white) in the first stock')
        ->and($swap->after->alcoholPerCover())->toBe(0.0)
        ->and($swap->after->pulled->minute())->toBeLessThan(Planner::plan(Kitchens::ask(wine: 120))->pulled->minute());
});

it('puts one rice for another and says what changes: window, minutes, thirst, body', function (): void {
    $swaps = array_column(array_map(static fn (Swap $swap): array => ['what' => $swap->what, 'swap' => $swap], Swaps::of(Planner::plan(Kitchens::ask(wine: 100)))), 'swap', 'what');
    expect($swaps)->toHaveKeys(['vinegar for the wine', 'arborio for carnaroli', 'bomba for carnaroli', 'parboiled long grain for carnaroli'])->toHaveCount(7);
    $bomba = $swaps['bomba for carnaroli'];
    expect($bomba->stockBy)->toBeGreaterThan(50.0)
        ->and($bomba->changes)->toContain('its window is 18 to 20 min', 'a thinner sauce')
        ->and($bomba->warnings)->toBe(['Bomba gives a risotto no body'])
        ->and($swaps['parboiled long grain for carnaroli']->changes)->toContain('wash and soak it first, and steam it under a lid at the end')
        ->and(Swaps::rice(Planner::plan(Kitchens::ask()), Variety::VialoneNano)->after->pulled->minute())->toBeLessThan(14.5);
});

it('moves to a bigger pan: more steam, a thinner layer, the heat found anew', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $swap = Swaps::pan($plan, '36 rondeau on the big ring', new Pan(35, 36, 10, 2600), new Burner(24, ['low' => 500.0, 'medium' => 1900.0, 'high' => 3600.0]));
    expect($swap->kind)->toBe('pan')
        ->and($swap->stockBy)->toEqualWithDelta($swap->after->stock - $plan->stock, 1e-9)->toBeGreaterThan(100.0)
        ->and($swap->after->layer())->toBeLessThan($plan->layer())
        ->and($swap->changes[0])->toMatch('/^boils off \d+ mL more$/')
        ->and($swap->changes[1])->toMatch('/^\d+ mm deep instead of \d+$/');
});

it('takes another stock: salt, heat, and the same water', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $swap = Swaps::stock($plan, 'fish stock for vegetable stock', 60.0, $plan->ask->stock->saltPercent + 0.4);
    expect($swap->kind)->toBe('stock')
        ->and($swap->after->saltPercent())->toBeGreaterThan($plan->saltPercent() + 0.2)
        ->and($swap->changes[0])->toMatch('/^[\d.]+ g of salt more on all plates$/')
        ->and($swap->changes[1])->toBe(sprintf('held at 60 °C instead of %d', $plan->ask->stock->temperature))
        ->and($swap->andAlso(['brings fish'])->changes)->toBe([...$swap->changes, 'brings fish'])
        ->and(Swaps::stock($plan, 'the same', $plan->ask->stock->temperature, $plan->ask->stock->saltPercent)->changes)->toBe([]);
});

it('works the schools out side by side, and the dish\'s own among them', function ($plan): void {
    foreach (Velko\Core\Planning\Around\Choices::of($plan) as $choice) {
        $chosen = array_values(array_filter($choice->options, static fn ($option): bool => $option->chosen));
        expect($chosen)->toHaveCount(1, $choice->choice)->and($chosen[0]->plan)->toBe($plan)
            ->and(count($choice->options))->toBeGreaterThan(1);
    }
})->with('house pans');

it('needs fewer hands when it is stirred now and then, and for a pan rice hardly any', function (): void {
    $hands = Velko\Core\Planning\Around\Choices::hands(...);
    $always = Planner::plan(Kitchens::ask());
    expect($hands($always))->toEqualWithDelta($always->pulled->minute(), 1e-9)
        ->and($hands(Planner::plan(Kitchens::panRice())))->toBeLessThan(4.0);
});
