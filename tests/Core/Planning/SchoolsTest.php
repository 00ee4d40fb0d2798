<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Fat;
use Velko\Core\Method\Pace;
use Velko\Core\Method\School;
use Velko\Core\Planning\Around\Choice;
use Velko\Core\Planning\Around\Choices;
use Velko\Core\Planning\Around\Option;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Surroundings;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Variety;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Wine;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Pan;

/* Each school changes a number, and the number it changes is the one cooks say it does. Common practice, no single source, unless another is named. */

/** @return array<string, Plan> by what it is called */
function school(Ask $ask, School $school): array
{
    $choice = array_values(array_filter(Choices::of(Planner::plan($ask)), static fn (Choice $choice): bool => $choice->school === $school))[0];

    return array_combine(array_map(static fn (Option $option): string => $option->school, $choice->options), array_map(static fn (Option $option): Plan => $option->plan, $choice->options));
}

it('takes half an hour and more barely bubbling, and under seventeen minutes stirred hard', function (): void {
    // A ring that can be turned down as far as it takes: on 26 cm of floor, less than a fifth of a lazy bubble's 800 W.
    $ask = Kitchens::ask(6, net: ['least' => 140.0, 'low' => 400.0, 'medium' => 800.0, 'high' => 1400.0]);
    $minutes = static fn (Pace $pace): float => Planner::plan($ask->withMethod(['pace' => $pace]))->pulled->minute();
    expect($minutes(Pace::Slow))->toBeGreaterThan(30.0)->toBeLessThan(45.0)
        ->and($minutes(Pace::Hot))->toBeLessThan(17.0)
        ->and($minutes(Pace::Medium))->toBeLessThan($minutes(Pace::Slow))->toBeGreaterThanOrEqual($minutes(Pace::Hot));
});

it('boils more off the harder it boils, and is right at each', function (): void {
    $by = school(Kitchens::ask(6), School::Pace);
    expect($by['hot']->atTable->boiledOff)->toBeGreaterThan($by['medium']->atTable->boiledOff)
        ->and($by['medium']->atTable->boiledOff)->toBeGreaterThan($by['slow']->atTable->boiledOff);
    foreach ($by as $plan) {
        expect($plan->bite())->toBe(Bite::Right);
    }
});

it('is told that a rice does not simmer, but not where it is not meant to', function (): void {
    $ask = Kitchens::ask(6, net: ['least' => 140.0]);
    $codes = static fn (Plan $plan): array => array_map(static fn ($warning): string => $warning->code, $plan->warnings);
    expect($codes(Planner::plan($ask)))->toContain('does-not-simmer')
        ->and($codes(Planner::plan($ask->withMethod(['pace' => Pace::Slow]))))->not->toContain('does-not-simmer');
});

it('wants far less stock under a lid to the end', function (Ask $ask): void {
    $by = school($ask, School::Cover);
    expect($by['to-the-end']->stock)->toBeLessThan(0.97 * $by['open']->stock)
        ->and($by['to-the-end']->atTable->boiledOff)->toBeLessThan($by['open']->atTable->boiledOff)
        ->and(Cover::of($by['to-the-end']->ask->method))->toBe(Cover::ToTheEnd);
})->with(['a stew' => [Kitchens::soupy()], 'a pan rice' => [Kitchens::panRice(6)]]);

it('brings the top of a pan rice on with a lid for its last two minutes', function (): void {
    $by = school(Kitchens::panRice(12), School::Cover);
    $behind = static fn (Plan $plan): float => $plan->atTable->doneness - $plan->top()->doneness;
    expect($behind($by['last-two-minutes']))->toBeLessThan($behind($by['open']));
});

it('beats butter in as cold as it may be: the colder, the cooler the plate', function (): void {
    $by = school(Kitchens::ask(6, butter: 15, cheese: 15), School::Butter);
    $plate = static fn (string $school): float => $by[$school]->atTable->temperature;
    expect($plate('frozen'))->toBeLessThan($plate('cold'))->and($plate('cold'))->toBeLessThan($plate('soft'))->and($plate('soft'))->toBeLessThan($plate('no-butter'))
        ->and($by['no-butter']->ask->finish)->toEqual(new Finish(0.0, 90.0));
});

