<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/**
 * The topmost grains of a bed that is not stirred: once the liquid has sunk below them they cook on in the steam that
 * rises through the bed, and the deeper the bed, the less of it reaches them, unless a cover keeps it in.
 *
 * Our estimate, built on one rule of the trade: up to 12 mm the top is done with the bottom (common practice, no
 * single source).
 */
final class TopLayer
{
    /** Depth up to which rising steam cooks the top as fast as the liquid below, mm. */
    private const STEAM_CARRIES_MM = 12.0;

    /**
     * Pace of the top relative to the rice below, 0 to 1.
     *
     * @param  float  $depth  mm of rice in the pan
     */
    public static function pace(float $depth, bool $underLiquid, bool $covered): float
    {
        return $underLiquid || $covered || $depth <= self::STEAM_CARRIES_MM ? 1.0 : self::STEAM_CARRIES_MM / $depth;
    }
}
