<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

use InvalidArgumentException;

/** A number outside what is possible. */
final class OutOfRange extends InvalidArgumentException
{
    public static function of(string $what, float $value, float $min, float $max, string $unit): self
    {
        return new self(sprintf('%s must be from %s to %s %s, not %s', $what, self::plain($min), self::plain($max), $unit, self::plain($value)));
    }

    private static function plain(float $value): string
    {
        return is_finite($value) ? rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.') : (string) $value;
    }
}
