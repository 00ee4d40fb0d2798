<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Planning\Surroundings;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Ratio;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Quantity\Volume;
use Velko\Core\Vessel\Pan;

/** The four changes that stock does not follow by multiplying: more covers, a wider pan, the hills, cold stock. */
final class WhatIf
{
    /** How much wider, pan and ring alike. */
    private const WIDER = 1.25;

    private const HILLS_M = 1600.0;

    private const COLD_C = 20.0;

    /** What boils off within this share of what it was is "about as much". */
    private const ABOUT = 0.1;

    /** @return list<Compared> */
    public static function of(Plan $plan): array
    {
        return array_values(array_filter(array_map(static fn (Closure $callback): ?Compared => $callback(), self::each($plan))));
    }

    /** @return list<Closure(): (Compared|null)> each to be worked out */
    public static function each(Plan $plan): array
    {
        return [
            static fn (): ?Compared => self::twiceTheCovers($plan), static fn (): ?Compared => self::widerPan($plan),
            static fn (): Compared => self::inTheHills($plan), static fn (): ?Compared => self::coldStock($plan),
        ];
    }

    public static function twiceTheCovers(Plan $plan): ?Compared
    {
        $covers = 2 * $plan->ask->covers;
        if ($covers > Ask::MOST_COVERS) {
            return null;
        }
        $after = Planner::plan(self::solved($plan)->forCovers($covers));

        return new Compared(Fact::of('what-if.covers', covers: $covers), $plan, $after, Fact::of(
            'because.twice', steam: self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
            ratio: Ratio::of($after->millilitresPerGram()), instead: Ratio::of($plan->millilitresPerGram()),
        ));
    }

    public static function widerPan(Plan $plan): ?Compared
    {
        $pan = $plan->ask->pan;
        $burner = $plan->ask->burner;
        if ($pan->rim * self::WIDER > Pan::MAX_DIAMETER_CM) {
            return null;
        }
        $wider = new Pan($pan->base * self::WIDER, $pan->rim * self::WIDER, $pan->height, min(Pan::MAX_METAL, $pan->metal * self::WIDER ** 2));
        $after = Planner::plan(self::solved($plan)->in($wider, $burner->wider(self::WIDER)));

        return new Compared(Fact::of('what-if.base', base: Length::ofCm(round($wider->base))), $plan, $after, Fact::of(
            'because.wider', steam: self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
        ));
    }

    public static function inTheHills(Plan $plan): Compared
    {
        $place = $plan->ask->surroundings;
        $altitude = $place->altitude >= self::HILLS_M / 2 ? 0.0 : self::HILLS_M;
        $after = Planner::plan(self::solved($plan)->at(new Surroundings($altitude, $place->room, $place->plates, $place->wind)));
        $minutes = abs($after->pulled->minute() - $plan->pulled->minute());

        return new Compared($altitude > 0 ? Fact::of('what-if.hills', altitude: Length::ofM($altitude)) : Fact::of('what-if.sea'), $plan, $after, Fact::of(
            'because.altitude', boiling: Temperature::ofC(round($after->ask->conditions()->boiling)), minutes: $minutes, longer: $altitude > 0,
            steam: self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
        ));
    }

    public static function coldStock(Plan $plan): ?Compared
    {
        $stock = $plan->ask->stock;
        if ($stock->temperature <= self::COLD_C + 5) {
            return null;
        }
        $after = Planner::plan($plan->onTheSameHeat()->withStock($stock->as(self::COLD_C, $stock->saltPercent)));

        return new Compared(Fact::of('what-if.cold-stock', temperature: Temperature::ofC(self::COLD_C)), $plan, $after, Fact::of(
            'because.cold-stock', minutes: max(0.0, $after->pulled->minute() - $plan->pulled->minute()),
            steam: self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
        ));
    }

    /** On the same heat, with the stock left to be found, whatever was given. */
    private static function solved(Plan $plan): Ask
    {
        $stock = $plan->ask->stock;

        return $plan->onTheSameHeat()->withStock($stock->as($stock->temperature, $stock->saltPercent));
    }

    private static function against(float $after, float $before): Fact
    {
        if (abs($after - $before) <= self::ABOUT * $before) {
            return Fact::of('because.as-much');
        }

        return Fact::of('because.by', volume: Volume::ofMl(abs($after - $before)), more: $after > $before);
    }
}
