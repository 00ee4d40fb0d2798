<?php

declare(strict_types=1);

namespace Velko\Core\Family\PanRice;

use Velko\Core\Crust\CrustWish;
use Velko\Core\Method\LidChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\FitChecks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Toppings;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Bite;
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
            FitChecks::tooDeep($plan, Pan::PAN_RICE_LAYER_MM, 'cook'),
            $wetOrDry,
            self::topBehind($plan),
            self::noCrust($plan),
            self::fierce($plan),
            self::lidAllThrough($plan),
            self::eitherMark($plan),
            self::smothered($plan),
            self::stirred($plan),
            self::wrongRice($plan),
            Checks::rinsedOrSoaked($plan),
            ...$common,
        ]);
    }

    private static function tooWet(Plan $plan): ?Warning
    {
        $left = $plan->pulled->free;
        if ($left <= Simulation::WET * $plan->rice()) {
            return null;
        }
        $strongest = $plan->ask->method->heat === null;

        return new Warning(
            'too-wet',
            ['left' => Volume::ofMl($left), 'strongest' => $strongest],
            self::nearestStock($plan, $strongest ? 'stronger-ring' : 'earlier'),
        );
    }

    private static function tooDry(Plan $plan): ?Warning
    {
        if ($plan->nearest === null || $plan->nearest <= $plan->stock || $plan->atTable->doneness >= $plan->ask->grain->window->low - self::HARD_HEART) {
            return null;
        }

        return new Warning(
            'too-dry',
            ['minute' => $plan->dryMinute ?? 0.0],
            self::nearestStock($plan, 'lower'),
        );
    }

    /**
     * Stock that would do; what the pan does not hold is no way out.
     *
     * @param  'stronger-ring'|'earlier'|'lower'  $else  what would do as well
     */
    private static function nearestStock(Plan $plan, string $else): Fact
    {
        $stock = $plan->nearest;

        return $stock === null || $stock > $plan->ask->pan->workingVolume()
            ? Fact::of('fix.other-heat', else: $else)
            : Fact::of('fix.stock-or-other-heat', stock: Volume::ofMl($stock), else: $else);
    }

    private static function topBehind(Plan $plan): ?Warning
    {
        $top = $plan->top();
        if ($top->bite === Bite::Right || $plan->bite() !== Bite::Right) {
            return null;
        }

        return new Warning(
            'top-behind',
            ['depth' => Length::ofMm(round($plan->layer())), 'bite' => $top->bite->fact()],
            $top->cover === null ? Fact::of('fix.shallower') : Fact::of('fix.cover-for-the-last', time: Duration::ofMinutes($top->cover)),
        );
    }

    private static function noCrust(Plan $plan): ?Warning
    {
        $crust = $plan->crust;
        if ($crust === null || $plan->ask->target->crust === CrustWish::None || $crust->plan->even) {
            return null;
        }
        if ($plan->pulled->free > Simulation::WET * $plan->rice()) {
            return new Warning('no-crust', ['wet' => true, 'ring' => Length::ofCm(round($plan->ask->burner->ring))], Fact::of('fix.dry-it-first'));
        }

        return new Warning(
            'no-crust',
            ['wet' => false, 'ring' => Length::ofCm(round($plan->ask->burner->ring))],
            $crust->nearestRing === null ? Fact::of('fix.wider-ring-or-no-rim') : Fact::of('fix.ring-of-or-no-rim', ring: Length::ofCm(round($crust->nearestRing))),
        );
    }

    private static function smothered(Plan $plan): ?Warning
    {
        $on = Toppings::of($plan->ask);

        return $on->smothers() ? new Warning('smothered', ['percent' => round(100 * $on->covers())], Fact::of('fix.fewer-or-on-top-at-the-end')) : null;
    }

    private static function stirred(Plan $plan): ?Warning
    {
        return $plan->ask->method->stirring->share() <= 0
            ? null
            : new Warning('stirred', [], Fact::of('fix.leave-it-alone'));
    }

    private static function fierce(Plan $plan): ?Warning
    {
        $end = $plan->pulled->minute();
        foreach ($plan->heat as $i => $change) {
            $minutes = min($end, $plan->heat[$i + 1]->fromMinute ?? INF) - max(0.0, $change->fromMinute);
            if ($minutes > self::FIERCE_FOR && $plan->ask->burner->net[$change->mark] > self::FIERCE * $plan->ask->pan->baseArea()) {
                return FitChecks::tooFierce($plan, $change->mark, self::FIERCE, 'browns');
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

        return new Warning('lid-all-through', [], Fact::of('fix.lid-at-the-end'));
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
            ['marks' => true, 'hot' => $other->heat->hot, 'gentle' => $other->heat->gentle, 'stock' => Volume::ofMl($other->stock), 'by' => Volume::ofMl(abs($by)), 'more' => $by > 0],
            Fact::of('fix.marks-it-holds'),
        );
    }

    private static function wrongRice(Plan $plan): ?Warning
    {
        $variety = $plan->ask->grain->variety;
        if ($variety->staysApart()) {
            return null;
        }

        return new Warning('rice-not-for-pan', ['rice' => $variety->fact()], Fact::of('fix.rice-for-pan'));
    }
}
