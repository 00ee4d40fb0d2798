<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** What is late however well a night is filled: each firing alone in the kitchen, in whatever parts, as soon as anything may go on. */
final class LowerBound
{
    /** Cover-minutes; no way of filling the night in which the same firings are cooked has less. */
    public static function of(Schedule $schedule, Timetables $timetables): float
    {
        $night = $schedule->night;
        $late = 0.0;
        foreach (array_diff_key($night->firings, array_flip($schedule->notCooked)) as $number => $firing) {
            if ($schedule->lateOf($number) <= 0.0) {
                continue; // it can be in time: it is
            }
            $shortest = INF;
            foreach ($night->placesFor($firing->dish, $timetables, $firing) as [$pan, $ring, $most]) {
                for ($covers = 1; $covers <= min($firing->covers, $most / $firing->grams + 1e-9); $covers++) {
                    $shortest = min($shortest, $timetables->of($firing->dish, $pan, $ring, $covers, $covers * $firing->grams)->whole ?? INF);
                }
            }
            if ($shortest < INF) {
                $late += $firing->covers * max(0.0, max($night->now, $firing->on ?? 0.0) + $shortest - $firing->until());
            }
        }

        return $late;
    }
}
