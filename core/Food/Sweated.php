<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/**
 * A base as it is when the rice goes in: of what is sweated, browned or cooked down in it, what is left. Fat, and what was cooked before,
 * lose nothing and are no part of it.
 */
final class Sweated
{
    /** Nothing loses more of itself, and no share of it is less known (those of ingredient.json). */
    private const MOST_LOST = 0.95;

    private const LEAST_KNOWN = 0.40;

    /**
     * What is left of a gram.
     *
     * @param  array<int, Portion>  $food  of an ask
     *
     * @return float|null g, > 0 and < 1; null where nothing is sweated
     */
    public static function left(array $food): ?float
    {
        $sweated = array_filter($food, self::is(...));

        return $sweated === [] ? null : self::mass($sweated) / array_sum(array_map(static fn (Portion $portion): float => $portion->grams, $sweated));
    }

    /**
     * The same food with so many times as much left of each; no more than there was, and no less than what is not water.
     *
     * @param  array<int, Portion>  $food
     * @param  float  $times  > 0
     *
     * @return array<int, Portion>
     */
    public static function leaves(array $food, float $times): array
    {
        return array_map(static fn (Portion $portion): Portion => self::is($portion)
            ? $portion->losing(max(0.0, min(self::MOST_LOST, 1 - $times * $portion->mass() / $portion->grams)), $portion->food->losesSpread) : $portion, $food);
    }

    /**
     * The same food, known so well.
     *
     * @param  array<int, Portion>  $food
     * @param  float  $spread  one standard deviation of what is left, as a share of it
     *
     * @return array<int, Portion>
     */
    public static function knownTo(array $food, float $spread): array
    {
        $sweated = array_filter($food, self::is(...));
        $unknown = sqrt(array_sum(array_map(static fn (Portion $portion): float => $portion->massSpread() ** 2, $sweated)));
        if ($unknown <= 0.0) {
            return $food;
        }
        $times = $spread * self::mass($sweated) / $unknown;

        return array_map(static fn (Portion $portion): Portion => self::is($portion)
            ? $portion->losing($portion->food->loses, min(self::LEAST_KNOWN, $times * $portion->food->losesSpread)) : $portion, $food);
    }

    public static function is(Portion $portion): bool
    {
        return $portion->goes === Goes::Base && $portion->grams > 0.0 && $portion->mass() < $portion->grams;
    }

    /** @param  array<int, Portion>  $food */
    private static function mass(array $food): float
    {
        return array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $food));
    }
}
