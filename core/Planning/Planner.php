<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** From an ask to a plan: each family solves it in its own way ({@see Family}), on the same simulated pan ({@see Cooking}). */
final class Planner
{
    /** @param  Plan|null  $alike  a plan for other covers of the same dish in the same pan on the same ring: what does not depend on the covers is taken from it */
    public static function plan(Ask $ask, ?Plan $alike = null): Plan
    {
        return $ask->family->plan($ask, $alike);
    }
}
