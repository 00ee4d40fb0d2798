<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Doubt;

/**
 * How far what a pan takes may lie off its plan, nine times in ten, because its ring and its rice are only known so well. Each
 * is taken one standard deviation up and down, on the same heat; they are independent, so their squares add up.
 */
final readonly class GiveOrTake
{
    /**
     * @param  float  $stock  mL either way
     * @param  float  $pull  min either way
     * @param  array<'ring-power'|'drinking'|'doneness', float>  $of  mL of the stock that come of each alone
     */
    private function __construct(public float $stock, public float $pull, public array $of) {}

    /**
     * @param  float|null  $ring  how well its ring is known, one standard deviation as a share; null: as its marks are
     *
     * @return array<'ring-power'|'drinking'|'doneness', Closure(): array{float, float}> mL and min for one standard deviation of each, to be worked out
     */
    public static function each(Plan $plan, Doubt $doubt, ?float $ring = null): array
    {
        $ask = $plan->onItsHeat();

        return [
            'ring-power' => self::either(static fn (float $off): Ask => $ask->on($ask->burner->times(exp($off))), $ring ?? $ask->burner->knownTo($plan->marks())),
            'drinking' => self::either(static fn (float $off): Ask => $ask->withGrain($ask->grain->drinkingTimes(exp($off))), $doubt->drinking),
            'doneness' => self::either(static fn (float $off): Ask => $ask->withGrain($ask->grain->doneAfterTimes(exp($off))), $doubt->doneness),
        ];
    }

    /** @param  array<'ring-power'|'drinking'|'doneness', array{float, float}>  $parts  mL and min for one standard deviation of each */
    public static function of(array $parts): self
    {
        $both = static fn (int $which): float => Doubt::NINE_TENTHS * sqrt(array_sum(array_map(static fn (array $part): float => $part[$which] ** 2, $parts)));

        return new self($both(0), $both(1), array_map(static fn (array $part): float => Doubt::NINE_TENTHS * abs($part[0]), $parts));
    }

    /**
     * @param  Closure(float): Ask  $so
     *
     * @return Closure(): array{float, float}
     */
    private static function either(Closure $so, float $spread): Closure
    {
        return static function () use ($so, $spread): array {
            [$less, $more] = [Planner::plan($so(-$spread)), Planner::plan($so($spread))];

            return [($more->stock - $less->stock) / 2, ($more->pulled->minute() - $less->pulled->minute()) / 2];
        };
    }
}
