<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Pan\Conditions;
use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Pan;

function portion(string $name, float $grams, Goes $goes, ?float $minute = null, ?float $celsius = null): Portion
{
    $food = Foods::find($name) ?? throw new LogicException($name);

    return new Portion($name, $food, $grams, $goes, $celsius ?? $food->kept, $minute);
}

/** The plan's own pours and pull, with something in the pan that it knows nothing of. */
function uncounted(Plan $plan, Portion ...$food): Velko\Core\Act\Run
{
    $pours = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
    $cooking = new Cooking($plan->ask->withFood(array_values($food)), $plan->heat);

    return $cooking->cook(
        array_map(static fn (Stage $stage): float => 60 * $stage->minute, $pours),
        array_map(static fn (Stage $stage): float => $stage->volume ?? 0.0, $pours),
        $plan->pulled->second,
    );
}

/** What a pan holds, J above 0 °C. */
function held(Simulation $simulation, Velko\Core\Pan\State $state): float
{
    return $simulation->capacity($state) * $state->temperature;
}

it('cools the pan as a hand calculation has it: frozen peas into four mains', function (): void {
    $simulation = new Simulation(Variety::Carnaroli->grain(), Conditions::at(0, 24, new Pan(26, 28, 15, 900)), 320);
    $state = $simulation->start(100.0, false);
    $simulation->pour($state, 550.0, 100.0);
    // Pan 900, rice 1.6 · 320 = 512, liquid 4.18 · 550 = 2,299: 3,711 J/K at 100 °C. Peas 200 · 3.4865 = 697.3 J/K, 200 · 296.9 = 59,380 J short of 0 °C.
    // (371,100 − 59,380) / (3,711 + 697.3) = 70.7 °C.
    portion('frozen peas', 200.0, Goes::AtMinute, 13.0)->add()->on($simulation, $state);
    expect($state->temperature)->toEqualWithDelta(70.7, 0.2);
});

it('knocks a planned pan off the boil by about 28 K with 200 g of frozen peas at minute 13', function (): void {
    $plan = Planner::plan(Kitchens::ask(covers: 4));
    $run = uncounted($plan, portion('frozen peas', 200.0, Goes::AtMinute, 13.0));
    $row = array_search(13.5, $run->track->minute, true);
    expect($row)->not->toBeFalse()
        ->and(min($run->track->temperature))->toBeBetween(100.0 - 32.0, 100.0 - 22.0);
});

it('makes a wave loose where the purée is not counted, and a wave where it is', function (): void {
    // 625 g for fourteen mains, at 5 °C: 0.7 of its 85 % of water are 372 g, over 1,120 g of rice 0.33 g/g; with the minutes off the boil up to 0.5.
    $ask = Kitchens::ask(covers: 14);
    $puree = portion('parsnip purée', 625.0, Goes::AtMinute, 12.0);
    $plan = Planner::plan($ask);
    expect($plan->looseness())->toEqualWithDelta(Looseness::Wave->value(), 0.02)
        ->and(uncounted($plan, $puree)->end->free / $ask->rice() - $plan->looseness())->toBeBetween(0.3, 0.5);
    $counted = Planner::plan($ask->withFood([$puree]));
    expect($counted->looseness())->toEqualWithDelta(Looseness::Wave->value(), 0.02)
        ->and($counted->bite())->toBe(Bite::Right)
        ->and($counted->atTable->brought)->toEqualWithDelta(0.7 * 0.85 * 625, 1e-6)
        ->and($plan->stock - $counted->stock)->toBeBetween(250.0, 500.0);
});

it('lands a stew right that takes a kilo and a quarter of cold hake for its last two minutes', function (): void {
    $ask = Kitchens::soupy(covers: 14);
    $hake = portion('hake', 1250.0, Goes::LastTwoMinutes);
    $plan = Planner::plan($ask);
    $blind = uncounted($plan, $hake);
    expect(min(array_slice($blind->track->temperature, (int) array_search(max(array_filter($blind->track->minute, static fn (float $minute): bool => $minute <= $plan->pulled->minute() - 1)), $blind->track->minute, true))))->toBeLessThan(92.0)
        ->and($blind->end->doneness)->toBeLessThan($plan->atTable->doneness - 0.3);
    $counted = Planner::plan($ask->withFood([$hake]));
    expect($counted->bite())->toBe(Bite::Right)
        ->and($counted->atTable->doneness)->toEqualWithDelta($ask->grain->window->middle(), 0.1)
        ->and($counted->looseness())->toEqualWithDelta(Looseness::Loose->value(), 0.06)
        ->and($counted->pulled->minute())->toBeGreaterThan($plan->pulled->minute() + 0.5)
        // It went in about two minutes of doneness before the pull.
        ->and($counted->pulled->minute() - $counted->atTable->addedAt[0] / 60)->toBeBetween(1.5, 4.5);
});

it('waits for nine tenths of a pan rice to be gone', function (): void {
    $ask = Kitchens::panRice();
    $plan = Planner::plan($ask->withFood([portion('prawns', 300.0, Goes::NineTenthsGone)]));
    $at = $plan->atTable->addedAt[0] / 60;
    $row = (int) array_search(max(array_filter($plan->track->minute, static fn (float $minute): bool => $minute <= $at)), $plan->track->minute, true);
    expect($plan->track->free[$row])->toBeBetween(0.06 * $plan->stock, 0.14 * $plan->stock)
        ->and($at)->toBeLessThan($plan->pulled->minute())
        ->and($plan->bite())->toBe(Bite::Right);
});

