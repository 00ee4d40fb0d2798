<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/**
 * What wind over a pan takes beyond still air.
 *
 * Jürges' line for a surface in moving air, h = 5.7 + 3.8 v in W/(m²·K) with v in m/s up to 5 (McAdams, Heat
 * Transmission; from memory). Vapour is carried off with the same air: in the same proportion (Lewis). Over a
 * pan, inside its rim, a fresh breeze is some 2 m/s (our estimate).
 */
final class Wind
{
    private const STILL = 5.7;

    private const PER_M_S = 3.8;

    /** @return float W/(m²·K) */
    public static function takes(float $wind): float
    {
        return self::PER_M_S * $wind;
    }

    public static function vapourTimes(float $wind): float
    {
        return 1 + self::takes($wind) / self::STILL;
    }
}
