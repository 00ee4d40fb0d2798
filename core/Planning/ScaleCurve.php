<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Closure;

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
        return self::rising([$plan, ...array_map(static fn (Closure $callback): Plan => $callback(), self::others($plan))]);
    }

    /** @return list<Closure(): Plan> those beside the one asked for, each to be worked out */
    public static function others(Plan $plan): array
    {
        $asked = $plan->ask->covers;
        $covers = array_unique(array_map(static fn (float $share): int => max(1, (int) round($asked * $share)), self::AT));

        return array_values(array_map(static fn (int $cover): Closure => static fn (): Plan => Planner::plan($plan->onTheSameHeat()->forCovers($cover), $plan), array_diff($covers, [$asked])));
    }

    /**
     * @param  list<Plan>  $plans
     *
     * @return list<Plan>
     */
    public static function rising(array $plans): array
    {
        usort($plans, static fn (Plan $a, Plan $b): int => $a->ask->covers <=> $b->ask->covers);

        return $plans;
    }
}
