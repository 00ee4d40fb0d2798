<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Volume;
use Velko\Core\Vessel\Fire;

/** What a fire that is no knob may take: the same pan were it stronger or weaker than its bands say. */
final class FireChecks
{
    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        $fire = $plan->ask->burner->fire;
        if ($fire->hasAKnob()) {
            return [];
        }
        $same = $plan->ask->family->traits()->driesOut ? $plan->onTheSameHeat() : $plan->ask->withHeat($plan->heat);
        [$weak, $strong] = array_map(static fn (int $deviations): float => Planner::plan($same->on($same->burner->times(exp($deviations * $fire->spread()))->withFire(Fire::Gas)))->stock, [-1, 1]);

        return [new Warning(
            'fire-drifts',
            ['fire' => $fire->value, 'stock' => Volume::ofMl($plan->stock), 'least' => Volume::ofMl(min($weak, $strong)), 'most' => Volume::ofMl(max($weak, $strong))],
            Fact::of('fix.keep-more-hot', more: Volume::ofMl(max(0.0, max($weak, $strong) - $plan->stock))),
        )];
    }
}
