<?php

declare(strict_types=1);

namespace Velko\Core\Family\SoupyRice;

use Velko\Core\Planning\Checks;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Fact;

/** What will go wrong with this choice for a soupy rice, each with its way out. */
final class SoupyRiceChecks
{
    /** Looseness further off than this is not what was asked, g/g. */
    private const OFF_TARGET = 0.15;

    /** W/m² of floor, above which a stew that is turned now and then catches (our estimate, as of a risotto). */
    public const FIERCE = 28000.0;

    /** @return list<Warning> */
    public static function of(Plan $plan): array
    {
        return Checks::found([
            self::thin($plan),
            Checks::offTarget($plan, self::OFF_TARGET),
            Checks::eitherMark($plan),
            ...Checks::common($plan),
        ]);
    }

    private static function thin(Plan $plan): ?Warning
    {
        if ($plan->ask->grain->variety->givesBody()) {
            return null;
        }

        return new Warning('rice-not-for-stew', ['rice' => $plan->ask->grain->variety->fact()], Fact::of('fix.rice-for-stew'));
    }
}
