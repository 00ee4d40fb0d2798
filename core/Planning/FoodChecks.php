<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Method\HeatChange;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Temperature;

/** What everything else does to the pan when it goes in. It cooks the pan again a few times, and so is asked only of a plan that is shown. */
final class FoodChecks
{
    /** Off the boil for no longer than this is nothing to speak of, min. */
    private const A_WHILE = 1.0;

    /** A pan that is so little under its boiling point still moves, K (our estimate). */
    private const STILL_MOVES = 2.0;

    /** Warmed beside the pan before it goes in, °C (common practice: "hand-hot and more"). */
    private const WARMED_C = 60.0;

    private const LOTS = 3;

    /** The minutes between two lots. */
    private const BETWEEN = 2.0;

    /** A way out that leaves more than this share of it is none. */
    private const HELPS = 0.8;

    /** A delay is rounded to so many seconds when it is said. */
    private const TOLD = 10.0;

    /** @return list<Warning|null> */
    public static function of(Plan $plan): array
    {
        return [self::offTheBoil($plan), ...self::afterThePull($plan), ...self::weightUnknown($plan)];
    }

    /** @return list<Warning> what was to go in at a minute at which the pan is off the heat: it goes in as the pan comes off */
    private static function afterThePull(Plan $plan): array
    {
        $late = array_filter($plan->ask->food, static fn (Portion $portion): bool => $portion->goes === Goes::AtMinute && $portion->isInThePan() && 60 * ($portion->minute ?? 0.0) > $plan->pulled->second);

        return array_values(array_map(static fn (Portion $portion): Warning => new Warning(
            'after-the-pull',
            ['what' => $portion->name, 'minute' => round($portion->minute ?? 0.0, 1), 'pull' => round($plan->pulled->minute(), 1)],
            Fact::of('fix.goes-in-sooner', raw: $portion->isRawFlesh()),
        ), $late));
    }

    /** @return list<Warning> what is counted, and nobody knows what one weighs: it counts for nothing in stock, heat and salt */
    private static function weightUnknown(Plan $plan): array
    {
        $counted = array_filter($plan->ask->food, static fn (Portion $portion): bool => $portion->pieces > 0.0 && $portion->grams <= 0.0 && $portion->food->group->isHeavy());

        return array_values(array_map(static fn (Portion $portion): Warning => new Warning('weight-unknown', ['what' => $portion->name], Fact::of('fix.by-weight')), $counted));
    }

    /** The one thing that takes it off the boil longest, where that is longer than a minute. */
    private static function offTheBoil(Plan $plan): ?Warning
    {
        $worst = null;
        $longest = self::A_WHILE;
        foreach ($plan->atTable->addedAt as $number => $second) {
            $minutes = $second > 0.0 && $second < $plan->pulled->second ? self::minutesOff($plan->ask, $plan->run, $second / 60) : 0.0;
            // What the heat alone does is not laid at its door.
            $minutes -= $minutes > $longest ? self::instead($plan, $number, [], $second / 60) : 0.0;
            if ($minutes > $longest) {
                [$worst, $longest] = [$number, $minutes];
            }
        }
        if ($worst === null) {
            return null;
        }
        $portion = $plan->ask->food[$worst];
        $at = $plan->atTable->addedAt[$worst] / 60;
        $without = self::instead($plan, $worst, [], $at);
        $stronger = $plan->ask->burner->above(self::markAt($plan, $at));
        $ways = [
            [
                self::instead($plan, $worst, [$portion->at($at)->warmedTo(self::WARMED_C)], $at),
                static fn (Duration $time): Fact => Fact::of('way.warmed', to: Temperature::ofC(self::WARMED_C), time: $time),
            ],
            [
                self::instead($plan, $worst, self::lots($portion, $at), max(0.0, $at - (self::LOTS - 1) * self::BETWEEN)),
                static fn (Duration $time): Fact => Fact::of('way.in-lots', lots: self::LOTS, apart: Duration::ofMinutes(self::BETWEEN), time: $time),
            ],
            ...$stronger === null ? [] : [[
                self::instead($plan, $worst, [$portion->at($at)], $at, $stronger),
                static fn (Duration $time): Fact => Fact::of('way.on-mark', mark: $stronger, time: $time),
            ]],
        ];
        $help = array_values(array_filter($ways, static fn (array $way): bool => self::HELPS * $longest > $way[0] - $without));

        return new Warning(
            'off-the-boil',
            ['what' => $portion->name, 'time' => self::told($longest)],
            $help === [] ? Fact::of('fix.hotter-or-less') : Fact::of(
                'fix.off-the-boil',
                ways: array_map(static fn (array $way): Fact => $way[1](self::told(max(0.0, $way[0] - $without))), $help),
            ),
        );
    }

    /**
     * Minutes off the boil were it done otherwise, the pours as they are.
     *
     * @param  list<Portion>  $portions  in the place of the one
     * @param  float  $from  min
     * @param  string|null  $mark  where the knob goes when it goes in
     */
    private static function instead(Plan $plan, int $number, array $portions, float $from, ?string $mark = null): float
    {
        $food = $plan->ask->food;
        unset($food[$number]);
        $heat = $mark === null ? $plan->heat : [...array_values(array_filter($plan->heat, static fn (HeatChange $turn): bool => $turn->fromMinute < $from)), new HeatChange($from, $mark)];
        $pours = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour));
        $ask = $plan->ask->withFood([...$food, ...$portions]);
        $run = (new Cooking($ask, $heat))->cook(
            array_map(static fn (Stage $stage): float => 60 * $stage->minute, $pours),
            array_map(static fn (Stage $stage): float => $stage->volume ?? 0.0, $pours),
            $plan->pulled->second,
        );

        return self::minutesOff($ask, $run, $from);
    }

    /** @return list<Portion> in lots, the last one when all of it was to go in */
    private static function lots(Portion $portion, float $at): array
    {
        return array_map(static fn (int $lot): Portion => $portion->times(1 / self::LOTS)->at(max(0.0, $at - $lot * self::BETWEEN)), range(self::LOTS - 1, 0));
    }

    /** Minutes under the boil from a minute on, while it is on the heat; none where it did not boil before. */
    private static function minutesOff(Ask $ask, Run $run, float $from): float
    {
        $boils = $ask->conditions()->boiling - self::STILL_MOVES;
        $off = 0.0;
        $before = null;
        foreach ($run->track->minute as $row => $minute) {
            $isOff = $run->track->temperature[$row] < $boils;
            if ($minute <= $from) {
                $before = $isOff ? null : $minute;
            } elseif ($before === null || $minute > $run->off()->minute()) {
                break;
            } else {
                $off += $isOff ? $minute - $before : 0.0;
                $before = $minute;
            }
        }

        return $off;
    }

    private static function markAt(Plan $plan, float $minute): string
    {
        $mark = $plan->heat[0]->mark;
        foreach ($plan->heat as $turn) {
            $mark = $turn->fromMinute <= $minute ? $turn->mark : $mark;
        }

        return $mark;
    }

    private static function told(float $minutes): Duration
    {
        return Duration::ofSeconds(round(60 * $minutes / self::TOLD) * self::TOLD);
    }
}
