<?php

declare(strict_types=1);

namespace App\Contracts;

use App\Words\FactDocument;
use App\Words\Words;
use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Method\HeatChange;
use Velko\Core\Mise\Amount;
use Velko\Core\Mise\Course;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Breakdown;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\FoodChecks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Toppings;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;

/** The document velko.plan/1: from the engine's {@see Plan} to the document. */
final class PlanDocument
{
    /**
     * @param  array<string, mixed>  $assumed
     * @param  Words  $words  in which it is read
     * @param  list<Stage>|null  $stages  with what else is done; null: those of the ask
     *
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, array $assumed, Words $words, ?array $stages = null): array
    {
        $rice = $plan->rice();

        return [
            'format' => 'velko.plan/1',
            'possible' => $plan->isPossible(),
            'rice_g' => self::r($rice, 1),
            'stock_ml' => self::r($plan->stock, 1),
            'reserve_ml' => self::r($plan->reserve(), 1),
            'ratio' => ['ml_per_g' => self::r($plan->millilitresPerGram(), 3), 'by_volume' => self::r($plan->partsByVolume(), 2)],
            'balance' => [
                'stock_ml' => self::r($plan->stock, 1),
                'wine_ml' => self::r($plan->ask->wine, 1),
                'drunk_g' => self::r($plan->drunkInThePan(), 1),
                'boiled_off_g' => self::r($plan->atTable->boiledOff, 1),
                'free_g' => self::r($plan->atTable->free, 1),
                'lifted_out_g' => self::r($plan->atTable->liftedOut, 1),
                'brought_g' => self::r($plan->atTable->brought, 1),
                'brought_by' => $plan->broughtBy(),
            ],
            'side_pot' => ['gives_off_ml' => self::r($plan->sidePotGivesOff(), 1), 'make_ml' => self::r($plan->make(), 1)],
            'timing' => [
                'pull_min' => self::r($plan->pulled->minute(), 2),
                'dry_min' => $plan->dryMinute === null ? null : self::r($plan->dryMinute, 2),
                'pass_min' => self::r($plan->readyAtPass(), 2),
                'table_min' => self::r($plan->atTable->minute(), 2),
                'leave_pass_min' => self::leavePass($plan),
            ],
            'at_table' => self::atTable($plan->atTable, $rice, $plan->ask->grain),
            'top' => ['bite' => $plan->top()->bite->value, 'doneness_min' => self::r($plan->top()->doneness, 2), 'cover_last_min' => $plan->top()->cover],
            'on_the_rice' => self::onTheRice($plan->ask),
            'layer_mm' => self::r($plan->layer(), 1),
            'heat' => self::heat($plan->heat, $plan->ask->burner->net),
            'stages' => array_map(static fn (Stage $stage): array => [
                'at_min' => self::r($stage->minute, 2),
                'kind' => $stage->kind->value,
                'volume_ml' => $stage->volume,
                'ladles' => $stage->ladles,
                'setting' => $stage->mark,
                'say' => $words->say($stage->say),
                'say_fact' => FactDocument::of($stage->say),
                'item' => self::item($stage->item, $words),
                'shift_cm' => $stage->shift === null ? null : self::r($stage->shift, 1),
                ...$stage->reach === null ? [] : ['reach_c' => $stage->reach],
                ...$stage->items === [] ? [] : ['items' => array_map(static fn (Item $item): ?array => self::item($item, $words), $stage->items)],
            ], $stages ?? Course::ofTheAsk($plan)->stages()),
            'track' => self::track($plan->track),
            'crust' => CrustPart::of($plan),
            'pass' => self::pass($plan),
            'finish' => ['butter_g' => self::r($plan->ask->finish->butter, 1), 'cheese_g' => self::r($plan->ask->finish->cheese, 1), 'water_g' => self::r($plan->ask->finish->water(), 1), 'fat_g' => self::r($plan->ask->finish->fat(), 1), 'salt_g' => self::r($plan->ask->finish->salt(), 2)],
            'salt' => [
                'percent_at_table' => self::r($plan->saltPercent(), 2),
                'sodium_mg_per_cover' => self::r($plan->sodiumPerCover(), 0),
                'season_g' => Amount::rounded($plan->toSeason(), 'g'),
                'seasoned_percent' => self::r($plan->saltPercentSeasoned(), 2),
                'sodium_seasoned_mg_per_cover' => self::r($plan->sodiumSeasoned(), 0),
                'stock_percent' => $plan->stockForNoSeasoning() === null ? null : self::r($plan->stockForNoSeasoning(), 2),
                'wanted_percent' => [$plan->ask->seasoning->low, $plan->ask->seasoning->high],
            ],
            'alcohol' => ['left_percent' => $plan->ask->wine > 0 ? self::r(100 * $plan->alcoholLeft(), 1) : 0.0, 'g_per_cover' => self::r($plan->alcoholPerCover(), 2)],
            'explain' => self::explain($plan, $words),
            'warnings' => array_map(static fn (Warning $warning): array => self::warning($warning, $words), [...$plan->warnings, ...Checks::found(FoodChecks::of($plan))]),
            'assumed' => (object) $assumed,
        ];
    }

    /** @return array{covered_percent: float, lies: list<array{name: string, count: float, long_cm: float, wide_cm: float}>} */
    private static function onTheRice(Ask $ask): array
    {
        $on = Toppings::of($ask);

        return ['covered_percent' => self::r(100 * $on->covers(), 0), 'lies' => array_map(static fn (array $topping): array => [
            'name' => $topping['name'], 'count' => self::r($topping['count'], 0), 'long_cm' => $topping['piece']->long, 'wide_cm' => $topping['piece']->wide,
        ], $on->lies)];
    }

