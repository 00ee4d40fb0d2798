<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Mise\AddIns;
use Velko\Core\Mise\Amount;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\Preparation;
use Velko\Core\Mise\ReadyBy;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\SideWork;
use Velko\Core\Mise\WeighedOut;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Stock;
use Velko\Core\Planning\StockFromWater;
use Velko\Core\Quantity\Fact;

it('scales what goes by the rice, by the plates, by the floor, and what does not scale at all', function (): void {
    // 22 mains of 80 g and 14 starters of 45 g, in a pan with a floor of 0.1 m².
    $rice = 22 * 80 + 14 * 45;
    $for = static fn (Scales $scales): float => (new Ingredient('x', 10, 'g', $scales, Goes::Base))->for($rice, 80, 36, 0.1);
    expect($for(Scales::Main))->toEqualWithDelta(10 * (22 + 14 * 45 / 80), 1e-9)
        ->and($for(Scales::Plate))->toBe(360.0)
        ->and($for(Scales::Floor))->toEqualWithDelta(100.0, 1e-9)
        ->and($for(Scales::Pan))->toBe(10.0);
});

it('weighs no finer than it matters', function (float $amount, string $unit, string $words): void {
    expect(Amount::words($amount, $unit))->toBe($words);
})->with([[0.0, 'g', '0 g'], [0.123, 'g', '0.12 g'], [4.3, 'g', '4.5 g'], [47.2, 'g', '47 g'], [183.0, 'ml', '185 mL'], [2380.0, 'g', '2.4 kg'], [2.2, 'pieces', '2 ½'], [0.1, 'pieces', '½']]);

it('is never off by more than a twentieth when it is rounded', function (): void {
    for ($amount = 1.0; $amount < 20000; $amount *= 1.07) {
        expect(abs(Amount::rounded($amount, 'g') / $amount - 1))->toBeLessThan($amount < 10 ? 0.25 : 0.05);
    }
});

it('puts things in between the other steps, each at its time', function (): void {
    $ingredients = [
        new Ingredient('clams', 60, 'g', Scales::Main, Goes::AtMinute, 10.0),
        new Ingredient('prawns', 40, 'g', Scales::Main, Goes::NineTenthsGone),
        new Ingredient('peas', 20, 'g', Scales::Main, Goes::LastTwoMinutes),
        new Ingredient('sofrito', 40, 'g', Scales::Main, Goes::Base),
        new Ingredient('lemon', 1, 'pieces', Scales::Plate, Goes::OnTop),
    ];
    // As light as air, so that the pan is as it would be without them.
    $food = array_map(static fn (Ingredient $ingredient): Portion => new Portion($ingredient->name, Group::usual()->food(), 0.0, $ingredient->goes, 20.0, $ingredient->minute), $ingredients);
    $plan = Planner::plan(Kitchens::panRice()->withFood($food));
    $stages = AddIns::among($plan, $ingredients, new WeighedOut($plan, 55.0));
    $added = array_values(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Add));
    $minutes = array_map(static fn (Stage $stage): float => $stage->minute, $stages);
    $sorted = $minutes;
    sort($sorted);
    expect($minutes)->toBe($sorted)
        ->and(array_map(static fn (Stage $stage): array => [$stage->item?->name, $stage->item?->amount, $stage->item?->unit], $added))->toBe([['clams', 360.0, 'g'], ['prawns', 240.0, 'g'], ['peas', 120.0, 'g']]) // six mains
        ->and($added[0]->minute)->toBe(10.0)
        ->and($added[2]->minute)->toEqualWithDelta($plan->pulled->minute() - 2, 0.75);
    // nine tenths of the stock has gone, and not much more
    $row = (int) array_search(max(array_filter($plan->track->minute, static fn (float $minute): bool => $minute <= $added[1]->minute)), $plan->track->minute, true);
    expect($plan->track->free[$row])->toBeLessThanOrEqual(0.12 * $plan->stock)->toBeGreaterThan(0.08 * $plan->stock);
});

it('begins side work early enough for the moment it must be ready', function (): void {
    $plan = Planner::plan(Kitchens::soupy(soak: 18, sealed: false));
    $prep = Preparation::of($plan, [
        new SideWork(Fact::text('roast the leek'), ReadyBy::Table, 25, 3, true), new SideWork(Fact::text('sofrito'), ReadyBy::Rice, 45, 20, true),
        new SideWork(Fact::text('braise'), ReadyBy::Stock, 60, 5, true), new SideWork(Fact::text('fillet'), ReadyBy::LastDose, 12, 10, false),
    ]);
    $starts = array_column($prep, 'start');
    $sorted = $starts;
    sort($sorted);
    $by = array_column(array_map(static fn (array $task): array => [...$task, 'what' => $task['work']->what->args['text'] ?? $task['work']->what->code], $prep), null, 'what');
    expect($starts)->toBe($sorted)
        ->and($by['sofrito']['ready'])->toBe(0.0)->and($by['sofrito']['start'])->toBe(-45.0)
        ->and($by['roast the leek']['ready'])->toBe($plan->atTable->minute())
        ->and($by)->toHaveKeys(['prep.stock', 'prep.soak'])
        ->and($by['prep.soak']['start'])->toBe(-18.0);
});

