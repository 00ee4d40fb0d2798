<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\WildAsks;
use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Mise\Amount;
use Velko\Core\Mise\Course;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\Until;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\FoodChecks;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Warning;

/* What is weighed out is cooked: every gram of a dish is part of a step. */

const NAMES_OF_FOOD = ['olive oil', 'onion', 'garlic', 'tomato', 'chicken thigh', 'chorizo', 'mushroom', 'dried porcini', 'prawn', 'mussel', 'octopus', 'hake', 'spinach', 'paprika', 'white bean', 'almond', 'turnip', 'cream', 'parsley', 'something of the house'];

/** @return list<Ingredient> three to eight, for the whole pan, as a hurried hand enters them */
function randomIngredients(Randomizer $chance): array
{
    $ingredients = [];
    foreach ($chance->pickArrayKeys(NAMES_OF_FOOD, $chance->getInt(3, 8)) as $key) {
        $goes = Goes::cases()[$chance->getInt(0, count(Goes::cases()) - 1)];
        $ingredients[] = new Ingredient(
            NAMES_OF_FOOD[$key], (float) $chance->getInt(1, 600), 'g', Scales::Pan, $goes, $goes === Goes::AtMinute ? (float) $chance->getInt(0, 60) : null,
            before: $chance->getInt(0, 3) === 0 ? (float) $chance->getInt(0, 20) : null, until: $chance->getInt(0, 3) === 0 ? Until::cases()[$chance->getInt(0, count(Until::cases()) - 1)] : null,
        );
    }

    return $ingredients;
}

/** @param  list<Ingredient>  $ingredients */
function withIngredients(Ask $ask, array $ingredients): Ask
{
    return $ask->withFood(array_map(static fn (Ingredient $ingredient): Portion => new Portion($ingredient->name, Foods::find($ingredient->name) ?? Foods::find('carrot'), $ingredient->amount, $ingredient->goes, 5.0, $ingredient->minute, fried: $ingredient->goesBackIn()), $ingredients));
}

/**
 * What the steps put in, g by name. What is fried first is in two steps and counts once: as it goes back in.
 *
 * @param  list<Stage>  $stages
 * @param  list<string>  $goBackIn  names
 * @param  int  $plates  by which what goes onto each plate is multiplied
 *
 * @return array<string, float>
 */
function putIn(array $stages, array $goBackIn, int $plates): array
{
    $in = [];
    foreach ($stages as $stage) {
        if (in_array($stage->kind, [StageKind::TakeOut, StageKind::Core, StageKind::PickOut], true)) {
            continue;
        }
        foreach ([...$stage->items, ...$stage->item === null ? [] : [$stage->item]] as $item) {
            $name = $item->what->code ?? $item->name;
            if ($stage->kind !== StageKind::Base || ! in_array($name, $goBackIn, true)) {
                $in[$name] = ($in[$name] ?? 0.0) + $item->amount * ($stage->kind === StageKind::Garnish ? $plates : 1);
            }
        }
    }
    ksort($in);

    return $in;
}

it('puts into the pan, or onto the plates, all that is weighed out: of random dishes, in random pans', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $seen = 0;
    foreach (WildAsks::ofEveryFamily(8, $seed) as $what => $ask) {
        $ingredients = randomIngredients($chance);
        $plan = Planner::plan(withIngredients($ask, $ingredients));
        if (! $plan->isPossible()) {
            continue;
        }
        $seen++;
        $plates = $plan->ask->isPlated() ? $ask->covers : 1;
        $weighed = [];
        foreach ($ingredients as $ingredient) {
            // What lies on a plate is weighed by the plate.
            $weighed[$ingredient->name] = $ingredient->goes === Goes::OnTop ? $plates * Amount::rounded($ingredient->amount / $plates, 'g') : Amount::rounded($ingredient->amount, 'g');
        }
        foreach (['ingredient.butter' => $ask->finish->butter, 'ingredient.hard-cheese' => $ask->finish->cheese, 'ingredient.salt' => $plan->toSeason()] as $name => $grams) {
            $weighed += $grams > 0.0 ? [$name => Amount::rounded($grams, 'g')] : [];
        }
        if (! $ask->isRainedIn()) {
            $weighed['rice.'.$ask->grain->variety->value] = round($ask->rice(), 1);
        }
        ksort($weighed);
        $stages = (new Course($plan, $ingredients, $ask->gramsPerCover))->stages();
        $back = array_map(static fn (Ingredient $ingredient): string => $ingredient->name, array_filter($ingredients, static fn (Ingredient $ingredient): bool => $ingredient->goesBackIn()));
        expect(putIn($stages, array_values($back), $plates))->toEqualWithDelta($weighed, 1e-6, "$what: ".json_encode($ingredients));
    }
    expect($seen)->toBeGreaterThan(10);
})->with([1, 2, 3, 4, 5, 6]);

it('has those steps in the order of the clock, nothing after the pan is off, and says of what comes too late that it does', function (): void {
    // Octopus for minute 18 of a stew that is off at about fifteen: it goes in as the pan comes off, and the plan says so.
    $octopus = new Ingredient('octopus', 900.0, 'g', Scales::Pan, Goes::AtMinute, 18.0);
    $plan = Planner::plan(withIngredients(Tests\Core\Kitchens::soupy(6), [$octopus]));
    $off = $plan->pulled->minute();
    expect($off)->toBeLessThan(18.0);
    $stages = (new Course($plan, [$octopus], 70.0))->stages();
    $kinds = array_map(static fn (Stage $stage): StageKind => $stage->kind, $stages);
    $at = array_search(StageKind::Add, $kinds, true);
    expect($at)->not->toBeFalse()->and($stages[$at]->minute)->toEqualWithDelta($off, 1e-9)->and($at)->toBeLessThan(array_search(StageKind::Off, $kinds, true))
        ->and($stages[$at]->item)->toEqual(new Item('octopus', 900.0, 'g'));
    $late = array_values(array_filter(FoodChecks::of($plan), static fn (?Warning $warning): bool => $warning?->code === 'after-the-pull'));
    expect($late)->toHaveCount(1)->and($late[0]->fact->args)->toBe(['what' => 'octopus', 'minute' => 18.0, 'pull' => round($off, 1)])
        ->and($late[0]->fix->args)->toBe(['raw' => true]);
});

it('counts the salt of what goes in as the pan comes off, on the plates and in the pan alike', function (): void {
    // 900 g of octopus at 0.6 g of salt in 100 g: 5.4 g.
    $octopus = static fn (float $minute): array => [new Ingredient('octopus', 900.0, 'g', Scales::Pan, Goes::AtMinute, $minute)];
    $late = Planner::plan(withIngredients(Tests\Core\Kitchens::soupy(6), $octopus(18.0)));
    expect($late->atTable->salt - $late->pulled->salt)->toEqualWithDelta(5.4, 1e-6);
});
