<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/**
 * Finds where a rising function meets a target: a step along the guessed slope until the target is bracketed, then
 * false position with the Illinois correction, so that neither end of the bracket gets stuck.
 */
final class RootFinder
{
    private const MAX_RUNS = 40;

    /** Nobody pours, or turns a knob, finer than this: mL, s. */
    private const NO_FINER = 0.2;

    /** So many times as steep as guessed is no slope any more. */
    private const JUMPS = 50.0;

    /**
     * @param  callable(float): float  $rising
     * @param  float  $slope  guessed, > 0
     * @param  float  $min  smallest x that makes sense
     * @param  float  $tolerance  on the function's value
     *
     * @return float|null where it looked last; null when the function is over the target already at the smallest x
     */
    public static function of(callable $rising, float $target, float $guess, float $slope, float $min, float $tolerance): ?float
    {
        $x = max($min, $guess);
        $miss = $rising($x) - $target;
        $below = $miss <= 0 ? [$x, $miss] : null;
        $above = $miss > 0 ? [$x, $miss] : null;
        $stretch = 1.0;

        for ($run = 1; abs($miss) > $tolerance && $run < self::MAX_RUNS; $run++) {
            if ($below === null || $above === null) {
                if ($below === null && $x <= $min) {
                    return null;
                }
                $x = max($min, $x - $stretch * $miss / $slope);
                $stretch *= 1.5;
            } elseif (abs($above[0] - $below[0]) < self::NO_FINER && self::JUMPS * $slope * abs($above[0] - $below[0]) < $above[1] - $below[1]) {
                break; // something goes in for the one and not for the other
            } else {
                $x = ($below[0] * $above[1] - $above[0] * $below[1]) / ($above[1] - $below[1]);
            }
            $miss = $rising($x) - $target;
            if ($miss <= 0) {
                $above = $above === null || $below === null ? $above : [$above[0], $above[1] / 2];
                $below = [$x, $miss];
            } else {
                $below = $below === null || $above === null ? $below : [$below[0], $below[1] / 2];
                $above = [$x, $miss];
            }
        }

        return $x;
    }
}
