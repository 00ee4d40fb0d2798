<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Normalizer;
use Velko\Core\Food\Names;

/** The dishes of a kitchen by what they are called: by as many of their words as are said, and by words with a typing error. */
final readonly class DishNames
{
    /** No shorter word is taken to have a typing error; of which one letter may be missing. */
    private const SHORTEST_WITH_ERROR = 4;

    /** One letter of so many may be wrong. */
    private const LETTERS_AN_ERROR = 3;

    /** @var array<int, list<string>> Words of each dish, plain. */
    private array $words;

    /** @var array<string, string> The same words in the singular. */
    private array $singular;

    /** @param  array<int, string>  $dishes  Names by number. */
    public function __construct(private array $dishes)
    {
        $this->words = array_map(self::split(...), $dishes);
        $singular = [];
        foreach (array_merge(...array_values($this->words)) as $word) {
            $singular[$word] ??= self::one($word);
        }
        $this->singular = $singular;
    }

    private static function one(string $word): string
    {
        return Names::words($word)[0] ?? $word;
    }

    public function name(int $dish): string
    {
        return $this->dishes[$dish];
    }

    /** In lower case and without accents. */
    public static function plain(string $text): string
    {
        $apart = Normalizer::normalize(mb_strtolower($text), Normalizer::FORM_D);

        return (string) preg_replace('/\p{Mn}/u', '', is_string($apart) ? $apart : $text);
    }

    /** @return list<string> */
    private static function split(string $text): array
    {
        return array_values(array_filter((array) preg_split('/[^\p{L}\d]+/u', self::plain($text)), static fn (mixed $word): bool => is_string($word) && $word !== ''));
    }

    /** @return list<int> dishes that have this word, one or several of it; else those with a word that begins so */
    public function with(string $word): array
    {
        $singular = self::one($word);
        $has = $begins = [];
        foreach ($this->words as $dish => $words) {
            foreach ($words as $of) {
                if ($of === $word || $of === $singular || $this->singular[$of] === $singular) {
                    $has[$dish] = true;
                } elseif (mb_strlen($singular) > 1 && str_starts_with($of, $singular)) {
                    $begins[$dish] = true;
                }
            }
        }

        return array_keys($has === [] ? $begins : $has);
    }

    /** @return list<int> dishes with a word that is this one but for a typing error */
    public function near(string $word): array
    {
        $length = mb_strlen($word);
        if ($length < self::SHORTEST_WITH_ERROR - 1) {
            return [];
        }
        $most = intdiv($length, self::LETTERS_AN_ERROR);
        $isNear = static fn (string $of): bool => mb_strlen($of) >= self::SHORTEST_WITH_ERROR && self::errors($word, $of, $most) <= $most;

        return array_keys(array_filter($this->words, static fn (array $words): bool => array_filter($words, $isNear) !== []));
    }

    /**
     * Whether so many words are all the words of a dish but for those in between.
     *
     * @param  callable(string): bool  $isBetween
     */
    public function isWholeNameOf(int $dish, int $count, callable $isBetween): bool
    {
        return count(array_filter($this->words[$dish], static fn (string $word): bool => ! $isBetween($word))) === $count;
    }

    /** Letters that are wrong, missing, too many or in the wrong order: optimal string alignment (Damerau 1964; from memory). */
    private static function errors(string $said, string $meant, int $most): int
    {
        [$a, $b] = [mb_str_split($said), mb_str_split($meant)];
        if (abs(count($a) - count($b)) > $most) {
            return $most + 1;
        }
        $rows = [range(0, count($b))];
        foreach ($a as $i => $letter) {
            $rows[$i + 1] = [$i + 1];
            foreach ($b as $j => $other) {
                $least = min($rows[$i][$j + 1] + 1, $rows[$i + 1][$j] + 1, $rows[$i][$j] + (int) ($letter !== $other));
                $swapped = $i > 0 && $j > 0 && $letter === $b[$j - 1] && $a[$i - 1] === $other;
                $rows[$i + 1][$j + 1] = $swapped ? min($least, $rows[$i - 1][$j - 1] + 1) : $least;
            }
        }

        return $rows[count($a)][count($b)];
    }
}
