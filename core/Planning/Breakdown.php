<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Season\Salt;

/** The numbers of a plan as sums a cook can follow: the terms of each add up to it. What is taken away is negative. */
final class Breakdown
{
    /** @return array<string, list<array{term: string, value: float}>> by the number's name in velko.plan/1; each term by its code */
    public static function of(Plan $plan): array
    {
        return [
            'stock_ml' => self::stock($plan),
            'make_ml' => self::make($plan),
            'table_min' => self::table($plan),
            'doneness_min' => self::doneness($plan),
            'plate_g' => self::plate($plan),
            'salt_g' => self::terms(['stock' => $plan->saltOfStock(), 'finish' => $plan->ask->finish->salt(), 'food' => $plan->saltOfFood()]),
            'sodium_mg_per_cover' => self::sodium($plan),
            'alcohol_g_per_cover' => self::alcohol($plan),
        ];
    }

    /** @return list<array{term: string, value: float}> */
    private static function stock(Plan $plan): array
    {
        return self::terms([
            'drunk' => $plan->drunkInThePan(),
            'boiled-off' => $plan->atTable->boiledOff,
            $plan->ask->family->traits()->driesOut ? 'free' : 'sauce' => $plan->atTable->free,
            'lifted-out' => $plan->atTable->liftedOut,
            'wine' => -$plan->ask->wine,
            'brought' => -$plan->atTable->brought,
        ]);
    }

    /** @return list<array{term: string, value: float}> */
    private static function make(Plan $plan): array
    {
        $needed = $plan->stock + $plan->reserve() + $plan->sidePotGivesOff();

        return self::terms([
            'into-the-pan' => $plan->stock,
            'held-back' => $plan->reserve(),
            'side-pot' => $plan->sidePotGivesOff(),
            'rounded-up' => $plan->make() - $needed,
        ]);
    }

    /** @return list<array{term: string, value: float}> min, from the first liquid */
    private static function table(Plan $plan): array
    {
        $method = $plan->ask->method;
        $pull = $plan->pulled->minute();
        $dry = $plan->dryMinute !== null && $plan->ask->family->traits()->driesOut ? min($pull, $plan->dryMinute) : $pull;

        return self::terms([
            $dry < $pull ? 'until-dry' : 'on-the-heat' => $dry,
            'crust' => $pull - $dry,
            'finish' => $method->finish,
            'rest' => $method->rest,
            'to-the-table' => $plan->ask->target->minutesToTable,
        ]);
    }

    /** @return list<array{term: string, value: float}> minutes at 100 °C */
    private static function doneness(Plan $plan): array
    {
        $soaked = $plan->ask->grain->minutesToDrink($plan->atTable->soaked);

        return self::terms([
            'soaked' => $soaked,
            'on-the-heat' => $plan->pulled->doneness - $soaked,
            'on-its-own-heat' => $plan->atTable->doneness - $plan->pulled->doneness,
        ]);
    }

    /** @return list<array{term: string, value: float}> g, all plates together */
    private static function plate(Plan $plan): array
    {
        return self::terms([
            'raw-rice' => $plan->rice(),
            'drunk-by-it' => $plan->rice() * $plan->atTable->drunk,
            'on-the-plate' => $plan->atTable->free,
            'finish' => $plan->ask->finish->weight(),
            'extras' => $plan->foodOnThePlate(),
        ]);
    }

    /** @return list<array{term: string, value: float}> mg */
    private static function sodium(Plan $plan): array
    {
        $perCover = static fn (float $salt): float => Salt::sodiumPerCover($salt, $plan->ask->covers);

        return self::terms([
            'stock' => $perCover($plan->saltOfStock()),
            'finish' => $perCover($plan->ask->finish->salt()),
            'food' => $perCover($plan->saltOfFood()),
        ]);
    }

    /** @return list<array{term: string, value: float}> g */
    private static function alcohol(Plan $plan): array
    {
        $brought = $plan->ask->wine * $plan->ask->ofWine->alcohol() / $plan->ask->covers;

        return self::terms(['brought-by-the-wine' => $brought, 'cooked-off' => $plan->alcoholPerCover() - $brought]);
    }

    /**
     * @param  array<string, float>  $terms
     *
     * @return list<array{term: string, value: float}> without those that come to nothing
     */
    private static function terms(array $terms): array
    {
        $list = [];
        foreach ($terms as $term => $value) {
            if (abs($value) > 1e-9) {
                $list[] = ['term' => $term, 'value' => $value];
            }
        }

        return $list;
    }
}
