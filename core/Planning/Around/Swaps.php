<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/** What can stand in for the wine, the rice, the stock and the pan. Common practice, no single source. */
final class Swaps
{
    /**
     * Vinegar for wine, by volume, so that about as much acid goes in. Titratable acid, from memory: dry white wine 6 g/L as tartaric acid, 0.08 eq/L
     * (OIV); plain white vinegar 50 g/L acetic acid, 0.83 eq/L; rice vinegar 42 g/L, 0.70 eq/L, and milder to taste (labels, 4 to 4.5 %).
     */
    private const RICE_VINEGAR = 1 / 4;

    private const WHITE_VINEGAR = 1 / 8;

    /** Minutes that do not count as another time. */
    private const SAME_MINUTES = 0.3;

    /** Salt of the plate further apart than this can be tasted, percent points. */
    private const TASTED = 0.05;

    private const SAME_DEGREES = 3.0;

    /** Less water than this is no matter, mL. */
    private const A_SPOON = 5.0;

    /** Starch further apart than this can be felt. */
    private const FELT = 0.08;

    /** @return list<Swap> */
    public static function of(Plan $plan): array
    {
        return array_map(static fn (Closure $callback): Swap => $callback(), self::each($plan));
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

        return new Swap('wine', Fact::of('swap.vinegar'), $after, $after->stock - $vinegar - $plan->stock, [
            Fact::of('swap.vinegars', rice: Volume::ofMl($vinegar), white: Volume::ofMl($wine * self::WHITE_VINEGAR)),
            Fact::of('swap.no-wine'),
            Fact::of('swap.less-alcohol', weight: Mass::ofG(round($plan->alcoholPerCover(), 1))),
        ], self::added($plan, $after));
    }

    public static function rice(Plan $plan, Variety $variety): Swap
    {
        $before = $plan->ask->grain;
        $after = Planner::plan($plan->onTheSameHeat()->withGrain($variety->grain()));
        $minutes = $after->pulled->minute() - $plan->pulled->minute();
        $drinks = $after->atTable->drunk - $plan->atTable->drunk;
        $starch = $variety->starch() - $before->variety->starch();
        $changes = [Fact::of('swap.window', low: $after->ask->grain->window->low, high: $after->ask->grain->window->high)];
        if (abs($minutes) >= self::SAME_MINUTES) {
            $changes[] = Fact::of('swap.on-the-fire', minutes: abs($minutes), longer: $minutes > 0);
        }
        $changes[] = Fact::of('swap.drinks', volume: Volume::ofMl(abs($drinks) * $plan->rice()), more: $drinks >= 0);
        if (abs($starch) >= self::FELT && ! $plan->ask->family->traits()->driesOut) {
            $changes[] = Fact::of('swap.sauce', creamier: $starch > 0);
        }
        if (! $variety->givesBody()) {
            $changes[] = Fact::of('swap.wash-and-soak');
        }

        return new Swap('rice', Fact::of('swap.for', this: $variety->fact(), that: $before->variety->fact()), $after, $after->stock - $plan->stock, $changes, self::added($plan, $after));
    }

    /** @param  Fact  $what  the other stock; it is held as hot as the kitchen holds it */
    public static function stock(Plan $plan, Fact $what, float $temperature, float $saltPercent): Swap
    {
        $before = $plan->ask->stock;
        $after = Planner::plan($plan->onTheSameHeat()->withStock($before->as($temperature, $saltPercent)));
        $salt = $after->saltPercent() - $plan->saltPercent();
        $changes = [];
        if (abs($salt) >= self::TASTED) {
            $changes[] = Fact::of('swap.salt', weight: Mass::ofG(round(abs($after->salt() - $plan->salt()), 1)), more: $salt > 0);
        }
        if (abs($temperature - $before->temperature) >= self::SAME_DEGREES) {
            $changes[] = Fact::of('swap.held-at', temperature: Temperature::ofC(round($temperature)), instead: Temperature::ofC(round($before->temperature)));
        }

        return new Swap('stock', $what, $after, $after->stock - $plan->stock, $changes, self::added($plan, $after));
    }

    /** Another thing in the place of one of the ask: as much of it, at the same moment. */
    public static function ingredient(Plan $plan, int $number, Portion $instead): Swap
    {
        $before = $plan->ask->food[$number];
        $after = Planner::plan($plan->onTheSameHeat()->withFood([$number => $instead] + $plan->ask->food));
        $water = self::water($instead) - self::water($before);
        $salt = $after->saltPercent() - $plan->saltPercent();
        $changes = [];
        if (abs($water) >= self::A_SPOON) {
            $changes[] = Fact::of('swap.water', volume: Volume::ofMl(abs($water)), more: $water > 0);
        }
        if (abs($salt) >= self::TASTED) {
            $changes[] = Fact::of('swap.salt', weight: Mass::ofG(round(abs($after->salt() - $plan->salt()), 1)), more: $salt > 0);
        }
        if ($instead->assumed) {
            $changes[] = Fact::of('swap.guessed', what: $instead->name);
        }

        return new Swap('ingredient', Fact::of('swap.for', this: $instead->name, that: $before->name), $after, $after->stock - $plan->stock, $changes, self::added($plan, $after));
    }

    /** The water that it gives to the pan, g; negative if it takes some. */
    private static function water(Portion $portion): float
    {
        return $portion->isInThePan() ? $portion->add()->gives + $portion->add()->atOnce : 0.0;
    }

    /** @param  Fact  $what  the other pan and its ring; the heat is found anew for it */
    public static function pan(Plan $plan, Fact $what, Pan $pan, Burner $burner): Swap
    {
        $after = Planner::plan($plan->ask->in($pan, $burner)->onAnyHeat());
        $steam = $after->atTable->boiledOff - $plan->atTable->boiledOff;

        return new Swap('pan', $what, $after, $after->stock - $plan->stock, [
            Fact::of('swap.boils-off', volume: Volume::ofMl(abs($steam)), more: $steam > 0),
            Fact::of('swap.depth', depth: Length::ofMm(round($after->layer())), instead: Length::ofMm(round($plan->layer()))),
        ], self::added($plan, $after));
    }

    /** @return list<Fact> */
    private static function added(Plan $before, Plan $after): array
    {
        $had = array_map(static fn (Warning $warning): string => $warning->code, $before->warnings);

        return array_values(array_map(
            static fn (Warning $warning): Fact => $warning->fact,
            array_filter($after->warnings, static fn (Warning $warning): bool => ! in_array($warning->code, $had, true)),
        ));
    }
}
