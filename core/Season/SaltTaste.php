<?php

declare(strict_types=1);

namespace Velko\Core\Season;

/** What the tongue says of the salt. */
enum SaltTaste: string
{
    case Flat = 'flat';
    case Right = 'right';
    case Salty = 'salty';

    /** How far off a tongue may be, and how far what is thought of the salt, one standard deviation, percent of the plate (our estimates). */
    public const SPREAD = 0.15;

    public const THOUGHT_SPREAD = 0.2;

    /**
     * The salt that a tongue finds, percent: what was thought, where that would be called so anyway, or else the nearest that would.
     *
     * @param  float  $thought  percent
     */
    public function percent(Seasoning $seasoning, float $thought): float
    {
        [$from, $to] = match ($this) {
            self::Flat => [0.0, $seasoning->low],
            self::Right => [$seasoning->low, $seasoning->high],
            self::Salty => [$seasoning->salty(), INF],
        };

        return max($from, min($to, $thought));
    }
}