it('keeps water and heat: what comes out of a food is in the pan, and takes its heat along', function (): void {
    $simulation = new Simulation(Variety::Carnaroli->grain(), Conditions::at(0, 24, new Pan(26, 28, 15, 900)), 320);
    $state = $simulation->start(100.0, false);
    $simulation->pour($state, 900.0, 90.0);
    $simulation->heat($state, 700.0);
    foreach ([['mushrooms', 300.0], ['dried porcini', 25.0], ['parsnip purée', 200.0], ['frozen peas', 120.0]] as [$name, $grams]) {
        portion($name, $grams, Goes::WithTheRice)->add()->on($simulation, $state);
    }
    $before = held($simulation, $state);
    $capacity = $simulation->capacity($state);
    $simulation->run($state, 900.0);
    $poured = $state->poured + $state->brought;
    expect(abs($poured - 320 * $state->drunk - $state->free - $state->boiledOff))->toBeLessThan(1e-9 * $poured)
        ->and($state->brought)->toBeGreaterThan(150.0)
        // Only steam takes capacity away, 4.18 J/K a gram.
        ->and($simulation->capacity($state))->toEqualWithDelta($capacity - 4.18 * $state->boiledOff, 1e-6 * $capacity)
        // Heat in = warmed + 2257 J a gram of steam, and what steam held itself.
        ->and(held($simulation, $state) - $before)->toBeLessThan(700.0 * 900);
});

it('gives its water by the equation: two thirds in so many minutes', function (): void {
    $simulation = new Simulation(Variety::Carnaroli->grain(), Conditions::at(0, 24, new Pan(26, 28, 15, 900)), 0.001);
    $state = $simulation->start(100.0, false);
    $simulation->pour($state, 2000.0, 100.0);
    $simulation->heat($state, 900.0);
    $mushrooms = portion('mushrooms', 300.0, Goes::WithTheRice, celsius: 100.0);
    $mushrooms->add()->on($simulation, $state);
    $simulation->run($state, 300.0);
    // f·w·m·(1 − exp(−5/5)) = 0.45 · 0.92 · 300 · 0.632 = 78.5 g.
    expect($state->brought)->toEqualWithDelta(78.5, 0.4);
});

it('takes up no more than there is', function (): void {
    $simulation = new Simulation(Variety::Carnaroli->grain(), Conditions::at(0, 24, new Pan(26, 28, 15, 900)), 320);
    $state = $simulation->start(100.0, false);
    $simulation->pour($state, 60.0, 90.0);
    $simulation->heat($state, 500.0);
    (new Portion('bread', Group::Dried->food()->with(['takes' => 5.0, 'tau' => 1.0, 'frees' => 0.0]), 400.0, Goes::WithTheRice, 90.0))->add()->on($simulation, $state);
    $simulation->run($state, 600.0);
    expect($state->free)->toBeGreaterThanOrEqual(0.0)
        ->and(abs($state->poured + $state->brought - 320 * $state->drunk - $state->free - $state->boiledOff))->toBeLessThan(1e-7);
});

it('counts salt, weight and depth of everything', function (): void {
    $ask = Kitchens::panRice();
    $plain = Planner::plan($ask);
    $with = Planner::plan($ask->withFood([portion('olives', 100.0, Goes::OnTop), portion('chorizo', 200.0, Goes::Base), portion('mussels', 600.0, Goes::NineTenthsGone)]));
    // 3.0 g in 100 g of olives, 3.0 in 100 g of sausage, 0.7 in 100 g of mussels.
    expect($with->saltOfFood())->toEqualWithDelta(3.0 + 6.0 + 4.2, 1e-9)
        ->and($with->salt())->toEqualWithDelta($with->saltOfStock() + 13.2, 1e-6)
        // 80 % of the sausage is left, olives and mussels as they are, without the water that the mussels gave.
        ->and($with->foodOnThePlate())->toEqualWithDelta(100.0 + 160.0 + 600.0 - $with->atTable->brought, 1e-6)
        // Sausage 160 mL, mussels by their bulk 1,200 mL, over the floor; olives lie on top.
        ->and($with->layer() - $ask->pan->layer($ask->rice(), $with->pulled->drunkAboveTheCrust($ask->rice())))->toEqualWithDelta(1360.0 / 1000 / $ask->pan->baseArea(), 1e-6)
        ->and($with->layer())->toBeGreaterThan($plain->layer() + 8.0);
});

it('leaves every plan as it was where nothing else is in the pan', function (): void {
    foreach (Kitchens::ofEveryFamily(4, 7) as $name => $ask) {
        expect(Planner::plan($ask->withFood([])))->toEqual(Planner::plan($ask), $name);
    }
});

it('grows with the covers', function (): void {
    $ask = Kitchens::ask(covers: 4)->withFood([portion('peas', 80.0, Goes::AtMinute, 12.0)]);
    expect($ask->forCovers(10)->food[0]->grams)->toEqualWithDelta(200.0, 1e-9);
});

it('says what takes a pan off its boil for longer than a minute, and what each way out leaves of it', function (): void {
    $ask = Kitchens::ask(covers: 6)->withFood([portion('parsnip purée', 270.0, Goes::AtMinute, 12.0)]);
    [$warning] = Velko\Core\Planning\FoodChecks::of(Planner::plan($ask));
    expect($warning?->code)->toBe('off-the-boil')
        ->and($warning->fix->args['ways'])->not->toBe([]);
    foreach ($warning->fix->args['ways'] as $way) {
        expect($way->args['time']->seconds)->toBeLessThan($warning->fact->args['time']->seconds, $way->code);
    }
    // A pinch of pepper in a pan does nothing of the kind.
    expect(Velko\Core\Planning\FoodChecks::of(Planner::plan(Kitchens::ask(covers: 6)->withFood([portion('paprika', 3.0, Goes::AtMinute, 12.0)]))))->toBe([null]);
});
