<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Quantity\Rounding;

/** An amount as it is weighed out: as fine as a kitchen scale is read for so much, and no finer. */
final class Amount
{
    /** Reading finer than this share changes nothing on the plate. */
    private const READABLE = 0.02;

    private const THOUSAND = 1000.0;

    private const WORDS = ['g' => ['g', 'kg'], 'ml' => ['mL', 'L']];

    /** @param  'g'|'ml'|'pieces'  $unit */
    public static function rounded(float $amount, string $unit): float
    {
        return match (true) {
            $amount <= 0 => 0.0,
            $unit === 'pieces' => max(0.5, ceil(2 * $amount - 1e-9) / 2),
            $amount < 1 => round($amount, 2),
            $amount < 10 => round($amount * 2) / 2,
            default => Rounding::to($amount, Rounding::step(self::READABLE * $amount)),
        };
    }

    /** @param  'g'|'ml'|'pieces'  $unit */
    public static function words(float $amount, string $unit): string
    {
        $rounded = self::rounded($amount, $unit);
        if ($unit === 'pieces') {
            return Rounding::quarters($rounded);
        }
        [$small, $large] = self::WORDS[$unit];

        return $rounded < self::THOUSAND ? Rounding::plain($rounded, 2).' '.$small : Rounding::plain($rounded / self::THOUSAND, 2).' '.$large;
    }
}
