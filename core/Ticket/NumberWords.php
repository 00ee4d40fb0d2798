<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

/** Whole numbers in words: "six", "twenty-five". */
final class NumberWords
{
    private const WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'dozen' => 12, 'couple' => 2,
        'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'seventeen' => 17, 'eighteen' => 18, 'nineteen' => 19, 'twenty' => 20, 'thirty' => 30, 'forty' => 40, 'fifty' => 50, 'sixty' => 60,
        'seventy' => 70, 'eighty' => 80, 'ninety' => 90, 'hundred' => 100,
    ];

    public static function of(string $word): ?int
    {
        return self::WORDS[$word] ?? null;
    }

    /** Puts digits in place of "twenty five" and "twenty-five", which one word does not say. */
    public static function joined(string $text): string
    {
        $units = implode('|', array_keys(array_filter(self::WORDS, static fn (int $number): bool => $number < 10)));

        return (string) preg_replace_callback("/\\b(twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)[\\s\\-]($units)\\b/u", static fn (array $part): string => (string) (self::WORDS[$part[1]] + self::WORDS[$part[2]]), $text);
    }

    /** All of them for a pattern, or those up to a number. */
    public static function pattern(int $most = 100): string
    {
        return implode('|', array_keys(array_filter(self::WORDS, static fn (int $number): bool => $number <= $most)));
    }
}
