<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;

/*
 * Every input that can move a little is moved through its range in eighty steps: the stock follows in small steps too. The bound is ours: no step of an eightieth moves it by more than 1.5 %, as
 * a half more of the rice in eighty steps is 0.6 a step. Where a ring has no mark between two, or the pan must be shifted for its crust, the stock jumps; then the plan says so.
 */

const STEPS = 80;

const NO_MORE_THAN = 0.015;

/** @return list<string> where the knob stands, one mark after the other */
function marksOf(Plan $plan): array
{
    return array_map(static fn (HeatChange $change): string => $change->mark, $plan->heat);
}

function swept(string $name, float $grams, Goes $goes, ?float $minute = null): Portion
{
    return new Portion($name, Foods::find($name) ?? throw new LogicException($name), $grams, $goes, 5.0, $minute);
}

/** Whether a plan says that another mark would have been as good. */
function saysEitherMark(Plan $plan): bool
{
    return in_array('either-mark', array_column($plan->warnings, 'code'), true);
}

it('moves the stock in small steps, and where it jumps says why', function (callable $kitchen, string $input, float $from, float $to): void {
    $before = null;
    for ($step = 0; $step <= STEPS; $step++) {
        $value = $from + ($to - $from) * $step / STEPS;
        /** @var Ask $ask */
        $ask = $kitchen(...[$input => $value]);
        $plan = Planner::plan($ask);
        if ($before !== null && abs($plan->stock / $before->stock - 1) > NO_MORE_THAN) {
            $marks = marksOf($plan) !== marksOf($before) && (saysEitherMark($plan) || saysEitherMark($before));
            $shift = (($plan->crust?->plan->shift() ?? 0.0) > 0) !== (($before->crust?->plan->shift() ?? 0.0) > 0);
            expect($marks || $shift)->toBeTrue(sprintf('%s %.3f: %.0f mL after %.0f', $input, $value, $plan->stock, $before->stock));
        }
        $before = $plan;
    }
    expect($before)->not->toBeNull();
})->with(static function (): iterable {
    $inputs = [
        'risotto' => [Kitchens::ask(...), ['grams' => [60, 110], 'base' => [22, 32], 'ring' => [12, 22], 'metal' => [500, 2500], 'stock' => [20, 98], 'altitude' => [0, 3000], 'room' => [10, 38], 'wine' => [0, 200], 'toTable' => [0, 5], 'rest' => [0, 4], 'finish' => [0, 4], 'butter' => [0, 25], 'cheese' => [0, 30], 'looseness' => [0.45, 1.1], 'plates' => [15, 70], 'ladle' => [60, 150]]],
        'pan rice' => [Kitchens::panRice(...), ['grams' => [40, 75], 'base' => [32, 44], 'ring' => [22, 40], 'metal' => [500, 3000], 'stock' => [20, 98], 'altitude' => [0, 3000], 'room' => [10, 38], 'wine' => [0, 200], 'toTable' => [0, 8], 'rest' => [0, 10]]],
        'pan rice without a crust' => [static fn (float ...$with): Ask => Kitchens::panRice(...['crust' => CrustWish::None, ...$with]), ['grams' => [40, 75], 'base' => [32, 44], 'altitude' => [0, 3000]]],
        'with peas' => [static fn (float $grams): Ask => Kitchens::ask()->withFood([swept('peas', $grams, Goes::AtMinute, 13.0)]), ['grams' => [10, 400]]],
        'with fish' => [static fn (float $grams): Ask => Kitchens::soupy()->withFood([swept('hake', $grams, Goes::LastTwoMinutes)]), ['grams' => [10, 900]]],
        'with a sofrito' => [static fn (float $grams): Ask => Kitchens::panRice()->withFood([swept('sofrito', $grams, Goes::Base)]), ['grams' => [10, 300]]],
        'soupy rice' => [Kitchens::soupy(...), ['grams' => [50, 100], 'base' => [22, 34], 'ring' => [14, 26], 'metal' => [800, 4000], 'stock' => [20, 98], 'altitude' => [0, 3000], 'room' => [10, 38], 'wine' => [0, 200], 'toTable' => [0, 8], 'rest' => [0, 5], 'looseness' => [1.8, 4.5]]],
    ];
    foreach ($inputs as $family => [$kitchen, $ranges]) {
        foreach ($ranges as $input => [$from, $to]) {
            yield "$family: $input" => [$kitchen, $input, (float) $from, (float) $to];
        }
    }
});