it('counts the alcohol by the strength of the wine and by what was boiled off before', function (): void {
    // 12.5 % and 18 % by volume, ethanol 0.789 g/mL: 9.86 and 14.2 g in 100 mL.
    expect((new Wine)->alcohol())->toEqualWithDelta(0.0986, 1e-4)->and((new Wine(18.0))->alcohol())->toEqualWithDelta(0.1420, 1e-4);
    $by = school(Kitchens::ask(6, wine: 150), School::Wine);
    $left = static fn (string $kind): float => $by[$kind]->alcoholPerCover();
    expect($left('wine-fortified') / $left('wine-as-it-comes'))->toEqualWithDelta(18 / 12.5, 0.01)
        // Ten minutes at the boil leave some 45 %: USDA Table of Nutrient Retention Factors, Release 6, 40 % after 15 min (from memory).
        ->and($left('wine-cooked-off') / $left('wine-as-it-comes'))->toBeGreaterThan(0.38)->toBeLessThan(0.55)
        ->and($left('no-wine'))->toBe(0.0)
        ->and($by['no-wine']->stock)->toBeGreaterThan($by['wine-as-it-comes']->stock);
});

it('takes wine into a pan rice and a stew too', function (Ask $ask): void {
    $by = school($ask, School::Wine);
    expect($by['wine-as-it-comes']->stock)->toBeLessThan($by['no-wine']->stock)->and($by['wine-as-it-comes']->bite())->toBe(Bite::Right);
})->with(['a stew' => [Kitchens::soupy()], 'a pan rice' => [Kitchens::panRice(6)]]);

it('takes a gentle heat in plain butter, and so longer before the stock', function (): void {
    $by = school(Kitchens::ask(6), School::Fat);
    $floor = $by['butter']->ask->pan->baseArea();
    foreach ($by as $name => $plan) {
        $toast = $plan->stages[1];
        // Plain butter browns over 8.5 kW/m², oil and butter over 15: our estimates of what cooks call gentle and medium.
        $most = ['butter' => 8500.0, 'oil-and-butter' => 15000.0][$name] ?? INF;
        $asked = $plan->ask->method->toasting->heat();
        expect($toast->kind)->toBe(StageKind::Toast)
            ->and($toast->mark)->toBe($plan->ask->burner->nearest(min($most, $asked) * $floor));
    }
    // "Up to 5 min on medium-low" against "2 to 3 on medium" (common practice).
    expect($by['oil']->begins())->toBe(-3.0)->and($by['butter']->begins())->toBe(-5.0)->and($by['clarified-butter']->begins())->toBe(-3.0);
});

it('browns meat longer in a fat that does not stand the heat', function (): void {
    // 12 min at 22 kW/m² are 12 · 22/8.5 = 31 min at what plain butter stands.
    expect(12 * Fat::Butter->slows(22000.0))->toEqualWithDelta(31.06, 0.01)->and(Fat::Oil->slows(22000.0))->toBe(1.0);
});

it('brings the stock to the boil before rice is rained into it, and says for how long', function (Ask $ask): void {
    $by = school($ask, School::Order);
    [$rice, $stock] = [$by['rice-first'], $by['stock-first']];
    // By hand: 4.18 J/(g·K) from the stock's temperature to the boil, on the first mark.
    $seconds = 4.18 * $stock->stock * ($stock->ask->conditions()->boiling - $ask->stock->temperature) / $ask->burner->net[$stock->heat[0]->mark];
    expect($stock->stages[0]->kind)->toBe(StageKind::BoilUp)
        ->and(-60 * $stock->stages[0]->minute)->toEqualWithDelta($seconds, 0.5)
        ->and(array_column(array_map(static fn ($stage): array => ['kind' => $stage->kind], $stock->stages), 'kind'))->not->toContain(StageKind::Toast)
        ->and($stock->bite())->toBe(Bite::Right)
        // What it gives off on the way is poured on top.
        ->and($stock->stock)->not->toBe($rice->stock);
    $free = $stock->track->free[0];
    expect($free)->toBeLessThan($stock->stock)->toBeGreaterThan(0.9 * $stock->stock);
})->with(['a stew' => [Kitchens::soupy()], 'a pan rice' => [Kitchens::panRice(6)]]);

it('boils up only what goes in first', function (): void {
    $ask = Kitchens::soupy()->withMethod(['rainedIn' => true, 'twoPours' => true]);
    $plan = Planner::plan($ask);
    $pours = array_values(array_filter($plan->stages, static fn ($stage): bool => $stage->kind === StageKind::Pour));
    $seconds = 4.18 * $pours[0]->volume * ($ask->conditions()->boiling - $ask->stock->temperature) / $ask->burner->net[$plan->heat[0]->mark];
    expect($pours)->toHaveCount(2)->and(-60 * $plan->begins())->toEqualWithDelta($seconds, 0.5)->and($plan->bite())->toBe(Bite::Right);
});

it('has the wine in the stock that rice is rained into', function (): void {
    $ask = Kitchens::panRice(6)->withWine(150.0)->withMethod(['rainedIn' => true]);
    $plan = Planner::plan($ask);
    $end = $plan->atTable;
    expect(array_map(static fn ($stage) => $stage->kind, $plan->stages))->not->toContain(StageKind::Wine)
        ->and($end->poured)->toEqualWithDelta(150.0 + $plan->stock, 1e-6)
        ->and($plan->bite())->toBe(Bite::Right);
});

