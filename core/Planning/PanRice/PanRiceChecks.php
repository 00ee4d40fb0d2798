<?php

declare(strict_types=1);

namespace Velko\Core\Planning\PanRice;

use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\CrustWish;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Vessel\Pan;

/** What will go wrong with this choice for a pan rice, each with the nearest that works. */
final class PanRiceChecks
{
    /** Under the window by more than this the heart is hard, min. */
    private const HARD_HEART = 0.25;

    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        $wetOrDry = self::tooWet($plan) ?? self::tooDry($plan);
        $common = Checks::common($plan);
        if ($wetOrDry !== null) {
            // Its bite is off because of that, and the general way out would not help.
            $common = array_filter($common, static fn (?Warning $warning): bool => $warning?->code !== 'bite-not-right');
        }

        return Checks::found([
            Checks::tooDeep($plan, Pan::PAN_RICE_LAYER_MM, 'to cook evenly'),
            $wetOrDry,
            self::noCrust($plan),
            self::stirred($plan),
            self::wrongRice($plan),
            Checks::rinsedOrSoaked($plan),
            ...$common,
        ]);
    }

    private static function tooWet(Plan $plan): ?Warning
    {
        $left = $plan->pulled->free;
        if ($left <= 2 * Simulation::DRY * $plan->rice()) {
            return null;
        }
        $strongest = $plan->ask->method->heat === null;

        return new Warning(
            'too-wet',
            sprintf('%s left in the pan when the rice is done%s', Checks::litres($left), $strongest ? ': this ring is too weak to dry it in time' : ''),
            self::nearestStock($plan, $strongest ? 'or a stronger ring' : 'or turn it up earlier'),
        );
    }

    private static function tooDry(Plan $plan): ?Warning
    {
        if ($plan->nearest === null || $plan->nearest <= $plan->stock || $plan->atTable->doneness >= $plan->ask->grain->window->low - self::HARD_HEART) {
            return null;
        }

        return new Warning(
            'too-dry',
            sprintf('Dry at minute %s with the heart still hard', Rounding::plain($plan->dryMinute ?? 0.0, 1)),
            self::nearestStock($plan, 'or lower heat'),
        );
    }

    private static function nearestStock(Plan $plan, string $or): string
    {
        return $plan->nearest === null ? ucfirst(substr($or, 3)) : sprintf('%s of stock would be gone in time, %s', Checks::litres($plan->nearest), $or);
    }

    private static function noCrust(Plan $plan): ?Warning
    {
        $crust = $plan->crust;
        if ($crust === null || $plan->ask->target->crust === CrustWish::None || $crust->plan->even) {
            return null;
        }
        if ($plan->pulled->free > 2 * Simulation::DRY * $plan->rice()) {
            return new Warning('no-crust', 'A wet pan makes no crust', 'Dry it first');
        }

        return new Warning(
            'no-crust',
            sprintf('The %s cm ring does not colour the whole floor of this pan: the middle turns dark before the rim is gold', Rounding::plain($plan->ask->burner->ring, 0)),
            $crust->nearestRing === null
                ? 'A wider ring, or serve it without a crust at the rim'
                : sprintf('A ring of %s cm of the same strength; or serve it without a crust at the rim', Rounding::plain($crust->nearestRing, 0)),
        );
    }

    private static function stirred(Plan $plan): ?Warning
    {
        return $plan->ask->method->stirring->share() <= 0
            ? null
            : new Warning('stirred', 'Stirred, it turns creamy and the crust does not form', 'Level it once, then leave it alone');
    }

    private static function wrongRice(Plan $plan): ?Warning
    {
        $variety = $plan->ask->grain->variety;
        if ($variety->staysApart()) {
            return null;
        }

        return new Warning('rice-not-for-pan', sprintf('%s goes creamy and splits in a pan', ucfirst($variety->label())), 'Bomba or round grain');
    }
}
