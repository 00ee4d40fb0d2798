<?php

declare(strict_types=1);

namespace Velko\Core\Planning\PanRice;

use Velko\Core\Method\LidChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\CrustWish;
use Velko\Core\Planning\FitChecks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Vessel\Pan;

/** What will go wrong with this choice for a pan rice, each with the nearest that works. */
final class PanRiceChecks
{
    /** Heat that scorches the floor before the rice has drunk, W/m²; what may stand on it without harm, min (common practice: "too hot and it is soft outside, hard inside"; our limits). */
    public const FIERCE = 30000.0;

    private const FIERCE_FOR = 3.0;

    /** Covered for this share of the time until it is dry, it was covered all through. */
    private const ALL_THROUGH = 0.8;

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
            FitChecks::tooDeep($plan, Pan::PAN_RICE_LAYER_MM, 'to cook evenly'),
            $wetOrDry,
            self::noCrust($plan),
            self::fierce($plan),
            self::lidAllThrough($plan),
            self::eitherMark($plan),
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

    private static function fierce(Plan $plan): ?Warning
    {
        $end = $plan->pulled->minute();
        foreach ($plan->heat as $i => $change) {
            $minutes = min($end, $plan->heat[$i + 1]->fromMinute ?? INF) - max(0.0, $change->fromMinute);
            if ($minutes > self::FIERCE_FOR && $plan->ask->burner->net[$change->mark] > self::FIERCE * $plan->ask->pan->baseArea()) {
                return FitChecks::tooFierce($plan, $change->mark, self::FIERCE, 'the floor browns before the rice has drunk');
            }
        }

        return null;
    }

    /** Covered from the pour until it is dry. */
    private static function lidAllThrough(Plan $plan): ?Warning
    {
        $on = false;
        $covered = 0.0;
        $since = 0.0;
        $end = $plan->dryMinute ?? $plan->pulled->minute();
        foreach ([...$plan->ask->method->lid, new LidChange(INF, false)] as $change) {
            $covered += $on ? max(0.0, min($end, $change->fromMinute) - $since) : 0.0;
            [$on, $since] = [$change->on, max(0.0, $change->fromMinute)];
        }
        if ($covered < self::ALL_THROUGH * $end) {
            return null;
        }

        return new Warning('lid-all-through', 'Under a lid from the pour on it steams: the rim stays wet and the crust uneven', 'Lid off until the liquid is gone; at the end two minutes under it finish a hard top');
    }

    /** Two marks that cost the same, between which the ring has none. */
    private static function eitherMark(Plan $plan): ?Warning
    {
        $other = $plan->asGood;
        if ($other === null) {
            return null;
        }
        $by = $other->stock - $plan->stock;

        return new Warning(
            'either-mark',
            sprintf('As good on %s until the grains show, then %s: %s of stock, %s %s', $other->heat->hot, $other->heat->gentle, Checks::litres($other->stock), Checks::litres(abs($by)), $by > 0 ? 'more' : 'less'),
            'Take the marks your ring holds better',
        );
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
