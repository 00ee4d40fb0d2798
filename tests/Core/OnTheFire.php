<?php

declare(strict_types=1);

namespace Tests\Core;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Weighing;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\Forecast;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Plan;

/** A pan on the fire: a cook who does what the plan says, and the pan as it truly is meanwhile. */
final class OnTheFire
{
    /** ms since 1970 */
    public const FIRST_LIQUID = 1_780_000_000_000;

    public static function at(float $minute): int
    {
        return self::FIRST_LIQUID + (int) round(60000 * $minute);
    }

    /** @return list<Touch> a cook who does what the plan says until a minute */
    public static function doneUntil(Plan $plan, float $minute): array
    {
        $touches = [];
        foreach ($plan->stages as $i => $stage) {
            if ($stage->minute <= $minute) {
                $touches[] = new Touch("s$i", $stage->volume === null ? TouchKind::Done : TouchKind::Pour, self::at($stage->minute), $i, $stage->volume);
            }
        }

        return $touches;
    }

    /** The pan as it really is at a minute, its ring so many times what the marks say, after a cook who followed the plan. */
    public static function truth(Plan $plan, float $power, float $minute): State
    {
        return (new ActualRun($plan->ask, $plan->heat, Replay::of($plan->stages, self::doneUntil($plan, $minute)), new Estimate($power)))->until(60 * $minute);
    }

    public static function weighed(Plan $plan, State $truly, float $minute, float $error = 0.0): Touch
    {
        $rice = $plan->ask->rice();
        $water = $truly->free + $rice * $truly->drunk;

        return new Touch('w', TouchKind::Weigh, self::at($minute), weighing: new Weighing(1500 + 300 + $rice + $water + $error, 1500, 300));
    }

    /** @param  list<Touch>  $touches */
    public static function forecast(Plan $plan, array $touches, ?float $now = null): Forecast
    {
        return Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, $touches), $now === null ? $touches[count($touches) - 1]->at : self::at($now));
    }
}
