<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Closure;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Checks;
use Velko\Core\Planning\Place;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Vessel\Burner;
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
        return array_values(array_filter(array_map(static fn (Closure $one): ?Compared => $one(), self::each($plan))));
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

        return new Compared("$covers covers in this pan", $plan, $after, sprintf(
            'the rice drinks twice as much, the pan boils off %s: %s mL to a gram instead of %s',
            self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
            number_format($after->millilitresPerGram(), 1), number_format($plan->millilitresPerGram(), 1),
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
        $bigger = new Burner($burner->ring * self::WIDER, array_map(static fn (float $net): float => $net * self::WIDER ** 2, $burner->net));
        $after = Planner::plan(self::solved($plan)->in($wider, $bigger));

        return new Compared(sprintf('a base of %s cm on a ring as much bigger', Rounding::plain($wider->base, 0)), $plan, $after, sprintf(
            'more floor over more heat boils off %s; the rice drinks the same',
            self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
        ));
    }

    public static function inTheHills(Plan $plan): Compared
    {
        $place = $plan->ask->place;
        $altitude = $place->altitude >= self::HILLS_M / 2 ? 0.0 : self::HILLS_M;
        $after = Planner::plan(self::solved($plan)->at(new Place($altitude, $place->room, $place->plates)));
        $minutes = abs($after->pulled->minute() - $plan->pulled->minute());

        return new Compared($altitude > 0 ? 'at 1,600 m' : 'at sea level', $plan, $after, sprintf(
            'it boils at %d °C: the grain takes %s min %s, and %s boils off',
            (int) round($after->ask->conditions()->boiling), Rounding::plain($minutes, 1), $altitude > 0 ? 'longer' : 'less',
            self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
        ));
    }

    public static function coldStock(Plan $plan): ?Compared
    {
        $stock = $plan->ask->stock;
        if ($stock->temperature <= self::COLD_C + 5) {
            return null;
        }
        $after = Planner::plan($plan->onTheSameHeat()->withStock($stock->as(self::COLD_C, $stock->saltPercent)));

        return new Compared('with stock at 20 °C', $plan, $after, sprintf(
            'it comes to the boil in the pan: %s min longer, and while nothing boils, %s boils off',
            Rounding::plain(max(0.0, $after->pulled->minute() - $plan->pulled->minute()), 1),
            self::against($after->atTable->boiledOff, $plan->atTable->boiledOff),
        ));
    }

    /** On the same heat, with the stock left to be found, whatever was given. */
    private static function solved(Plan $plan): Ask
    {
        $stock = $plan->ask->stock;

        return $plan->onTheSameHeat()->withStock($stock->as($stock->temperature, $stock->saltPercent));
    }

    private static function against(float $after, float $before): string
    {
        if (abs($after - $before) <= self::ABOUT * $before) {
            return 'about as much';
        }

        return Checks::litres(abs($after - $before)).($after > $before ? ' more' : ' less');
    }
}
