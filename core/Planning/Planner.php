<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Family\PanRice\PanRicePlanner;
use Velko\Core\Family\Risotto\RisottoPlanner;
use Velko\Core\Family\SoupyRice\SoupyRicePlanner;
use Velko\Core\Method\Family;

/** From an ask to a plan: each family is solved in its own way, on the same simulated pan. */
final class Planner
{
    /** @param  Plan|null  $alike  a plan for other covers of the same dish in the same pan on the same ring: what does not depend on the covers is taken from it */
    public static function plan(Ask $ask, ?Plan $alike = null): Plan
    {
        return match ($ask->family) {
            Family::Risotto => RisottoPlanner::plan($ask),
            Family::PanRice => PanRicePlanner::plan($ask, $alike?->crust?->making),
            Family::SoupyRice => SoupyRicePlanner::plan($ask),
        };
    }
}
