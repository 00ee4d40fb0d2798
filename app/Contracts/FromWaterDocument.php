<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Planning\StockFromWater;

/** The document from-water.json, read and written. */
final class FromWaterDocument
{
    /** @return array{simmer_min: float, strained_percent: float, solids_g_per_l: float}|null */
    public static function of(?StockFromWater $made): ?array
    {
        return $made === null ? null : ['simmer_min' => $made->simmers, 'strained_percent' => round(100 * $made->strained, 2), 'solids_g_per_l' => $made->solids];
    }

    /** @param  mixed  $said  held to its schema, or null */
    public static function read(mixed $said): ?StockFromWater
    {
        return is_array($said) ? new StockFromWater((float) $said['simmer_min'], $said['strained_percent'] / 100, (float) $said['solids_g_per_l']) : null;
    }
}