it('pours a stew in two: most of it at first, the rest half-way, and lands as loose', function (): void {
    $by = school(Kitchens::soupy(), School::Pours);
    $pours = static fn (Plan $plan): array => array_values(array_filter($plan->stages, static fn ($stage): bool => $stage->kind === StageKind::Pour));
    $two = $pours($by['two']);
    expect($pours($by['one']))->toHaveCount(1)->and($two)->toHaveCount(2)
        ->and($two[0]->volume + $two[1]->volume)->toEqualWithDelta($by['two']->stock, 1e-6)
        ->and($two[0]->volume)->toBeGreaterThan($two[1]->volume)
        ->and($two[1]->minute)->toBeGreaterThan(4.0)->toBeLessThan(0.7 * $by['two']->pulled->minute())
        ->and($by['two']->atTable->free)->toEqualWithDelta($by['one']->atTable->free, 0.04 * $by['two']->rice())
        ->and($by['two']->bite())->toBe(Bite::Right)
        ->and(Choices::hands($by['two']))->toBeGreaterThanOrEqual(Choices::hands($by['one']));
});

it('comes off sooner and is eaten hotter where it is finished on the lowest heat', function (): void {
    $by = school(Kitchens::ask(6, butter: 15, cheese: 15), School::FinishOn);
    expect($by['lowest-heat']->pulled->doneness)->toBeLessThan($by['off']->pulled->doneness)
        ->and($by['lowest-heat']->atTable->temperature)->toBeGreaterThan($by['off']->atTable->temperature)
        ->and($by['lowest-heat']->bite())->toBe(Bite::Right);
});

it('serves a pan rice on plates cooler than in its pan', function (): void {
    $by = school(Kitchens::panRice(6), School::Served);
    expect($by['plated']->atTable->temperature)->toBeLessThan($by['in-the-pan']->atTable->temperature)
        ->and($by['plated']->ask->isPlated())->toBeTrue()->and($by['in-the-pan']->ask->isPlated())->toBeFalse();
});

it('counts the water of cream into the sauce: so much less stock', function (): void {
    $by = school(Kitchens::ask(6, butter: 15, cheese: 15), School::Butter);
    $cream = $by['cream']->ask->finish;
    // 58 % water in heavy cream: USDA FoodData Central, cream, heavy whipping (from memory).
    expect($cream->liquid())->toEqualWithDelta(0.58 * 25 * $by['cream']->rice() / 80, 1e-6)
        ->and($by['no-butter']->stock - $by['cream']->stock)->toEqualWithDelta($cream->liquid(), 30.0)
        ->and($by['marrow']->ask->finish->fat())->toBeGreaterThan($by['cream']->ask->finish->fat());
});

it('beats in oil in place of butter: fat alone, no water, and nothing in it that has to melt', function (): void {
    $by = school(Kitchens::ask(6, butter: 15, cheese: 15), School::Butter);
    $oil = new Finish(oil: 90.0);
    // 90 g at 2.0 J/(g·K): 180 J/K, and as warm as the kitchen. All of it is fat.
    expect($oil->fat())->toBe(90.0)->and($oil->water())->toBe(0.0)->and($oil->capacity())->toBe(180.0)->and($oil->temperature())->toBe(20.0)
        ->and($by['oil']->ask->finish)->toEqual(new Finish(0.0, 90.0, oil: 15 * $by['oil']->rice() / 80))
        ->and($by['oil']->atTable->temperature)->toBeGreaterThan($by['soft']->atTable->temperature)
        ->and($by['oil']->ask->finish->order())->toBe('oil_and_cheese');
});

it('is tender to the top under a lid from when the grains show: less stock than in the open, more than under one from the start', function (): void {
    $by = school(Kitchens::panRice(6), School::Cover);
    $plan = $by['from-the-grains'];
    $turned = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Heat))[0];
    $lid = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Lid))[0];
    expect($plan->stock)->toBeLessThan($by['open']->stock)->toBeGreaterThan($by['to-the-end']->stock)
        ->and($lid->minute)->toEqualWithDelta($turned->minute, 0.02)
        ->and($turned->mark)->toBe('low')
        ->and(Cover::of($plan->ask->method))->toBe(Cover::FromTheGrains);
});

