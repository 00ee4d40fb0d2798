<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\Cover;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Volume;
use Velko\Core\Vessel\Fire;

/** What a fire that is no knob may take, were it stronger or weaker than its bands say; and what wind does to a pan. */
final class FireChecks
{
    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        return Checks::found([self::drifts($plan), self::wind($plan)]);
    }

    private static function wind(Plan $plan): ?Warning
    {
        $wind = $plan->ask->surroundings->wind;
        if ($wind <= 0.0) {
            return null;
        }
        $foil = $plan->ask->family->traits()->driesOut && ! $plan->ask->method->coverFromGrains
            ? Planner::plan($plan->onTheSameHeat()->at(new Surroundings($plan->ask->surroundings->altitude, $plan->ask->surroundings->room, $plan->ask->surroundings->plates))->withMethod(Cover::FromTheGrains->changes(true)))
            : null;

        return new Warning(
            'wind-steals',
            ['wind' => round($wind, 1), 'flame' => $plan->ask->burner->fire->blownPast() > 0.0],
            $foil === null ? Fact::of('fix.screen') : Fact::of('fix.screen-or-foil', stock: Volume::ofMl($foil->stock)),
        );
    }

    private static function drifts(Plan $plan): ?Warning
    {
        $fire = $plan->ask->burner->fire;
        if ($fire->hasAKnob()) {
            return null;
        }
        $same = $plan->onItsHeat();
        [$weak, $strong] = array_map(static fn (int $deviations): float => Planner::plan($same->on($same->burner->times(exp($deviations * $same->burner->knownTo($plan->marks())))->withFire(Fire::Gas)))->stock, [-1, 1]);

        return new Warning(
            'fire-drifts',
            ['fire' => $fire->value, 'stock' => Volume::ofMl($plan->stock), 'least' => Volume::ofMl(min($weak, $strong)), 'most' => Volume::ofMl(max($weak, $strong))],
            Fact::of('fix.keep-more-hot', more: Volume::ofMl(max(0.0, max($weak, $strong) - $plan->stock))),
        );
    }
}
