<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/**
 * Reads an amount as a cook writes it: "1 1/4 cups", "180 ml", "2 ladles", "½ l", "3 oz", "200 °F", "12 min".
 *
 * A comma counts as a decimal point ("1,5 l"). Signs are read, so that a negative amount is refused by the quantity
 * itself, with its range, and not as unreadable.
 */
final class Measure
{
    private const VULGAR = [
        '¼' => '1/4', '½' => '1/2', '¾' => '3/4', '⅓' => '1/3', '⅔' => '2/3',
        '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    /**
     * @param  Volume|null  $ladle  The ladle in hand, needed to read "2 ladles".
     *
     * @throws NotAMeasure when the text is no amount with a unit
     * @throws OutOfRange when the amount is outside what the quantity allows
     */
    public static function read(string $text, ?Volume $ladle = null): Mass|Volume|Temperature|Duration|Power
    {
        [$number, $word] = self::split($text);

        if (in_array(mb_strtolower($word), ['ladle', 'ladles'], true)) {
            return Volume::ofMl($number * ($ladle ?? throw NotAMeasure::noLadle())->ml);
        }

        $unit = Unit::named($word);

        return match ($unit) {
            Unit::Gram, Unit::Kilogram, Unit::Milligram, Unit::Ounce, Unit::Pound => Mass::of($number, $unit),
            Unit::Celsius, Unit::Fahrenheit => Temperature::of($number, $unit),
            Unit::Second, Unit::Minute, Unit::Hour => Duration::of($number, $unit),
            Unit::Watt, Unit::Kilowatt, Unit::BtuPerHour => Power::of($number, $unit),
            default => Volume::of($number, $unit),
        };
    }

    /**
     * The same, where only a volume makes sense.
     *
     * @throws NotAMeasure|OutOfRange
     */
    public static function readVolume(string $text, ?Volume $ladle = null): Volume
    {
        $measure = self::read($text, $ladle);

        return $measure instanceof Volume ? $measure : throw NotAMeasure::text($text);
    }

    /** @return array{float, string} number and unit word */
    private static function split(string $text): array
    {
        $plain = trim(strtr(str_replace(',', '.', $text), array_map(static fn (string $f): string => " $f", self::VULGAR)));
        $pattern = '/^(?<sign>[-−])?\s*(?:(?<whole>\d+(?:\.\d+)?)(?!\s*\/))?\s*(?:(?<over>\d+)\s*\/\s*(?<under>[1-9]\d*))?\s*(?<unit>[^\d\s].*)$/u';

        if (preg_match($pattern, $plain, $part, PREG_UNMATCHED_AS_NULL) !== 1 || ($part['whole'] === null && $part['over'] === null)) {
            throw NotAMeasure::text($text);
        }
        $fraction = $part['over'] === null ? 0.0 : (float) $part['over'] / (float) $part['under'];
        $number = (float) ($part['whole'] ?? 0) + $fraction;

        return [$part['sign'] === null ? $number : -$number, trim($part['unit'])];
    }
}
