<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/**
 * Reads a number as people write it: "5,280", "1.250,5", "11 1/2", "1½", "three quarters", "one and a half".
 *
 * A mark that groups thousands is one only before three digits: "1,5" is one and a half for everybody, "1,250" is by where the reader comes from.
 */
final class WrittenNumber
{
    private const VULGAR = ['¼' => '1/4', '½' => '1/2', '¾' => '3/4', '⅓' => '1/3', '⅔' => '2/3', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8'];

    /** Spaces, narrow spaces and apostrophes may group thousands too. */
    private const SPACES = "/(?<=\\d)[\u{a0}\u{202f}\u{2009}'’](?=\\d{3})/u";

    private const WHOLE = [
        'an' => 1, 'a' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'a dozen' => 12,
        'half a dozen' => 6, 'a couple' => 2, 'a few' => 3,
    ];

    private const PARTS = ['three quarters' => 0.75, 'two thirds' => 2 / 3, 'a half' => 0.5, 'half' => 0.5, 'a quarter' => 0.25, 'quarter' => 0.25, 'one quarter' => 0.25, 'a third' => 1 / 3, 'one third' => 1 / 3, 'third' => 1 / 3];

    /**
     * The number that a text begins with, and what follows it.
     *
     * @return array{float, string}|null null if it begins with none
     */
    public static function before(string $text, DecimalMark $mark = DecimalMark::Point): ?array
    {
        $text = trim((string) preg_replace(self::SPACES, '', strtr($text, array_map(static fn (string $fraction): string => " $fraction", self::VULGAR))));

        return self::inDigits($text, $mark) ?? self::inWords($text);
    }

    /** @return float|null a part of one, such as "a half", "three quarters" or "1/4"; null if it is none */
    public static function part(string $text): ?float
    {
        $text = trim(strtr($text, self::VULGAR));
        if (preg_match('/^(\d{1,3})\s*\/\s*([1-9]\d{0,2})$/', $text, $part) === 1) {
            return (int) $part[1] / (int) $part[2];
        }

        return self::PARTS[mb_strtolower($text)] ?? null;
    }

    /** @return array{float, string}|null */
    private static function inDigits(string $text, DecimalMark $mark): ?array
    {
        $pattern = '/^(?<sign>[\-−])?\s*(?:(?<number>\d+(?:[.,]+\d+)*)(?!\s*\/\s*\d))?(?:(?:\s+|-|\s+and\s+)?(?<over>\d{1,3})\s*\/\s*(?<under>[1-9]\d{0,2})(?!\d))?(?<rest>.*)$/us';
        if (preg_match($pattern, $text, $part, PREG_UNMATCHED_AS_NULL) !== 1 || ($part['number'] === null && $part['over'] === null)) {
            return null;
        }
        $whole = $part['number'] === null ? 0.0 : self::decimal($part['number'], $mark);
        if ($whole === null) {
            return null;
        }
        $number = $whole + ($part['over'] === null ? 0.0 : (int) $part['over'] / (int) $part['under']);

        return [$part['sign'] === null ? $number : -$number, trim($part['rest'])];
    }

    /** A number in digits by where its marks stand; null if they stand where no number has them. */
    private static function decimal(string $digits, DecimalMark $mark): ?float
    {
        $groups = preg_quote($mark->groups(), '/');
        $point = preg_quote($mark->value, '/');
        $ways = [
            '/^\d+$/' => [],
            // "5,280" and "1,234,567.5": grouped by the reader's own mark.
            "/^\\d{1,3}(?:$groups\\d{3})+(?:$point\\d+)?$/" => [$mark->groups() => '', $mark->value => '.'],
            // "1.234.567,5": by another's.
            "/^\\d{1,3}(?:$point\\d{3})+$groups\\d+$|^\\d{1,3}(?:$point\\d{3}){2,}$/" => [$mark->value => '', $mark->groups() => '.'],
            "/^\\d+$point\\d+$/" => [$mark->value => '.'],
            "/^\\d+$groups\\d+$/" => [$mark->groups() => '.'],
        ];
        foreach ($ways as $way => $marks) {
            if (preg_match($way, $digits) === 1) {
                return (float) strtr($digits, $marks);
            }
        }

        return null;
    }

    /** @return array{float, string}|null */
    private static function inWords(string $text): ?array
    {
        $whole = self::longestFirst(array_keys(self::WHOLE));
        $parts = self::longestFirst(array_keys(self::PARTS));
        $rest = '(?<rest>(?![\p{L}\d]).*)';
        if (preg_match("/^(?<whole>$whole)\\s+and\\s+(?<part>$parts)$rest$/iu", $text, $said) === 1) {
            return [self::WHOLE[mb_strtolower($said['whole'])] + self::PARTS[mb_strtolower($said['part'])], self::without($said['rest'])];
        }
        if (preg_match("/^(?<whole>half a dozen)$rest$/iu", $text, $said) === 1 || preg_match("/^(?<part>$parts)$rest$/iu", $text, $said) === 1 || preg_match("/^(?<whole>$whole)$rest$/iu", $text, $said) === 1) {
            $number = isset($said['part']) ? self::PARTS[mb_strtolower($said['part'])] : self::WHOLE[mb_strtolower($said['whole'])];

            return [(float) $number, self::without($said['rest'])];
        }

        return null;
    }

    /** @param  list<string>  $words */
    private static function longestFirst(array $words): string
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return implode('|', $words);
    }

    /** "Half of a cup", "a couple of cups": what follows, without "of a". */
    private static function without(string $rest): string
    {
        return trim((string) preg_replace('/^\s*(?:of\s+)?(?:an?\s+)?/iu', '', $rest));
    }
}
