<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Crust\CrustResult;
use Velko\Core\Crust\CrustRing;
use Velko\Core\Planning\Plan;

/** The crust of velko.plan/1; all of it null or empty where no crust is made. */
final class CrustPart
{
    private const NONE = [
        'centre_gold_min' => null, 'rim_gold_min' => null, 'burnt_min' => null, 'setting' => null, 'even' => null, 'moves' => [], 'rings' => [], 'by_setting' => [],
    ];

    /** @return array<string, mixed> */
    public static function of(Plan $plan): array
    {
        $crust = $plan->crust;
        if ($crust === null) {
            return self::NONE;
        }
        $still = $crust->minutesLeft();
        $burnt = array_filter([$still['centre_burnt'], $still['rim_burnt']], static fn (?float $minutes): bool => $minutes !== null);

        return [
            'centre_gold_min' => self::minutes($still['centre_gold']),
            'rim_gold_min' => self::minutes($still['rim_gold']),
            'burnt_min' => $burnt === [] ? null : self::minutes(min($burnt)),
            'setting' => $crust->plan->mark,
            'even' => $crust->plan->legs === [] ? null : $crust->plan->even,
            'moves' => self::moves($crust, $plan->dryMinute),
            'rings' => self::rings($crust),
            'by_setting' => self::bySetting($crust, $plan->ask->burner->net),
        ];
    }

    /** @return list<array<string, float>> */
    private static function moves(CrustResult $crust, ?float $dry): array
    {
        if ($dry === null) {
            return [];
        }
        $moves = [];
        $second = 60 * $dry;
        foreach ($crust->plan->legs as $leg) {
            $moves[] = ['from_min' => round($second / 60, 2), 'seconds' => round($leg->seconds), 'shift_cm' => round($leg->shift, 1), 'every_s' => round($leg->every, 1)];
            $second += $leg->seconds;
        }

        return $moves;
    }

    /** @return list<array<string, float|null>> */
    private static function rings(CrustResult $crust): array
    {
        $rings = $crust->rings();
        $byRing = $crust->byRing();
        $count = count($rings);

        return array_map(static fn (CrustRing $ring, int $i): array => [
            'to' => round(($i + 1) / $count, 3), 'palest' => round($ring->palest, 2), 'darkest' => round($ring->darkest, 2), 'dry_mm' => round($ring->millimetres, 2),
            'gold_min' => self::minutes($byRing[$i]['gold']), 'burnt_min' => self::minutes($byRing[$i]['burnt']),
        ], $rings, array_keys($rings));
    }

    /**
     * @param  array<int|string, float>  $net
     *
     * @return list<array<string, mixed>>
     */
    private static function bySetting(CrustResult $crust, array $net): array
    {
        $rows = [];
        foreach ($crust->byMark() as $mark => $minutes) {
            $rows[] = [
                'setting' => (string) $mark, 'net_w' => $net[$mark],
                'centre_gold_min' => self::minutes($minutes['centre_gold']), 'centre_burnt_min' => self::minutes($minutes['centre_burnt']),
                'rim_gold_min' => self::minutes($minutes['rim_gold']), 'rim_burnt_min' => self::minutes($minutes['rim_burnt']),
            ];
        }

        return $rows;
    }

    private static function minutes(?float $minutes): ?float
    {
        return $minutes === null ? null : round($minutes, 2);
    }
}
