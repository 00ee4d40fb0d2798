<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Velko\Core\Quantity\Fact;

/** How many mains and starters some parts of a ticket say, for one dish. Numbers are added up only where a plus stands between them. */
final readonly class Counts
{
    /**
     * @param  list<Token>  $tokens
     * @param  bool  $isTableKnown  Else a number without a word may be the table.
     *
     * @return list<array{int, int, string}> all that they can mean: mains, starters, and the table that another number is then
     *
     * @throws Refused if no number is said, or none that a firing can have
     */
    public static function in(array $tokens, bool $isTableKnown): array
    {
        [$bare, $mains, $starters] = self::sorted($tokens);
        $ways = [];
        foreach (self::either($mains) as $main) {
            foreach (self::either($starters) as $starter) {
                foreach (self::withBare($bare, $main, $starter, $mains !== [], $starters === [] || $isTableKnown || self::isJoined($tokens)) as $way) {
                    $ways[implode('|', $way)] = $way;
                }
            }
        }
        $possible = array_filter($ways, static fn (array $way): bool => $way[0] + $way[1] >= 1 && max($way[0], $way[1], $way[0] + $way[1]) <= TicketReader::MOST);
        if ($possible === []) {
            throw new Refused($ways === [] || max(array_map(static fn (array $way): int => max($way[0], $way[1]), $ways)) < 1 ? Fact::of('order.no-covers') : Fact::of('order.too-many', most: TicketReader::MOST));
        }

        return array_values($possible);
    }

    /**
     * Numbers by what stands behind them.
     *
     * @param  list<Token>  $tokens
     *
     * @return array{list<array{int, bool}>, list<array{int, bool}>, list<array{int, bool}>} numbers alone, of mains, of starters; and whether a plus stands before each
     */
    private static function sorted(array $tokens): array
    {
        $sorted = ['number' => [], 'mains' => [], 'starters' => []];
        /** @var list<array{int, bool}> $open The number whose word has not come yet. */
        $open = [];
        $plus = false;
        foreach ([...$tokens, null] as $token) {
            $kind = $token?->plain === 'x' ? 'mains' : $token?->kind;
            $isOpen = $open !== [] && in_array($kind, ['number', 'plus', 'mains', 'starters', null], true);
            if ($isOpen) {
                $sorted[$kind === 'mains' || $kind === 'starters' ? $kind : 'number'][] = $open[0];
                $open = [];
                $plus = false;
            }
            if ($kind === 'number') {
                $open = [[$token->number, $plus]];
                $plus = false;
            }
            $plus = $kind === 'plus' || $plus;
        }

        return [$sorted['number'], $sorted['mains'], $sorted['starters']];
    }

    /**
     * @param  list<array{int, bool}>  $numbers
     *
     * @return list<int> what they can come to
     */
    private static function either(array $numbers): array
    {
        $values = array_column($numbers, 0);
        if (count($values) < 2) {
            return $values === [] ? [0] : $values;
        }

        return array_filter(array_slice($numbers, 1), static fn (array $number): bool => ! $number[1]) === [] ? [array_sum($values)] : [...$values, array_sum($values)];
    }

    /**
     * Whether a plus or "and" joins a number without a word to the starters: then it is no table.
     *
     * @param  list<Token>  $tokens
     */
    private static function isJoined(array $tokens): bool
    {
        return preg_match('/number (?:plus|and) number starters|starters (?:plus|and) number/', implode(' ', array_column($tokens, 'kind'))) === 1;
    }

    /**
     * @param  list<array{int, bool}>  $bare
     * @param  bool  $isSure  Whether one number alone is that of the mains.
     *
     * @return list<array{int, int, string}>
     */
    private static function withBare(array $bare, int $main, int $starter, bool $hasMains, bool $isSure): array
    {
        if ($bare === []) {
            return [[$main, $starter, '']];
        }
        $ways = [];
        foreach ($bare as $at => [$number]) {
            $others = implode(', ', array_column(array_diff_key($bare, [$at => true]), 0));
            $ways[] = [$hasMains ? $main : $number, $starter, $hasMains ? implode(', ', array_column($bare, 0)) : $others];
        }
        if (! $isSure && count($bare) === 1 && ! $hasMains) {
            $ways[] = [0, $starter, (string) $bare[0][0]];
        }
        if ($hasMains || count($bare) > 1) {
            $ways[] = [$main + array_sum(array_column($bare, 0)), $starter, ''];
        }
        if (count($bare) === 2 && $bare[1][1] && ! $hasMains) {
            // "2 + 2 pea": four mains, or two and two starters; never a table.
            $ways = [[$bare[0][0] + $bare[1][0], $starter, ''], [$bare[0][0], $starter + $bare[1][0], '']];
        }

        return $ways;
    }
}
