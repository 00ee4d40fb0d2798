<?php

declare(strict_types=1);

namespace Velko\Core\Season;

/**
 * Alcohol that stays after open simmering: cooking does not remove all of it.
 *
 * Two exponentials fitted to the USDA Table of Nutrient Retention Factors, Release 6 (stirred and simmered: 40 % after
 * 15 min, 35 % after 30, 25 % after 60, 10 % after 120; from memory), within 5 points (tests/Core/Season).
 */
final class Alcohol
{
    private const FAST_SHARE = 0.55;

    private const FAST_PER_MIN = 0.30;

    private const SLOW_PER_MIN = 0.010;

    /**
     * @param  float  $minutes  of open simmer, ≥ 0
     *
     * @return float share of what went in, 0 to 1
     */
    public static function left(float $minutes): float
    {
        return self::FAST_SHARE * exp(-self::FAST_PER_MIN * $minutes)
            + (1 - self::FAST_SHARE) * exp(-self::SLOW_PER_MIN * $minutes);
    }
}
