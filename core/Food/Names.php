<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/** The name of an ingredient as a kitchen writes it, in words that can be looked up. */
final class Names
{
    private const NO_PLURALS = ['asparagus', 'couscous', "goat's"];

    /** @return list<string> in lower case and in the singular */
    public static function words(string $name): array
    {
        $split = preg_split('/[^\p{L}\']+/u', str_replace('’', "'", mb_strtolower($name)), -1, PREG_SPLIT_NO_EMPTY);

        return array_map(self::singular(...), $split === false ? [] : $split);
    }

    /**
     * How many words from a place on are the longest name that is known.
     *
     * @param  list<string>  $words
     * @param  array<string, mixed>  $known  by name, its words in the singular
     */
    public static function longest(array $words, int $at, array $known): int
    {
        for ($length = min(3, count($words) - $at); $length > 0; $length--) {
            if (isset($known[implode(' ', array_slice($words, $at, $length))])) {
                return $length;
            }
        }

        return 0;
    }

    /**
     * What a table says of the food that a name ends with: what a thing is stands last in its name.
     *
     * @template T
     *
     * @param  array<string, T>  $known  by name, its words in the singular
     *
     * @return T|null null if the table has no part of the name
     */
    public static function last(string $name, array $known): mixed
    {
        $words = self::words($name);
        $last = null;
        for ($at = 0; $at < count($words); $at += max(1, $length)) {
            $length = self::longest($words, $at, $known);
            $last = $length > 0 ? $known[implode(' ', array_slice($words, $at, $length))] : $last;
        }

        return $last;
    }

    /**
     * The longest name of a table that a food's name ends with, as the table has it.
     *
     * @param  array<string, mixed>  $known  by name, its words in the singular
     *
     * @return string|null null if the table has no part of the name
     */
    public static function called(string $name, array $known): ?string
    {
        return self::last($name, array_combine(array_keys($known), array_keys($known)));
    }

    private static function singular(string $word): string
    {
        return match (true) {
            preg_match('/(?:berr|cherr|anchov)ies$/u', $word) === 1 => mb_substr($word, 0, -3).'y',
            preg_match('/(?:to|sh|ch|dis|ss)es$/u', $word) === 1 => mb_substr($word, 0, -2),
            $word === 'leaves' => 'leaf',
            $word === 'halves' => 'half',
            preg_match('/[^su]s$/u', $word) === 1 && ! in_array($word, self::NO_PLURALS, true) => mb_substr($word, 0, -1),
            default => $word,
        };
    }
}
