<?php

declare(strict_types=1);

namespace Velko\Core\Service;

use Velko\Core\Food\Names;
use Velko\Core\Quantity\Fact;

/**
 * Reads a firing as it is called or typed on one line: "19:40 6 pea + 2 starters table 4", "six peas as soon as they can be".
 *
 * Any order of its parts does. A dish is known by as many of its words as make it one dish.
 */
final readonly class Orders
{
    /** As many covers as one firing may have. */
    public const MOST = 400;

    private const NUMBERS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12,
        'fourteen' => 14, 'fifteen' => 15, 'sixteen' => 16, 'twenty' => 20, 'thirty' => 30, 'forty' => 40,
    ];

    /** Said of a firing, and no part of any dish's name. */
    private const BETWEEN = ['of', 'for', 'the', 'and', 'with', 'at', 'to', 'on', 'in', 'a', 'an', 'please', 'x', 'be', 'there', 'they', 'it', 'can'];

    private const CLOCK = '/(?<![\d:.])(\d{1,2})[:.h](\d{2})\s*([ap])?\.?(?:m\b\.?)?(?![\d:])/u';

    private const CLOCK_IN_FOUR = '/(?<![\d#:.\w])(1[0-9]|2[0-3])([0-5]\d)(?![\d:.])/u';

    private const SOON = '/\b(?:as soon as(?: (?:they|it) can(?: be)?| possible)?|asap|now)\b/u';

    private const LABEL = '/(?:\btables?\s*|\btbl\.?\s*|#\s*)([\p{L}\d][\p{L}\d\-]*)/u';

    private const EARLY = '/\bearly\s*(\d{1,3})\b/u';

    private const LATE = '/\blate\s*(\d{1,3})\b/u';

    /** @param  array<int, string>  $dishes  names by number */
    public function __construct(private array $dishes) {}

    /**
     * @param  string|null  $clock  HH:MM, where its time is said elsewhere
     *
     * @throws NotAnOrder
     */
    public function read(string $line, ?string $clock = null): Order
    {
        $said = trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($line)));
        $take = static function (string $pattern) use (&$said): ?array {
            if (preg_match($pattern, $said, $part) !== 1) {
                return null;
            }
            $said = (string) preg_replace($pattern, ' ', $said, 1);

            return $part;
        };
        $soon = $take(self::SOON) !== null;
        $label = $take(self::LABEL)[1] ?? '';
        [$early, $late] = [$take(self::EARLY)[1] ?? null, $take(self::LATE)[1] ?? null];
        $time = $take(self::CLOCK) ?? $take(self::CLOCK_IN_FOUR);
        $clock ??= $time === null || $soon ? null : self::clock((int) $time[1], (int) $time[2], $time[3] ?? '');
        [$covers, $starters, $words] = self::counted($said);
        if ($covers + $starters < 1) {
            throw new NotAnOrder(Fact::of('order.no-covers'));
        }
        if ($covers + $starters > self::MOST) {
            throw new NotAnOrder(Fact::of('order.too-many', most: self::MOST));
        }

        return new Order($this->dish($words), $covers, $starters, $clock, $label, $early === null ? null : (int) $early, $late === null ? null : (int) $late);
    }

    /**
     * The one dish that has all these words in its name.
     *
     * @param  list<string>  $words
     *
     * @throws NotAnOrder
     */
    public function dish(array $words): int
    {
        $said = implode(' ', $words);
        $found = array_filter($this->dishes, static fn (string $name): bool => $words !== [] && array_filter($words, static fn (string $word): bool => ! self::isIn($word, $name)) === []);
        // Its whole name is it, whatever else has these words too.
        $whole = array_filter($found, static fn (string $name): bool => count(array_diff(self::words($name), self::BETWEEN)) === count($words));
        $found = count($whole) === 1 ? $whole : $found;
        if (count($found) > 1) {
            throw new NotAnOrder(Fact::of('order.which-dish', said: $said, these: array_values($found)));
        }

        return array_key_first($found) ?? throw new NotAnOrder($words === [] ? Fact::of('order.no-dish') : Fact::of('order.unknown-dish', said: $said));
    }

    /** @throws NotAnOrder */
    private static function clock(int $hour, int $minute, string $half): string
    {
        $hour = match ($half) {
            'p' => $hour === 12 ? 12 : $hour + 12,
            'a' => $hour === 12 ? 0 : $hour,
            default => $hour,
        };
        if ($hour > 23 || $minute > 59) {
            throw new NotAnOrder(Fact::of('order.no-time'));
        }

        return sprintf('%02d:%02d', $hour, $minute);
    }

    /** @return array{int, int, list<string>} mains, starters, and the words that are left */
    private static function counted(string $said): array
    {
        [$covers, $starters, $left] = [0, 0, []];
        $number = null;
        foreach (self::words($said) as $word) {
            $digits = preg_match('/^(\d{1,5})x?$/', $word, $part) === 1 ? (int) $part[1] : self::NUMBERS[$word] ?? null;
            if ($digits !== null) {
                $covers += $number ?? 0;
                $number = $digits;
            } elseif ($number !== null && in_array($word, ['starter', 'starters'], true)) {
                [$starters, $number] = [$starters + $number, null];
            } elseif (in_array($word, ['main', 'mains', 'cover', 'covers', 'starter', 'starters'], true)) {
                [$covers, $number] = [$covers + ($number ?? 0), null];
            } elseif (! in_array($word, self::BETWEEN, true)) {
                $left[] = $word;
            }
        }

        return [$covers + ($number ?? 0), $starters, $left];
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(array_filter((array) preg_split('/[^\p{L}\d]+/u', mb_strtolower($text)), static fn (mixed $word): bool => is_string($word) && $word !== ''));
    }

    /** Whether a name has a word that begins so; of several of a thing, one. */
    private static function isIn(string $word, string $name): bool
    {
        $one = Names::words($word)[0] ?? $word;
        foreach (self::words($name) as $of) {
            if (str_starts_with($of, $word) || str_starts_with($of, $one) || in_array($of, self::BETWEEN, true) && $of === $word) {
                return true;
            }
        }

        return false;
    }
}
