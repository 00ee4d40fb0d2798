<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/**
 * Reads an amount as a cook writes it: "1 1/2 cups", "180 ml", "2 ladles", "½ l", "4 lb 2 oz", "a cup and a half", "11 1/2 in", "200 °F", "12 min".
 *
 * Signs are read, so that a negative amount is refused by the quantity itself, with its range, and not as unreadable.
 */
final class Measure
{
    /** "4 lb 2 oz": no amount has more parts. */
    private const MOST_PARTS = 3;

    /**
     * @param  Volume|null  $ladle  The ladle in hand, needed to read "2 ladles".
     * @param  DecimalMark  $mark  Of the reader: whether "1,250 ml" is one and a quarter or more than a litre.
     *
     * @throws NotAMeasure if the text is no amount with a unit
     * @throws OutOfRange if the amount is outside what the quantity allows
     */
    public static function read(string $text, ?Volume $ladle = null, DecimalMark $mark = DecimalMark::Point): Mass|Volume|Temperature|Duration|Power|Length
    {
        $sum = null;
        $rest = trim($text);
        for ($parts = 0; $rest !== '' && $parts < self::MOST_PARTS; $parts++) {
            [$number, $word, $rest] = self::split($rest, $mark) ?? throw NotAMeasure::text($text);
            $amount = self::of($number, $word, $ladle);
            $sum = $sum === null ? $amount : self::added($sum, $amount) ?? throw NotAMeasure::text($text);
        }

        return $sum === null || $rest !== '' ? throw NotAMeasure::text($text) : $sum;
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

    /** @throws NotAMeasure|OutOfRange */
    private static function of(float $number, string $word, ?Volume $ladle): Mass|Volume|Temperature|Duration|Power|Length
    {
        if (in_array(mb_strtolower($word), ['ladle', 'ladles'], true)) {
            return Volume::ofMl($number * ($ladle ?? throw NotAMeasure::noLadle())->ml);
        }
        $unit = Unit::named($word);

        return match ($unit) {
            Unit::Gram, Unit::Kilogram, Unit::Milligram, Unit::Ounce, Unit::Pound => Mass::of($number, $unit),
            Unit::Celsius, Unit::Fahrenheit => Temperature::of($number, $unit),
            Unit::Second, Unit::Minute, Unit::Hour => Duration::of($number, $unit),
            Unit::Watt, Unit::Kilowatt, Unit::BtuPerHour => Power::of($number, $unit),
            Unit::Millimetre => Length::ofMm($number),
            Unit::Centimetre, Unit::Inch => Length::ofCm($number * $unit->factor()),
            Unit::Metre, Unit::Foot => Length::ofM($number * $unit->factor()),
            default => Volume::of($number, $unit),
        };
    }

    /** Two parts of one amount; null if they are not of one kind, or can have no parts. */
    private static function added(Mass|Volume|Temperature|Duration|Power|Length $sum, Mass|Volume|Temperature|Duration|Power|Length $more): Mass|Volume|Duration|Length|null
    {
        return match (true) {
            $sum instanceof Mass && $more instanceof Mass => Mass::ofG($sum->g + $more->g),
            $sum instanceof Volume && $more instanceof Volume => Volume::ofMl($sum->ml + $more->ml),
            $sum instanceof Duration && $more instanceof Duration => Duration::ofSeconds($sum->seconds + $more->seconds),
            $sum instanceof Length && $more instanceof Length => Length::of($sum->mm + $more->mm, $sum->in),
            default => null,
        };
    }

    /** @return array{float, string, string}|null number, unit, and what follows: "2 oz" of "4 lb 2 oz" */
    private static function split(string $text, DecimalMark $mark): ?array
    {
        $number = WrittenNumber::before($text, $mark);
        if ($number === null || preg_match('/^(?<unit>[^\d\s,+]\D*?)(?:\s*(?:,|\+|\band\b)?\s*(?<rest>\d.*))?$/us', $number[1], $part) !== 1) {
            return null;
        }
        // "A cup and a half".
        if (preg_match('/^(?<unit>.+?)\s+and\s+(?<part>.+)$/us', $part['unit'].(isset($part['rest']) ? ' '.$part['rest'] : ''), $half) === 1 && WrittenNumber::part($half['part']) !== null) {
            return [$number[0] + WrittenNumber::part($half['part']), trim($half['unit']), ''];
        }

        return [$number[0], trim($part['unit']), $part['rest'] ?? ''];
    }
}
