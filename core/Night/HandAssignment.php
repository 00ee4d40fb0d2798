<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** Who stands at which pan: each goes to one pair of hands, as far as one can, to whoever is there for all of it and has least to do. */
final readonly class HandAssignment
{
    /**
     * @param  list<Placement>  $placements  in the order in which they go on
     *
     * @return list<array{int, int}|null> by cook: which of the hands there, and which pair of it; null where nobody is there for all of it
     */
    public static function of(Night $night, array $placements): array
    {
        $pairs = [];
        foreach ($night->hands as $at => $hand) {
            for ($pair = 0; $pair < $hand->count; $pair++) {
                $pairs[] = [$at, $pair];
            }
        }
        /** @var array<int, array<int, float>> $busy share of each pair, by step of the night */
        $busy = [];
        $assignment = [];
        foreach ($placements as $placement) {
            $steps = self::steps($placement);
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
                $cost = [max(1.0, $peak - Night::EPSILON), $sum];
                if ($cost < $least) {
                    [$best, $least] = [$number, $cost];
                }
            }
            foreach ($best === null ? [] : $steps as $step => $share) {
                $busy[$best][$step] = ($busy[$best][$step] ?? 0.0) + $share;
            }
            $assignment[] = $best === null ? null : $pairs[$best];
        }

        return $assignment;
    }

    /** @return array<int, float> what a pan needs, by step of the night, in order */
    private static function steps(Placement $placement): array
    {
        $begin = (int) floor($placement->on / Occupancy::STEP + Night::EPSILON);
        $steps = [];
        foreach ($placement->timetable->steps as [$from, $to, $share]) {
            for ($step = $begin + $from; $step < $begin + $to; $step++) {
                $steps[$step] = $share;
            }
        }
        ksort($steps);

        return $steps;
    }
}
