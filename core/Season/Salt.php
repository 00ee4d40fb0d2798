<?php

declare(strict_types=1);

namespace Velko\Core\Season;

/** Salt through a cook: steam leaves it behind, so what was poured is what is on the plate. */
final class Salt
{
    /** 1 g of salt holds 393 mg of sodium (molar masses, IUPAC 2021: Na 22.99, Cl 35.45). */
    public const SODIUM_MG_PER_G = 393.0;

    /**
     * @param  float  $salt  g in the whole pan
     * @param  float  $plate  g, rice with all it holds
     */
    public static function percent(float $salt, float $plate): float
    {
        return $plate > 0 ? 100 * $salt / $plate : 0.0;
    }

    /** The salt that holds so much sodium, g. */
    public static function ofSodium(float $sodium): float
    {
        return $sodium / self::SODIUM_MG_PER_G;
    }

    /** The sodium in one cover, mg. */
    public static function sodiumPerCover(float $salt, int $covers): float
    {
        return $salt * self::SODIUM_MG_PER_G / $covers;
    }
}
