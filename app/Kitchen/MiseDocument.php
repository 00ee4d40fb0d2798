<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Dish;
use App\Models\DishIngredient;
use App\Models\DishSideWork;
use Carbon\CarbonImmutable;
use Velko\Core\Mise\Amount;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\Preparation;
use Velko\Core\Mise\SideWork;
use Velko\Core\Planning\Plan;
use Velko\Core\Safety\Part;
use Velko\Core\Safety\Served;

/** The parts of velko.working/1 about everything besides rice and stock. */
final class MiseDocument
{
    /** @return list<Ingredient> */
    public static function ingredients(Dish $dish): array
    {
        return array_values($dish->ingredients->map(static fn (DishIngredient $one): Ingredient => new Ingredient($one->name, $one->amount, $one->unit, $one->per, $one->goes, $one->minute))->all());
    }

    /** @return list<array<string, mixed>> in the order in which they are used */
    public static function mise(Dish $dish, Plan $plan): array
    {
        return array_map(static fn (Ingredient $one): array => [
            'name' => $one->name,
            'amount' => Amount::rounded($one->for($plan->rice(), $dish->grams_main, $plan->ask->covers, $plan->ask->pan->baseArea()), $one->unit),
            'unit' => $one->unit,
            'goes' => $one->goes->value,
            'minute' => $one->minute,
            'per' => $one->scales->words(),
        ], self::ingredients($dish));
    }

    /** @return list<array<string, mixed>> in order of the start */
    public static function prep(Dish $dish, Plan $plan, CarbonImmutable $firstLiquid, CarbonImmutable $now): array
    {
        $works = array_values($dish->sideWorks->map(static fn (DishSideWork $one): SideWork => new SideWork($one->what, $one->ready, $one->takes_min, $one->hands_min, $one->ahead))->all());
        $at = static fn (float $minute): CarbonImmutable => $firstLiquid->addSeconds((int) round(60 * $minute));

        return array_map(static fn (array $one): array => [
            'what' => $one['work']->what,
            'start_at' => $at($one['start'])->toIso8601String(),
            'ready_at' => $at($one['ready'])->toIso8601String(),
            'takes_min' => $one['work']->takes,
            'hands_min' => $one['work']->hands,
            'ahead' => $one['work']->ahead,
            'late' => ! $one['work']->ahead && $at($one['start'])->lessThan($now),
        ], Preparation::of($plan, $works));
    }

    public static function served(Dish $dish, Plan $plan): Served
    {
        $parts = [new Part($dish->stock->name, $dish->stock->base->suits(), $dish->stock->allAllergens())];
        if ($plan->ask->wine > 0) {
            $parts[] = Part::wine();
        }
        if ($plan->ask->finish->butter > 0) {
            $parts[] = Part::butter();
        }
        if ($plan->ask->finish->cheese > 0) {
            $parts[] = Part::cheese();
        }
        foreach ($dish->ingredients as $one) {
            $parts[] = new Part($one->name, $one->suits, $one->allergens);
        }

        return Served::of($dish->diet, $parts);
    }

    /** @return array<string, mixed> */
    public static function servedDocument(Served $served): array
    {
        return [
            'wanted' => $served->wanted->value,
            'suits' => $served->suits->value,
            'allergens' => array_map(static fn (string $allergen, array $from): array => ['allergen' => $allergen, 'from' => $from], array_keys($served->allergens), array_values($served->allergens)),
        ];
    }
}
