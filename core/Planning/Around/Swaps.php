<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Method\Family;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Variety;

/** What can stand in for the wine and for the rice. Common practice, no single source. */
final class Swaps
{
    /** Rice vinegar for wine, by volume; plain white vinegar is so much sharper. */
    private const RICE_VINEGAR = 1 / 2;

    private const WHITE_VINEGAR = 1 / 16;

    /** Minutes that do not count as another time. */
    private const SAME_MINUTES = 0.3;

    /** Starch further apart than this can be felt. */
    private const FELT = 0.08;

    /** @return list<Swap> */
    public static function of(Plan $plan): array
    {
        $swaps = $plan->ask->wine > 0 ? [self::vinegar($plan)] : [];
        foreach (Variety::cases() as $variety) {
            if ($variety !== $plan->ask->grain->variety) {
                $swaps[] = self::rice($plan, $variety);
            }
        }

        return $swaps;
    }

    public static function vinegar(Plan $plan): Swap
    {
        $wine = $plan->ask->wine;
        $after = Planner::plan($plan->onTheSameHeat()->withWine(0.0));
        $vinegar = $wine * self::RICE_VINEGAR;

        return new Swap('vinegar for the wine', $after, $after->stock - $vinegar - $plan->stock, [
            sprintf('%s of rice vinegar (or %s of plain white) in the first stock', Checks::litres($vinegar), Checks::litres($wine * self::WHITE_VINEGAR)),
            'no wine to cook off: the stock goes in at once',
            sprintf('%s g less alcohol a cover', number_format($plan->alcoholPerCover(), 1)),
        ], self::added($plan, $after));
    }

    public static function rice(Plan $plan, Variety $variety): Swap
    {
        $before = $plan->ask->grain;
        $after = Planner::plan($plan->onTheSameHeat()->withGrain($variety->grain()));
        $minutes = $after->pulled->minute() - $plan->pulled->minute();
        $drinks = $after->atTable->drunk - $plan->atTable->drunk;
        $starch = $variety->starch() - $before->variety->starch();
        $changes = [sprintf('its window is %s to %s min', Rounding::plain($after->ask->grain->window->low, 1), Rounding::plain($after->ask->grain->window->high, 1))];
        if (abs($minutes) >= self::SAME_MINUTES) {
            $changes[] = sprintf('%s min %s on the fire', Rounding::plain(abs($minutes), 1), $minutes > 0 ? 'longer' : 'less');
        }
        $changes[] = sprintf('drinks %s mL %s in all', Rounding::plain(abs($drinks) * $plan->rice(), 0), $drinks >= 0 ? 'more' : 'less');
        if (abs($starch) >= self::FELT && $plan->ask->family !== Family::PanRice) {
            $changes[] = $starch > 0 ? 'a creamier sauce' : 'a thinner sauce';
        }
        if (! $variety->givesBody()) {
            $changes[] = 'wash and soak it first, and steam it under a lid at the end';
        }

        return new Swap("{$variety->label()} for {$before->variety->label()}", $after, $after->stock - $plan->stock, $changes, self::added($plan, $after));
    }

    /** @return list<string> */
    private static function added(Plan $before, Plan $after): array
    {
        $had = array_map(static fn (Warning $warning): string => $warning->code, $before->warnings);

        return array_values(array_map(
            static fn (Warning $warning): string => $warning->message,
            array_filter($after->warnings, static fn (Warning $warning): bool => ! in_array($warning->code, $had, true)),
        ));
    }
}
