<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/**
 * Why scaling stock is not multiplying: the same dish in the same pan on the same heat, for more and fewer covers.
 *
 * Per gram of rice, what is drunk and what is left as sauce hardly change; what boils off is shared by more rice.
 */
final class ScaleCurve
{
    /** Shares of the covers asked for, at which the curve is worked out. */
    private const AT = [0.3, 0.55, 1.0, 2.0];

    /**
     * @param  Plan  $plan  the one asked for, so that it is not worked out again
     *
     * @return list<Plan> for rising covers
     */
    public static function around(Plan $plan): array
    {
        $asked = $plan->ask->covers;
        $plans = [$asked => $plan];
        foreach (self::AT as $share) {
            $covers = max(1, (int) round($asked * $share));
            $plans[$covers] ??= Planner::plan($plan->onTheSameHeat()->forCovers($covers), $plan);
        }
        ksort($plans);

        return array_values($plans);
    }
}
