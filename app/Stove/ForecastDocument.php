<?php

declare(strict_types=1);

namespace App\Stove;

use App\Contracts\PlanDocument;
use App\Words\FactDocument;
use App\Words\Words;
use Velko\Core\Cook\Replay;
use Velko\Core\Crust\CrustNow;
use Velko\Core\Live\Change;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Step;
use Velko\Core\Method\HeatChange;
use Velko\Core\Mise\Amount;
use Velko\Core\Planning\Ask;
use Velko\Core\Rice\Bite;

/** The forecast in velko.cook/1: what is still to do, what it will come to, and what the last touch changed about that. */
final class ForecastDocument
{
    /**
     * @param  non-empty-list<HeatChange>  $heat  as planned
     * @param  int  $now  ms since 1970
     *
     * @return array<string, mixed>|null
     */
    public static function of(Ask $ask, array $heat, Replay $replay, int $now, Words $words): ?array
    {
        $forecast = Forecast::of($ask, $heat, $replay, $now);
        if ($forecast === null) {
            return null;
        }
        $projection = $forecast->projection;
        $last = $replay->undoable();
        // What was taken back is said as that.
        $tells = $last !== null && $replay->takenBack === null;
        $before = $tells ? Forecast::of($ask, $heat, $replay->without($last), $last->at) : null;
        $said = match (true) {
            ! $tells => [],
            $before === null => Change::first($forecast),
            default => Change::between($before, $forecast, $last),
        };

        return [
            'from_min' => round($forecast->now->minute(), 2),
            'steps' => array_map(static fn (Step $step): array => [
                'stage' => $step->stage,
                'at_min' => round($step->minute, 2),
                'kind' => $step->kind->value,
                'volume_ml' => $step->volume === null ? null : round($step->volume, 1),
                'ladles' => $step->volume === null ? null : round($step->volume / $ask->ladle->ml, 2),
                'setting' => $step->mark,
                'say' => $words->say($step->say),
                'say_fact' => FactDocument::of($step->say),
                'item' => $step->stage === null ? null : PlanDocument::item($replay->stages[$step->stage]->item, $words),
            ], $forecast->steps),
            'stock_ml' => round($projection->stock(), 1) + 0.0,
            'stock_spread_ml' => self::pair($forecast->stockSpread, 0),
            'stock_spread_before_ml' => $before === null ? null : self::pair($before->stockSpread, 0),
            'pull_min' => round($projection->pulled->minute(), 2),
            'water_spread_g' => round($forecast->waterSpread, 1),
            'pull_spread_min' => self::pair($forecast->pullSpread, 1),
            'table_min' => round($projection->atTable->minute(), 2),
            'dry_min' => $projection->dryAt === null ? null : round($projection->dryAt / 60, 2),
            'at_table' => PlanDocument::atTable($projection->atTable, $ask->rice(), $ask->grain),
            'now' => [
                'free_g' => round($forecast->now->free, 1),
                'drunk_g_per_g' => round($forecast->now->drunk, 3),
                'temperature_c' => round($forecast->now->temperature, 1),
                'doneness_min' => round($forecast->now->doneness, 2),
                'boiled_off_g' => round($forecast->now->boiledOff, 1),
            ],
            'setting' => $forecast->mark,
            'early_s' => round($forecast->early),
            'track' => PlanDocument::track($projection->track),
            'power' => self::power($forecast->estimate),
            'salt' => ['percent' => round($forecast->onThePlates()->saltPercent(), 2), 'season_g' => Amount::rounded($forecast->onThePlates()->toSeason(), 'g')],
            'taste_shift_min' => round($forecast->shift, 2) + 0.0,
            'said' => $said === [] ? null : $words->inOneBreath($said),
            'said_facts' => FactDocument::all($said),
            'left_alone' => self::leftAlone($forecast),
            'pass' => self::pass($forecast),
            'floor' => self::floor($forecast->floor),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function leftAlone(Forecast $forecast): array
    {
        $rows = [];
        foreach ($forecast->leftAlone() as $minute => $eaten) {
            $rows[] = [
                'off_min' => $minute,
                'looseness' => round($eaten->free / $forecast->ask->rice(), 2),
                'bite' => Bite::of($forecast->ask->grain, $eaten->doneness, $eaten->drunkAboveTheCrust($forecast->ask->rice()))->value,
            ];
        }

        return $rows;
    }

    /** @return array<string, mixed>|null */
    private static function pass(Forecast $forecast): ?array
    {
        $standing = $forecast->standing;
        if ($standing === null) {
            return null;
        }
        $ready = $forecast->projection->atTable->minute() - $forecast->ask->target->minutesToTable;
        $leaves = $standing->leavesBy($forecast->ask->target->minutesToTable);

        return [
            'ready_min' => round($ready, 2),
            'leave_min' => $leaves === null ? null : round($ready + $leaves, 2),
            'then' => $standing->then,
            'loosen' => array_map(static fn (array $row): array => ['at_min' => $row['minute'], 'loosen_ml' => round($row['loosen']), 'looseness' => round($row['looseness'], 2), 'bite' => $row['bite']->value, 'temperature_c' => round($row['temperature'], 1)], $standing->rows),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function floor(?CrustNow $floor): ?array
    {
        return $floor === null ? null : [
            'since_min' => round($floor->since, 2),
            'gold_min' => round($floor->gold, 2),
            'burnt_min' => round($floor->burnt, 2),
            'rows' => array_map(static fn (array $row): array => ['at_min' => round($row['minute'], 3), 'rings' => array_map(static fn (float $brown): float => round($brown, 2), $row['rings'])], $floor->rows),
        ];
    }

    /**
     * @param  array{float, float}  $pair
     *
     * @return array{float, float}
     */
    private static function pair(array $pair, int $decimals): array
    {
        return [round($pair[0], $decimals) + 0.0, round($pair[1], $decimals) + 0.0];
    }

    /** @return array{times: float, spread: float, weighed: bool} what the ring was found to give, against its marks */
    public static function power(Estimate $estimate): array
    {
        return ['times' => round($estimate->power, 3), 'spread' => round($estimate->spread, 3), 'weighed' => $estimate->weighed];
    }
}
