<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** How numbers are shown, and the steps in which amounts are measured. */
final class Rounding
{
    private const QUARTERS = ['', '¼', '½', '¾'];

    /** Steps a jug or a scale can be read to, mL or g, widest first. */
    private const MEASURABLE = [100.0, 50.0, 25.0, 10.0, 5.0, 2.0, 1.0];

    /** No jug and no ladle on a station is read finer than this, mL. */
    public const JUG = 5.0;

    /** At most this many decimals, none that are zero: "1.5", "180". */
    public static function plain(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** To the nearest quarter, as a cook says it: "1 ¾", "½", "3". */
    public static function quarters(float $value): string
    {
        $quarters = (int) round($value * 4);
        $whole = intdiv($quarters, 4);
        $part = self::QUARTERS[$quarters % 4];

        return match (true) {
            $part === '' => (string) $whole,
            $whole === 0 => $part,
            default => "$whole $part",
        };
    }

    /** The widest measurable step whose rounding error stays within the tolerance; never finer than 1. */
    public static function step(float $tolerance): float
    {
        foreach (self::MEASURABLE as $step) {
            if ($step / 2 <= $tolerance) {
                return $step;
            }
        }

        return 1.0;
    }

    public static function to(float $value, float $step): float
    {
        return round($value / $step) * $step;
    }

    /** Minutes as a cook counts them: whole ones, and halves below two. */
    public static function minutes(float $minutes): string
    {
        return $minutes >= 2.0 ? self::plain($minutes, 0) : self::plain(self::to(max(0.0, $minutes), 0.5), 1);
    }
}
