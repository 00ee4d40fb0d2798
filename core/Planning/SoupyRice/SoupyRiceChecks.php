<?php

declare(strict_types=1);

namespace Velko\Core\Planning\SoupyRice;

use Velko\Core\Planning\Checks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Rounding;

/** What will go wrong with this choice for a soupy rice, each with its way out. */
final class SoupyRiceChecks
{
    /** Looseness further off than this is not what was asked, g/g. */
    private const OFF_TARGET = 0.15;

    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        return Checks::found([
            self::setsUp($plan),
            self::thin($plan),
            Checks::offTarget($plan, self::OFF_TARGET),
            ...Checks::common($plan),
        ]);
    }

    /** It is solved to be right at the table; this is about a walk so long that it passes through soft on the way. */
    private static function setsUp(Plan $plan): ?Warning
    {
        $latest = $plan->standing->latest;
        $walk = $plan->ask->target->minutesToTable;
        if ($latest === null || $walk <= $latest) {
            return null;
        }

        return new Warning(
            'sets-up',
            sprintf('%s min from the pass to the spoon: after %s it is %s', Rounding::plain($walk, 1), Rounding::plain($latest, 1), $plan->standing->then === 'soft' ? 'soft' : 'set up'),
            'Carry it at once, or fire it later; a lid on the lowest heat holds it a few minutes at most',
        );
    }

    private static function thin(Plan $plan): ?Warning
    {
        if ($plan->ask->grain->variety->givesBody()) {
            return null;
        }

        return new Warning('rice-not-for-stew', sprintf('%s gives a broth no body', ucfirst($plan->ask->grain->variety->label())), 'Round grain or bomba; soak it first if you must');
    }
}
