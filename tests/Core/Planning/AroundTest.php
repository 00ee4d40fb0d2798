<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Planning\Around\Compared;
use Velko\Core\Planning\Around\Swap;
use Velko\Core\Planning\Around\Swaps;
use Velko\Core\Planning\Around\WhatIf;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Temperature;
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
        ->and($twice->because->code)->toBe('because.twice')
        ->and($twice->because->args['ratio']->mlPerG)->toBeLessThan($twice->because->args['instead']->mlPerG);
})->with('house pans');

it('moves to a wider pan: more stock, because more floor over more heat boils off more', function ($plan): void {
    $wider = WhatIf::widerPan($plan);
    expect($wider->stockBy())->toBeGreaterThan(40.0)
        ->and($wider->after->atTable->boiledOff / $plan->atTable->boiledOff)->toBeGreaterThan(1.2)->toBeLessThan(1.8)
        ->and($wider->after->atTable->drunk)->toEqualWithDelta($plan->atTable->drunk, 0.06)
        ->and($wider->because->code)->toBe('because.wider')->and($wider->because->args['steam']->args['more'])->toBeTrue();
})->with('house pans');

it('goes to 1,600 m: about a fifth longer and more stock, because it boils at 95 °C', function ($plan): void {
    $high = WhatIf::inTheHills($plan);
    expect($high->what)->toEqual(Fact::of('what-if.hills', altitude: Length::ofM(1600)))
        ->and($high->after->pulled->minute() / $plan->pulled->minute())->toBeGreaterThan(1.12)->toBeLessThan(1.32)
        ->and($high->stockBy())->toBeGreaterThan(20.0)
        ->and($high->because->args['boiling']->celsius)->toBe(95.0)->and($high->because->args['longer'])->toBeTrue();
})->with('house pans');

it('uses stock at 20 °C: minutes longer, because the boil stops', function ($plan): void {
    $cold = WhatIf::coldStock($plan);
    expect($cold->pullBy())->toBeGreaterThan(1.5)->toBeLessThan(9.0)
        ->and(abs($cold->ratioBy()))->toBeLessThan(0.35)
        ->and($cold->because->args['minutes'])->toEqualWithDelta($cold->pullBy(), 1e-9)
        ->and(array_map(static fn ($warning) => $warning->code, $cold->after->warnings))->toContain('stock-cold');
})->with('house pans');

it('compares each with the pan as asked, and with nothing that cannot be', function (): void {
    $all = WhatIf::of(Planner::plan(Kitchens::ask()));
    expect(array_map(static fn (Compared $comparison): Fact => $comparison->what, $all))->toEqual([Fact::of('what-if.covers', covers: 8), Fact::of('what-if.base', base: Length::ofCm(33)), Fact::of('what-if.hills', altitude: Length::ofM(1600)), Fact::of('what-if.cold-stock', temperature: Temperature::ofC(20))])
        ->and(WhatIf::coldStock(Planner::plan(Kitchens::ask(stock: 15))))->toBeNull()
        ->and(WhatIf::twiceTheCovers(Planner::plan(Kitchens::soupy(covers: 300, base: 100, height: 50, net: ['on' => 20000]))))->toBeNull()
        ->and(WhatIf::inTheHills(Planner::plan(Kitchens::ask(altitude: 1800)))->what->code)->toBe('what-if.sea');
});

it('puts vinegar for the wine: a quarter of rice vinegar, or an eighth of plain white', function (): void {
    $swap = Swaps::vinegar(Planner::plan(Kitchens::ask(wine: 120)));
    // 120 mL / 4 and / 8. By titratable acid (from memory): wine 6 g/L of tartaric acid (75.04 g/eq), vinegars 42 and 50 g/L of acetic acid (60.05 g/eq);
    // so 9.6 meq in the wine, 21 and 12.5 in the vinegars: more than the wine's, and not three times as much.
    expect($swap->changes[0]->args['rice']->ml)->toBe(30.0)->and($swap->changes[0]->args['white']->ml)->toBe(15.0);
    foreach (['rice' => 42.0, 'white' => 50.0] as $vinegar => $acid) {
        expect($swap->changes[0]->args[$vinegar]->ml * $acid / 60.05 / (120.0 * 6.0 / 75.04))->toBeBetween(1.0, 2.5);
    }
    expect($swap->after->alcoholPerCover())->toBe(0.0)
        ->and($swap->after->pulled->minute())->toBeLessThan(Planner::plan(Kitchens::ask(wine: 120))->pulled->minute());
});

