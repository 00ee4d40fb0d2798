<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Pan\State;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Temperature;
use Velko\Core\Vessel\Fit;

/** What the way from the heat to the table does to the rice: it cooks on, and it gets cold. */
final class ServingChecks
{
    /** Rice that is eaten cooler than this is cold, °C (common practice, no single source). */
    public const COLD_C = 60.0;

    /** On a floor that takes more than this, melting cheese sticks however hard it is beaten, W/m² (our estimate: half a lazy bubble, {@see Fit::LAZY_BUBBLE}). */
    public const CHEESE_CATCHES = 7500.0;

    /** Longest way looked at, min. */
    private const LONGEST = 60.0;

    private const CLOSE = 0.25;

    /** What a tooth does not tell, minutes at 100 °C. */
    private const NOT_TOLD = 0.1;

    /** @return list<Warning|null> */
    public static function of(Plan $plan): array
    {
        return [self::goesSoft($plan), self::coldPlate($plan), self::cheeseCatches($plan)];
    }

    /** It softens by more than a pull can make up for, and is past its window by then. */
    public static function cooksOn(Plan $plan): bool
    {
        return $plan->atTable->doneness - $plan->pulled->doneness > Ask::MOST_OFF_THE_HEAT + self::NOT_TOLD
            && $plan->atTable->doneness > $plan->ask->grain->window->rightTo();
    }

    private static function goesSoft(Plan $plan): ?Warning
    {
        if (! self::cooksOn($plan)) {
            return null;
        }
        $window = $plan->ask->grain->window;
        $within = self::within($plan, static fn (State $eaten): bool => $eaten->doneness <= $window->rightTo());

        return new Warning(
            'cooks-on',
            ['way' => self::minutes($plan->atTable->minute() - $plan->pulled->minute()), 'by' => Duration::ofMinutes(round($plan->atTable->doneness - $plan->pulled->doneness))],
            Fact::of('fix.nearer-to-the-table', within: self::minutes($within)),
        );
    }

    private static function coldPlate(Plan $plan): ?Warning
    {
        $temperature = $plan->atTable->temperature;
        if ($temperature >= self::COLD_C) {
            return null;
        }
        $place = $plan->ask->surroundings;
        $warm = self::eaten($plan->ask->at(new Surroundings($place->altitude, $place->room, Defaults::PLATES_C, $place->wind)), $plan, $plan->atTable->second);
        $within = self::within($plan, static fn (State $eaten): bool => $eaten->temperature >= self::COLD_C);

        return new Warning(
            'cold-plate',
            ['temperature' => Temperature::ofC(round($temperature))],
            $place->plates < Defaults::PLATES_C && $warm->temperature > $temperature + 1.0 && $plan->ask->isPlated()
                ? Fact::of('fix.warm-plates', temperature: Temperature::ofC(round($warm->temperature)), within: self::minutes($within))
                : Fact::of('fix.eaten-within', within: self::minutes($within), temperature: Temperature::ofC(self::COLD_C)),
        );
    }

    private static function cheeseCatches(Plan $plan): ?Warning
    {
        $ask = $plan->ask;
        if (! $ask->method->finishOnTheHeat || $ask->method->finish <= 0.0 || $ask->finish->cheese <= 0.0) {
            return null;
        }
        $mark = $ask->burner->weakest();
        $heat = $ask->burner->net[$mark] / $ask->pan->baseArea();
        if ($heat <= self::CHEESE_CATCHES) {
            return null;
        }
        $off = self::eaten($ask->withMethod(['finishOnTheHeat' => false]), $plan, $plan->atTable->second);

        return new Warning(
            'cheese-catches',
            ['mark' => $mark],
            Fact::of('fix.finish-off', temperature: Temperature::ofC(round($off->temperature)), is: Temperature::ofC(round($plan->atTable->temperature))),
        );
    }

    /**
     * The longest way, from off the heat until it is eaten, that keeps it so; by halving, since it only gets worse.
     *
     * @param  callable(State): bool  $right
     *
     * @return float min
     */
    private static function within(Plan $plan, callable $right): float
    {
        [$low, $high] = [0.0, self::LONGEST];
        while ($high - $low > self::CLOSE) {
            $middle = ($low + $high) / 2;
            $right(self::eaten($plan->ask, $plan, $plan->pulled->second + 60 * $middle)) ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    /** The pan as it left the heat, eaten at a second. */
    private static function eaten(Ask $ask, Plan $plan, float $second): State
    {
        $state = clone $plan->pulled;
        (new Cooking($ask, $plan->heat))->toTableAt($state, $second);

        return $state;
    }

    /** In whole minutes that it keeps. */
    private static function minutes(float $minutes): Duration
    {
        return Duration::ofMinutes(floor($minutes + 0.05));
    }
}