    /** @return array{name: string, amount: float, unit: string, name_fact?: array{code: string, args?: array<string, mixed>}}|null */
    public static function item(?Item $item, Words $words): ?array
    {
        return $item === null ? null : [
            'name' => $item->what === null ? $item->name : $words->say($item->what), 'amount' => $item->amount, 'unit' => $item->unit,
            ...$item->what === null ? [] : ['name_fact' => FactDocument::of($item->what)],
        ];
    }

    private static function leavePass(Plan $plan): ?float
    {
        $latest = $plan->standing->leavesBy($plan->ask->target->minutesToTable);

        return $latest === null ? null : self::r($plan->readyAtPass() + $latest, 2);
    }

    /** @return list<array<string, mixed>> */
    private static function pass(Plan $plan): array
    {
        return array_map(static fn (array $row): array => [
            'at_min' => self::r($row['minute'], 2),
            'looseness' => self::r($row['looseness'], 3),
            'loosen_ml' => self::r($row['loosen'], 0),
            'temperature_c' => self::r($row['temperature'], 1),
            'bite' => $row['bite']->value,
        ], $plan->standing->rows);
    }

    /** @return array<string, mixed> */
    private static function warning(Warning $warning, Words $words): array
    {
        return [
            'code' => $warning->code,
            'message' => $words->say($warning->fact),
            'message_fact' => FactDocument::of($warning->fact),
            'fix' => $words->say($warning->fix),
            'fix_fact' => FactDocument::of($warning->fix),
        ];
    }

    /** @return array<string, list<array{term: string, code: string, value: float}>> */
    private static function explain(Plan $plan, Words $words): array
    {
        return array_map(static fn (array $terms): array => array_map(
            static fn (array $term): array => ['term' => $words->say(Fact::of("term.{$term['term']}")), 'code' => $term['term'], 'value' => self::r($term['value'], 2)], $terms,
        ), Breakdown::of($plan));
    }

    /** @return array<string, mixed> */
    public static function atTable(State $state, float $rice, Grain $grain): array
    {
        return [
            'looseness' => self::r($state->free / $rice, 3),
            'doneness_min' => self::r($state->doneness, 2),
            'bite' => Bite::of($grain, $state->doneness, $state->drunkAboveTheCrust($rice))->value,
            'drunk_g_per_g' => self::r($state->drunk, 3),
            'temperature_c' => self::r($state->temperature, 1),
        ];
    }

    /** @return array<string, list<float>> */
    public static function track(Track $track): array
    {
        return [
            'min' => self::rounded($track->minute, 3),
            'free_g' => self::rounded($track->free, 1),
            'drunk_g_per_g' => self::rounded($track->drunk, 3),
            'temperature_c' => self::rounded($track->temperature, 1),
            'doneness_min' => self::rounded($track->doneness, 2),
        ];
    }

    /**
     * @param  list<HeatChange>  $heat
     * @param  array<int|string, float>  $net
     *
     * @return list<array<string, mixed>>
     */
    private static function heat(array $heat, array $net): array
    {
        // A pan that is only moved stays on its mark.
        $turns = array_filter($heat, static fn (HeatChange $change, int $i): bool => $i === 0 || $change->mark !== $heat[$i - 1]->mark, ARRAY_FILTER_USE_BOTH);

        return array_values(array_map(static fn (HeatChange $change): array => ['from_min' => $change->fromMinute, 'setting' => $change->mark, 'net_w' => $net[$change->mark]], $turns));
    }

    /**
     * @param  list<float>  $values
     *
     * @return list<float>
     */
    private static function rounded(array $values, int $decimals): array
    {
        return array_map(static fn (float $value): float => round($value, $decimals), $values);
    }

    private static function r(float $value, int $decimals): float
    {
        return round($value, $decimals);
    }
}
