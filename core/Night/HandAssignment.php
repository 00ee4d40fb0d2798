<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** Who stands at which pan: each goes to one pair of hands, as far as one can, to whoever is there for all of it and has least to do. */
final readonly class HandAssignment
{
    private const NOTHING = 1e-9;

    /**
     * @param  list<Placement>  $cooks  in the order in which they go on
     *
     * @return list<array{int, int}|null> by cook: which of the hands there, and which pair of it; null where nobody is there for all of it
     */
    public static function of(Night $night, array $cooks): array
    {
        $pairs = [];
        foreach ($night->hands as $at => $hand) {
            for ($pair = 0; $pair < $hand->count; $pair++) {
                $pairs[] = [$at, $pair];
            }
        }
        /** @var array<int, array<int, float>> $busy share of each pair, by step of the night */
        $busy = [];
        $posts = [];
        foreach ($cooks as $cook) {
            $steps = self::steps($cook);
            $best = null;
            $least = [INF, INF];
            foreach ($pairs as $number => [$at]) {
                $there = $night->hands[$at];
                if ($steps !== [] && ($there->from > (array_key_first($steps) + 1) * Occupancy::STEP || $there->to < array_key_last($steps) * Occupancy::STEP)) {
                    continue;
                }
                $peak = $sum = 0.0;
                foreach ($steps as $step => $share) {
                    $sum += $busy[$number][$step] ?? 0.0;
                    $peak = max($peak, ($busy[$number][$step] ?? 0.0) + $share);
                }
                // Nobody at more than one thing at a time, as far as that can be.
                $cost = [max(1.0, $peak - self::NOTHING), $sum];
                if ($cost < $least) {
                    [$best, $least] = [$number, $cost];
                }
            }
            foreach ($best === null ? [] : $steps as $step => $share) {
                $busy[$best][$step] = ($busy[$best][$step] ?? 0.0) + $share;
            }
            $posts[] = $best === null ? null : $pairs[$best];
        }

        return $posts;
    }

    /** @return array<int, float> what a pan needs, by step of the night, in order */
    private static function steps(Placement $cook): array
    {
        $begin = (int) floor($cook->on / Occupancy::STEP + self::NOTHING);
        $steps = [];
        foreach ($cook->length->steps as [$from, $to, $share]) {
            for ($step = $begin + $from; $step < $begin + $to; $step++) {
                $steps[$step] = $share;
            }
        }
        ksort($steps);

        return $steps;
    }
}
