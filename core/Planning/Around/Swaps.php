<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Method\Family;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/** What can stand in for the wine, the rice, the stock and the pan. Common practice, no single source. */
final class Swaps
{
    /** Rice vinegar for wine, by volume; plain white vinegar is so much sharper. */
    private const RICE_VINEGAR = 1 / 2;

    private const WHITE_VINEGAR = 1 / 16;

    /** Minutes that do not count as another time. */
    private const SAME_MINUTES = 0.3;

    /** Salt of the plate further apart than this can be tasted, percent points. */
    private const TASTED = 0.05;

    private const SAME_DEGREES = 3.0;

    /** Starch further apart than this can be felt. */
    private const FELT = 0.08;

    /** @return list<Swap> */
    public static function of(Plan $plan): array
    {
        return array_map(static fn (Closure $one): Swap => $one(), self::each($plan));
    }

    /** @return list<Closure(): Swap> each to be worked out */
    public static function each(Plan $plan): array
    {
        $swaps = $plan->ask->wine > 0 ? [static fn (): Swap => self::vinegar($plan)] : [];
        foreach (Variety::cases() as $variety) {
            if ($variety !== $plan->ask->grain->variety) {
                $swaps[] = static fn (): Swap => self::rice($plan, $variety);
            }
        }

        return $swaps;
    }

    public static function vinegar(Plan $plan): Swap
    {
        $wine = $plan->ask->wine;
        $after = Planner::plan($plan->onTheSameHeat()->withWine(0.0));
        $vinegar = $wine * self::RICE_VINEGAR;

        return new Swap('wine', 'vinegar for the wine', $after, $after->stock - $vinegar - $plan->stock, [
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

        return new Swap('rice', "{$variety->label()} for {$before->variety->label()}", $after, $after->stock - $plan->stock, $changes, self::added($plan, $after));
    }

    /** @param  string  $name  of the other stock; it is held as hot as the kitchen holds it */
    public static function stock(Plan $plan, string $name, float $temperature, float $saltPercent): Swap
    {
        $before = $plan->ask->stock;
        $after = Planner::plan($plan->onTheSameHeat()->withStock($before->as($temperature, $saltPercent)));
        $salt = $after->saltPercent() - $plan->saltPercent();
        $changes = [];
        if (abs($salt) >= self::TASTED) {
            $changes[] = sprintf('%s g of salt %s on all plates', Rounding::plain(abs($after->salt() - $plan->salt()), 1), $salt > 0 ? 'more' : 'less');
        }
        if (abs($temperature - $before->temperature) >= self::SAME_DEGREES) {
            $changes[] = sprintf('held at %d °C instead of %d', (int) round($temperature), (int) round($before->temperature));
        }

        return new Swap('stock', $name, $after, $after->stock - $plan->stock, $changes, self::added($plan, $after));
    }

    /** @param  string  $name  of the other pan and its ring; the heat is found anew for it */
    public static function pan(Plan $plan, string $name, Pan $pan, Burner $burner): Swap
    {
        $after = Planner::plan($plan->ask->in($pan, $burner)->onAnyHeat());
        $steam = $after->atTable->boiledOff - $plan->atTable->boiledOff;

        return new Swap('pan', $name, $after, $after->stock - $plan->stock, [
            sprintf('boils off %s %s', Checks::litres(abs($steam)), $steam > 0 ? 'more' : 'less'),
            sprintf('%d mm deep instead of %d', (int) round($after->layer()), (int) round($plan->layer())),
        ], self::added($plan, $after));
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
