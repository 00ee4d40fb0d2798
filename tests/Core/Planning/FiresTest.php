<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Tests\Core\Replayed;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Live\Forecast;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Volume;
use Velko\Core\Safety\Cautions;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Served;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Water\Steam;

/* Fires that are no knobs: they fall by themselves, and are never twice the same. */

function over(Ask $ask, Fire $fire, ?float $fades = null): Ask
{
    return $ask->on(new Burner($ask->burner->ring, $ask->burner->net, $ask->burner->grate, $fire, $fades));
}

it('boils off what a falling fire gives: its heat integrated by hand', function (float $fades, float $minutes): void {
    $ask = Kitchens::ask();
    $boiledOff = static function (float $fades) use ($ask, $minutes): float {
        $simulation = new Simulation($ask->grain, $ask->conditions(), 0.01, fades: $fades);
        $state = $simulation->start(100, false);
        $simulation->pour($state, 4000, 100);
        $simulation->heat($state, 2000.0);
        $simulation->run($state, 60 * $minutes);

        return $state->boiledOff;
    };
    // At the boil all else is the same: what is missing is P·T − P/k·(1 − e^−kT) of heat, by the latent heat.
    $missing = 2000.0 * 60 * ($minutes - (1 - exp(-$fades * $minutes)) / $fades) / Steam::LATENT_HEAT;
    expect($boiledOff(0.0) - $boiledOff($fades))->toEqualWithDelta($missing, 0.01 * $missing);
})->with([[0.03, 20.0], [0.015, 20.0], [0.10, 10.0]]);

it('halves in the minutes that are said of it', function (): void {
    // ln 2 / 0.03 = 23.1 min, ln 2 / 0.015 = 46.2
    $burner = static fn (Fire $fire): Burner => new Burner(30.0, ['high flame' => 6000.0], null, $fire);
    expect($burner(Fire::Wood)->after(23.1)->net['high flame'])->toEqualWithDelta(3000.0, 5.0)
        ->and($burner(Fire::Charcoal)->after(46.2)->net['high flame'])->toEqualWithDelta(3000.0, 5.0)
        ->and($burner(Fire::SolidTop)->after(60.0)->net['high flame'])->toBe(6000.0);
});

it('plans every family on a falling fire: done right, and less boiled off than on one that stays', function (Ask $ask): void {
    $steady = Planner::plan($ask);
    $falling = Planner::plan(over($steady->ask->withHeat([new HeatChange(0.0, $steady->heat[0]->mark)]), Fire::Charcoal));
    $same = Planner::plan($steady->ask->withHeat([new HeatChange(0.0, $steady->heat[0]->mark)]));
    expect($falling->bite()->value)->toBe('right')
        ->and($falling->atTable->boiledOff)->toBeLessThan($same->atTable->boiledOff);
    $own = Planner::plan(over($ask, Fire::Charcoal));
    expect($own->bite()->value)->toBe('right')->and($own->looseness())->toEqualWithDelta($ask->target->looseness, 0.06);
})->with(['risotto' => [fn (): Ask => Kitchens::ask(6)], 'soupy rice' => [fn (): Ask => Kitchens::soupy(6)]]);

it('lands where its plan says when it is played again, step by step, on the same falling fire', function (Ask $ask): void {
    $plan = Planner::plan(over($ask, Fire::Wood));
    expect(Replayed::agrees($plan, Replayed::of($plan)->run->end))->toBeTrue();
})->with(['risotto' => [fn (): Ask => Kitchens::ask(6)], 'pan rice' => [fn (): Ask => Kitchens::panRice(10)], 'soupy rice' => [fn (): Ask => Kitchens::soupy(6)]]);

it('makes the crust with what is left of the fire by then', function (): void {
    $embers = Planner::plan(over(Kitchens::panRice(10), Fire::Wood));
    $knob = Planner::plan(Kitchens::panRice(10));
    $making = static fn (Plan $plan): float => $plan->ask->crustMaking()->burner->net['medium'];
    // exp(−0.03 · middle of the window) of what the knob gives
    expect($making($embers) / $making($knob))->toEqualWithDelta(exp(-0.03 * Kitchens::panRice(10)->grain->window->middle()), 1e-6)
        ->and($embers->bite()->value)->toBe('right');
});

it('says how much stock it may come to, and has that beside it', function (Fire $fire, Ask $ask): void {
    $plan = Planner::plan(over($ask, $fire));
    $drifts = array_values(array_filter($plan->warnings, static fn ($warning): bool => $warning->code === 'fire-drifts'));
    if ($fire->hasAKnob()) {
        expect($drifts)->toBe([]);

        return;
    }
    ['least' => $least, 'most' => $most] = $drifts[0]->fact->args;
    assert($least instanceof Volume && $most instanceof Volume);
    expect($least->ml)->toBeLessThan($plan->stock)->and($most->ml)->toBeGreaterThan($plan->stock)
        ->and($drifts[0]->fix->args['more']->ml)->toBe($most->ml - $plan->stock);
})->with(Fire::cases())->with(['risotto' => [fn (): Ask => Kitchens::ask(6)], 'pan rice' => [fn (): Ask => Kitchens::panRice(10)], 'soupy rice' => [fn (): Ask => Kitchens::soupy(6)]]);

it('knows less of such a fire until the pan is weighed', function (): void {
    $spread = static function (Fire $fire, bool $weighed): float {
        $plan = Planner::plan(over(Kitchens::ask(6), $fire, 0.0));
        $touches = OnTheFire::doneUntil($plan, 6.0);
        $forecast = Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, $weighed ? [...$touches, OnTheFire::weighed($plan, OnTheFire::truth($plan, 1.0, 6.0), 6.0)] : $touches), OnTheFire::at(6.0));

        return $forecast->estimate->spread ?? 0.0;
    };
    expect($spread(Fire::Wood, false))->toBe(0.40)->and($spread(Fire::Gas, false))->toBe(0.20)
        ->and($spread(Fire::Wood, true))->toBeLessThan(0.20);
});

it('warns of smoke where it burns in the open', function (Fire $fire, bool $open): void {
    $codes = array_column(Cautions::of(Planner::plan(over(Kitchens::panRice(), $fire)), Served::of(Diet::Vegan, [])), 'code');
    expect(in_array('caution.open-fire', $codes, true))->toBe($open);
})->with([[Fire::Wood, true], [Fire::Charcoal, true], [Fire::SolidTop, false], [Fire::Gas, false]]);

it('has a fire fed where it is to burn stronger, and its embers raked out where weaker', function (): void {
    $ask = Kitchens::ask(6, track: [new HeatChange(0.0, 'low'), new HeatChange(4.0, 'medium'), new HeatChange(10.0, 'low')]);
    $codes = array_map(static fn (Stage $stage): string => $stage->say->code, array_filter(Planner::plan(over($ask, Fire::Wood))->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Heat));
    expect(array_values($codes))->toBe(['say.feed', 'say.rake']);
});