it('puts one rice for another and says what changes: window, minutes, thirst, body', function (): void {
    $swaps = array_column(array_map(static fn (Swap $swap): array => ['this' => ($swap->what->args['this'] ?? $swap->what)->code, 'swap' => $swap], Swaps::of(Planner::plan(Kitchens::ask(wine: 100)))), 'swap', 'this');
    expect($swaps)->toHaveKeys(['swap.vinegar', 'rice.arborio', 'rice.bomba', 'rice.parboiled', 'rice.long'])->toHaveCount(count(Variety::cases())); // every other rice, and vinegar
    $bomba = $swaps['rice.bomba'];
    expect($bomba->stockBy)->toBeGreaterThan(50.0)
        ->and($bomba->changes[0])->toEqual(Fact::of('swap.window', low: 18.0, high: 20.0))
        ->and($bomba->changes)->toContainEqual(Fact::of('swap.sauce', creamier: false))
        ->and(array_column($bomba->warnings, 'code'))->toBe(['warning.rice-not-for-risotto'])
        ->and(array_column($swaps['rice.parboiled']->changes, 'code'))->toContain('swap.wash-and-soak')
        ->and(Swaps::rice(Planner::plan(Kitchens::ask()), Variety::VialoneNano)->after->pulled->minute())->toBeLessThan(14.5);
});

it('moves to a bigger pan: more steam, a thinner layer, the heat found anew', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $swap = Swaps::pan($plan, Fact::text('36 rondeau on the big ring'), new Pan(35, 36, 10, 2600), new Burner(24, ['low' => 500.0, 'medium' => 1900.0, 'high' => 3600.0]));
    expect($swap->kind)->toBe('pan')
        ->and($swap->stockBy)->toEqualWithDelta($swap->after->stock - $plan->stock, 1e-9)->toBeGreaterThan(100.0)
        ->and($swap->after->layer())->toBeLessThan($plan->layer())
        ->and($swap->changes[0]->args['more'])->toBeTrue()
        ->and($swap->changes[1]->args['depth']->mm)->toBeLessThan($swap->changes[1]->args['instead']->mm);
});

it('takes another stock: salt, heat, and the same water', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $swap = Swaps::stock($plan, Fact::text('fish stock'), 60.0, $plan->ask->stock->saltPercent + 0.4);
    expect($swap->kind)->toBe('stock')
        ->and($swap->after->saltPercent())->toBeGreaterThan($plan->saltPercent() + 0.2)
        ->and($swap->changes[0]->code)->toBe('swap.salt')->and($swap->changes[0]->args['more'])->toBeTrue()
        ->and($swap->changes[1])->toEqual(Fact::of('swap.held-at', temperature: Temperature::ofC(60), instead: Temperature::ofC($plan->ask->stock->temperature)))
        ->and($swap->andAlso([Fact::text('brings fish')])->changes)->toEqual([...$swap->changes, Fact::text('brings fish')])
        ->and(Swaps::stock($plan, Fact::text('the same'), $plan->ask->stock->temperature, $plan->ask->stock->saltPercent)->changes)->toBe([]);
});

it('works the schools out side by side, and the dish\'s own among them', function ($plan): void {
    foreach (Velko\Core\Planning\Around\Choices::of($plan) as $choice) {
        $chosen = array_values(array_filter($choice->options, static fn ($option): bool => $option->chosen));
        expect($chosen)->toHaveCount(1, $choice->school->value)->and($chosen[0]->plan)->toBe($plan)
            ->and(count($choice->options))->toBeGreaterThan(1);
    }
})->with('house pans');

it('needs fewer hands when it is stirred now and then, and for a pan rice hardly any', function (): void {
    $hands = Velko\Core\Planning\Around\Choices::hands(...);
    $always = Planner::plan(Kitchens::ask());
    expect($hands($always))->toEqualWithDelta($always->pulled->minute(), 1e-9)
        ->and($hands(Planner::plan(Kitchens::panRice())))->toBeLessThan(4.0);
});
