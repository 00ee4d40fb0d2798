<?php

declare(strict_types=1);

namespace App\Bench;

use App\Dish\DishContents;
use App\Dish\PartToCook;
use App\Kitchen\Station;
use App\Models\Dish;
use App\Words\FactDocument;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Velko\Core\Mise\Amount;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\Preparation;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\SideWork;
use Velko\Core\Planning\Plan;
use Velko\Core\Safety\Part;
use Velko\Core\Safety\Served;

/** The parts of velko.working/1 about everything besides rice and stock. */
final class MiseDocument
{
    /** @return array<int, Ingredient> what goes in now, by its place on the dish */
    public static function goingIn(KitchenAsk $asked): array
    {
        return array_filter(DishContents::ingredients($asked->dish), static fn (Ingredient $ingredient): bool => $asked->way->takes($asked->partCooking(), Station::grain($asked->dish->rice)->window, $ingredient));
    }

    /**
     * @param  float  $rice  g raw in the pan
     *
     * @return list<SideWork> what is done beside it now
     */
    public static function sideWork(KitchenAsk $asked, float $rice): array
    {
        return self::leftOut(DishContents::works($asked->dish, $rice), $asked->way->does(...));
    }

    /**
     * What is left of some works: what one needs of those that are not there is there already.
     *
     * @param  list<SideWork>  $works
     * @param  callable(SideWork): bool  $stays
     *
     * @return list<SideWork>
     */
    private static function leftOut(array $works, callable $stays): array
    {
        $places = array_flip(array_keys(array_filter($works, $stays)));

        return array_map(static fn (int $at): SideWork => $works[$at]->needing($places[$works[$at]->needs] ?? null), array_keys($places));
    }

    /** @return list<array<string, mixed>> in the order in which they are used, what is beaten in at the end last */
    public static function mise(KitchenAsk $asked, Plan $plan, Words $words): array
    {
        return [...self::written($asked, $plan, $words), ...self::finish($plan, $words), ...$asked->way === PartToCook::Ahead ? [] : self::salt($plan, $words)];
    }

    /** @return list<array<string, mixed>> what it is seasoned with */
    private static function salt(Plan $plan, Words $words): array
    {
        $grams = Amount::rounded($plan->toSeason(), 'g');
        $goes = $plan->ask->family->traits()->driesOut ? 'stock' : 'season';

        return $grams <= 0.0 ? [] : [['name' => DishContents::named('salt'), 'amount' => $grams, 'unit' => 'g', 'goes' => $goes, 'minute' => null, 'per' => $words->say(Scales::Main->fact()), 'scales' => Scales::Main->value]];
    }

    /** @return list<array<string, mixed>> */
    private static function finish(Plan $plan, Words $words): array
    {
        $parts = array_filter($plan->ask->finish->parts(), static fn (float $grams): bool => $grams > 0);

        return array_map(static fn (string $part, float $grams): array => [
            'name' => DishContents::named($part), 'amount' => Amount::rounded($grams, 'g'), 'unit' => 'g', 'goes' => 'finish', 'minute' => null, 'per' => $words->say(Scales::Main->fact()), 'scales' => Scales::Main->value,
        ], array_keys($parts), array_values($parts));
    }

    /** @return list<array<string, mixed>> */
    private static function written(KitchenAsk $asked, Plan $plan, Words $words): array
    {
        return array_values(array_map(static fn (Ingredient $ingredient): array => [
            'name' => $ingredient->name,
            'amount' => Amount::rounded($ingredient->for($plan->rice(), $asked->dish->grams_main, $plan->ask->covers, $plan->ask->pan->baseArea()), $ingredient->unit),
            'unit' => $ingredient->unit,
            'goes' => $ingredient->goes->value,
            'minute' => $ingredient->minute,
            'per' => $words->say($ingredient->scales->fact()),
            'scales' => $ingredient->scales->value,
        ], self::goingIn($asked)));
    }

    /**
     * @param  list<SideWork>  $forTheBase  what the base needs beside the pan
     *
     * @return list<array<string, mixed>> in order of the start
     */
    public static function prep(KitchenAsk $asked, Plan $plan, array $forTheBase, CarbonImmutable $firstLiquid, CarbonImmutable $now, Words $words): array
    {
        $works = [...self::sideWork($asked, $plan->rice()), ...$forTheBase];
        $at = static fn (float $minute): CarbonImmutable => $firstLiquid->addSeconds((int) round(60 * $minute));

        return array_map(static fn (array $task): array => [
            'what' => $words->say($task['work']->what),
            'what_fact' => FactDocument::of($task['work']->what),
            'start_at' => $at($task['start'])->toIso8601String(),
            'ready_at' => $at($task['ready'])->toIso8601String(),
            'ready' => $task['work']->ready->value,
            'lead_min' => round($task['lead'], 2),
            'needs' => $task['needs'],
            'drinks_ml' => Amount::rounded($task['work']->drinks, 'ml'),
            'gives_ml' => Amount::rounded($task['work']->gives, 'ml'),
            'takes_min' => $task['work']->takes,
            'hands_min' => $task['work']->hands,
            'ahead' => $task['work']->ahead,
            'on_ring' => $task['work']->onRing,
            'late' => ! $task['work']->ahead && $at($task['start'])->lessThan($now),
        ], Preparation::of($plan, $works));
    }

    /** @return array<string, mixed> */
    public static function servedDocument(Served $served): array
    {
        return [
            'wanted' => $served->wanted->value,
            'suits' => $served->suits->value,
            'unknown' => array_map(static fn (Part $part): string => $part->name, $served->unknown),
            'allergens' => array_map(static fn (string $allergen, array $from): array => ['allergen' => $allergen, 'from' => $from], array_keys($served->allergens), array_values($served->allergens)),
        ];
    }
}