it('begins what needs another only once that is ready', function (): void {
    // Saffron is toasted for two minutes, then steeped for eighteen; ready with the rice, three minutes before the first liquid.
    $prep = Preparation::of(Planner::plan(Kitchens::panRice()), [
        new SideWork(Fact::text('toast the saffron'), ReadyBy::Table, 2, 2, false), new SideWork(Fact::text('steep it'), ReadyBy::Rice, 18, 1, false, needs: 0),
    ]);
    $by = array_column(array_map(static fn (array $task): array => [...$task, 'what' => $task['work']->what->args['text'] ?? $task['work']->what->code], $prep), null, 'what');
    expect($by['steep it']['start'])->toBe(-21.0)
        ->and($by['toast the saffron']['ready'])->toBe(-21.0)->and($by['toast the saffron']['start'])->toBe(-23.0);
});

it('has the stock hot by when something steeps in it, and warms the less of it the more liquor comes from beside the pan', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $stock = static fn (SideWork ...$works): array => array_values(array_filter(Preparation::of($plan, array_values($works)), static fn (array $task): bool => $task['work']->what->code === 'prep.stock'))[0];
    $steep = new SideWork(Fact::text('steep the saffron'), ReadyBy::Rice, 18, 1, false, drinks: 60.0);
    // Ready with the rice, three minutes before the first liquid: it steeps from minute −21.
    expect($stock()['ready'])->toBe(0.0)->and($stock($steep)['ready'])->toBe(-21.0)
        ->and($stock($steep)['start'])->toBe($stock()['start'] - 21.0);
    $braise = new SideWork(Fact::text('braise'), ReadyBy::Stock, 60, 5, true, gives: 500.0);
    expect(Preparation::ownStock($plan, [$braise]))->toBe($plan->make() - 500.0)
        ->and(Preparation::ownStock($plan, [$braise, $braise, $braise, $braise, $braise, $braise, $braise, $braise, $braise]))->toBe(max(0.0, $plan->make() - 4500.0))
        ->and($stock($braise)['work']->takes)->toBeLessThan($stock()['work']->takes);
});

it('puts the stock on so long before as its volume needs', function (): void {
    // From 5 to 92 °C at 1,500 W: 4.18 J/(g·K) × 8,000 g × 87 K / 1,500 W = 1,940 s; a quarter of that for two litres.
    $stock = new Stock(92.0, 0.5);
    expect($stock->warmsIn(8000.0))->toEqualWithDelta(1940 / 60, 0.1)->and($stock->warmsIn(2000.0))->toEqualWithDelta(485 / 60, 0.1)
        ->and((new Stock(4.0, 0.5))->warmsIn(8000.0))->toBe(0.0);
    $on = static function (int $covers): float {
        $prep = Preparation::of(Planner::plan(Kitchens::soupy($covers)), []);

        return $prep[0]['work']->takes;
    };
    // It steams for a quarter of an hour before it is poured, whatever it takes until then.
    expect($on(20) - 15.0)->toBeGreaterThan(3 * ($on(4) - 15.0));
});

it('makes a stock from cold water on the day: so much more of it, and so much longer', function (): void {
    // 2 L strained at 90 % of their water, and what an open pot of 24 cm gives off in 20 min; then 83 K at 1,500 W and 20 min.
    $stock = new Stock(90.0, 0.0, fromWater: new StockFromWater(20.0, 0.9, 250.0));
    $water = 2000.0 / 0.9 + $stock->givenOff(20.0, 24.0);
    expect($stock->water(2000.0))->toEqualWithDelta($water, 0.5)->toBeGreaterThan(2222.0)
        ->and($stock->warmsIn(2000.0))->toEqualWithDelta(4.18 * $water * 83.0 / 1500.0 / 60 + 20.0, 0.05)
        ->and($stock->fromWater?->weighIn(4000.0))->toEqualWithDelta(1000.0, 1e-9);
    $ask = Kitchens::soupy();
    $prep = Preparation::of(Planner::plan($ask->withStock($stock)), []);
    expect($prep[0]['work']->what->code)->toBe('prep.stock-from-water')
        ->and($prep[0]['work']->takes)->toBeGreaterThan(Preparation::of(Planner::plan($ask), [])[0]['work']->takes + 15.0);
});
