<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;

/**
 * By how much a cook is called early: whoever came late to the last calls of this pan is taken to come as late to the next.
 *
 * The least of the last lates counts, so that one distraction teaches nothing and a cook who is prompt again is believed at once.
 */
final class Lateness
{
    /** So many of the last calls count. */
    private const LAST = 3;

    /** Fewer calls than this teach nothing. */
    private const ENOUGH = 2;

    /** A hand that is there within so long is in time, s. */
    private const IN_TIME = 20.0;

    /** Nobody is called earlier, s: half an ordinary window of bite. */
    private const MOST = 75.0;

    /** @return float s; 0 for a cook who comes in time, or of whom too little is known */
    public static function of(Replay $replay): float
    {
        $lates = [];
        foreach ($replay->counted as $touch) {
            if ($touch->late !== null) {
                $lates[] = $touch->late;
            }
        }
        if (count($lates) < self::ENOUGH) {
            return 0.0;
        }
        $least = min([INF, ...array_slice($lates, -self::LAST)]);

        return $least < self::IN_TIME ? 0.0 : min(self::MOST, $least);
    }
}
