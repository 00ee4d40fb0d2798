<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Method\Cover;
use Velko\Core\Method\Pace;
use Velko\Core\Method\School;
use Velko\Core\Planning\Around\Choice;
use Velko\Core\Planning\Around\Choices;
use Velko\Core\Planning\Around\Option;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Wine;

/* Each school changes a number, and the number it changes is the one cooks say it does. Common practice, no single source, unless another is named. */

/** @return array<string, Plan> by what it is called */
function school(Ask $ask, School $school): array
{
    $choice = array_values(array_filter(Choices::of(Planner::plan($ask)), static fn (Choice $one): bool => $one->school === $school))[0];

    return array_combine(array_map(static fn (Option $one): string => $one->school, $choice->options), array_map(static fn (Option $one): Plan => $one->plan, $choice->options));
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
    $codes = static fn (Plan $plan): array => array_map(static fn ($one): string => $one->code, $plan->warnings);
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
