<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Stage;
use Velko\Core\Planning\Warning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;

/** velko.plan/1: from the engine's {@see Plan} to the document. */
final class PlanDocument
{
    /**
     * @param  array<string, mixed>  $assumed
     *
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, array $assumed): array
    {
        $rice = $plan->rice();

        return [
            'format' => 'velko.plan/1',
            'rice_g' => self::r($rice, 1),
            'stock_ml' => self::r($plan->stock, 1),
            'reserve_ml' => self::r($plan->reserve(), 1),
            'ratio' => ['ml_per_g' => self::r($plan->millilitresPerGram(), 3), 'by_volume' => self::r($plan->partsByVolume(), 2)],
            'balance' => [
                'stock_ml' => self::r($plan->stock, 1),
                'wine_ml' => self::r($plan->ask->wine, 1),
                'drunk_g' => self::r($rice * $plan->atTable->drunk, 1),
                'boiled_off_g' => self::r($plan->atTable->boiledOff, 1),
                'free_g' => self::r($plan->atTable->free, 1),
                'lifted_out_g' => self::r($plan->atTable->liftedOut, 1),
            ],
            'timing' => [
                'pull_min' => self::r($plan->pulled->minute(), 2),
                'dry_min' => $plan->dryMinute === null ? null : self::r($plan->dryMinute, 2),
                'table_min' => self::r($plan->atTable->minute(), 2),
            ],
            'at_table' => self::atTable($plan->atTable, $rice, $plan->ask->grain),
            'layer_mm' => self::r($plan->layer(), 1),
            'heat' => self::heat($plan->heat, $plan->ask->burner->net),
            'stages' => array_map(static fn (Stage $stage): array => [
                'at_min' => self::r($stage->minute, 2),
                'kind' => $stage->kind,
                'volume_ml' => $stage->volume,
                'ladles' => $stage->ladles,
                'setting' => $stage->mark,
                'say' => $stage->say,
            ], $plan->stages),
            'track' => self::track($plan->track),
            'crust' => ['centre_gold_min' => null, 'rim_gold_min' => null, 'burnt_min' => null],
            'salt' => ['percent_at_table' => self::r($plan->saltPercent(), 2), 'sodium_mg_per_cover' => self::r($plan->sodiumPerCover(), 0)],
            'warnings' => array_map(static fn (Warning $warning): array => ['code' => $warning->code, 'message' => $warning->message, 'fix' => $warning->fix], $plan->warnings),
            'assumed' => (object) $assumed,
        ];
    }

    /** @return array<string, mixed> */
    public static function atTable(State $state, float $rice, Grain $grain): array
    {
        return [
            'looseness' => self::r($state->free / $rice, 3),
            'doneness_min' => self::r($state->doneness, 2),
            'bite' => Bite::of($grain, $state->doneness, $state->drunk)->value,
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
     * @param  array<string, float>  $net
     *
     * @return list<array<string, mixed>>
     */
    private static function heat(array $heat, array $net): array
    {
        return array_map(static fn (HeatChange $change): array => ['from_min' => $change->fromMinute, 'setting' => $change->mark, 'net_w' => $net[$change->mark]], $heat);
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