it('falls apart washed, soaked and steamed: far less stock and sooner done, no crust', function (): void {
    // "Washed and soaked long grain, drained, into boiling liquid; when the surface is dry, covered tightly on the lowest heat 15 min": common practice.
    $by = school(Kitchens::panRice(6, variety: Variety::Parboiled), School::Way);
    $steamed = $by['washed-soaked-steamed'];
    $lid = array_values(array_filter($steamed->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Lid))[0];
    expect($steamed->stock)->toBeLessThan(0.85 * $by['its-own']->stock)
        ->and($steamed->pulled->minute())->toBeLessThan($by['its-own']->pulled->minute())
        ->and($steamed->pulled->minute() - $lid->minute)->toEqualWithDelta(15.0, 4.0)
        ->and($steamed->crust?->plan->legs)->toBe([])
        ->and($steamed->bite())->toBe(Bite::Right);
    // And from there back to step by step.
    $back = school($steamed->ask, School::Way)['its-own'];
    expect($back->stock)->toEqualWithDelta($by['its-own']->stock, 5.0)->and($back->crust?->plan->legs)->not->toBe([]);
});

it('finishes in an oven by the heat of its air, evenly and without a crust', function (): void {
    // Base 36 cm, rim 41.8, wall 5.8 along: 0.1018 + 0.1370 + 0.0705 = 0.3092 m², by 30 W/(m²·K) and 190 − 100 K: 835 W.
    expect((new Pan(36.0, 41.76, 5.0, 1050.0))->caughtInAnOven(190.0, 100.0))->toEqualWithDelta(835.0, 1.0);
    $by = school(Kitchens::panRice(6), School::Second);
    $oven = $by['in-the-oven'];
    $into = array_values(array_filter($oven->stages, static fn (Stage $stage): bool => $stage->mark === Burner::OVEN))[0];
    expect($into->say)->toEqual(Fact::of('say.into-the-oven', temperature: Temperature::ofC(190.0)))
        ->and($oven->ask->burner->settings())->not->toContain(Burner::OVEN)
        ->and($oven->crust?->plan->legs)->toBe([])
        ->and($oven->bite())->toBe(Bite::Right)
        ->and($oven->dryMinute)->toEqualWithDelta($oven->pulled->minute(), 0.05)
        ->and(school($oven->ask, School::Second)['on-the-ring']->crust?->plan->legs)->toBe([]); // it asks for none any more
    // A hotter one is done with more stock: more of it goes as steam.
    expect(Planner::plan(Kitchens::panRice(6)->inOven(220.0))->stock)->toBeGreaterThan($oven->stock);
});

it('heats a cold pan too where the base goes to the stock, and so boils up for longer', function (Ask $ask): void {
    $by = school($ask, School::Order);
    $boilsUp = static fn (string $order): float => -60 * array_values(array_filter($by[$order]->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::BoilUp))[0]->minute;
    // Metal from the room's 24 °C to 100, on its first mark.
    $plan = $by['base-to-the-stock'];
    $metal = $ask->pan->metal * 76.0 / $ask->burner->net[$plan->heat[0]->mark];
    $stock = 4.18 * ($plan->stock - $by['stock-first']->stock) * 10.0 / $ask->burner->net[$plan->heat[0]->mark]; // what it is more, from 90 °C
    expect($boilsUp('base-to-the-stock') - $boilsUp('stock-first'))->toEqualWithDelta($metal + $stock, 0.05 * $metal)
        ->and($plan->stages[0]->say->code)->toBe('say.base-into-the-stock');
})->with(['a pan rice' => [Kitchens::panRice()]]);

it('loses more in wind, by Jürges\' line, and less of that behind a screen', function (): void {
    // h = 5.7 + 3.8 v: 7.6 W/(m²·K) more at 2 m/s, and vapour by 13.3 / 5.7.
    $still = Kitchens::panRice(6)->conditions();
    $windy = Kitchens::panRice(6)->at(new Surroundings(0.0, 24.0, wind: 2.0))->conditions();
    expect($windy->windTakes)->toEqualWithDelta(7.6, 1e-9)->and($windy->vapourTimes)->toEqualWithDelta(13.3 / 5.7, 1e-9)
        ->and([$still->windTakes, $still->vapourTimes])->toBe([0.0, 1.0]);
    $burner = new Burner(30.0, ['full' => 5000.0], null, Fire::Charcoal);
    expect($burner->inWind(2.0)->net['full'])->toEqualWithDelta(4000.0, 1e-9) // a tenth for each m/s
        ->and((new Burner(30.0, ['full' => 5000.0], null, Fire::Induction))->inWind(2.0)->net['full'])->toBe(5000.0);
    $plan = static fn (float $wind): Plan => Planner::plan(Kitchens::panRice(6)->at(new Surroundings(0.0, 24.0, wind: $wind)));
    expect($plan(1.0)->stock)->toBeGreaterThan($plan(0.0)->stock)->toBeLessThan($plan(2.0)->stock);
    $warning = array_values(array_filter($plan(1.0)->warnings, static fn (Warning $warning): bool => $warning->code === 'wind-steals'))[0];
    expect($warning->fix->code)->toBe('fix.screen-or-foil')
        ->and($warning->fix->args['stock']->ml)->toBeLessThan($plan(1.0)->stock);
});
