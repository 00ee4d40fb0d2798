<?php

declare(strict_types=1);

namespace Tests\Core;

use Velko\Core\Act\BeatIn;
use Velko\Core\Act\Heat;
use Velko\Core\Act\Lid;
use Velko\Core\Act\Off;
use Velko\Core\Act\Plate;
use Velko\Core\Act\Pour;
use Velko\Core\Act\RainedIn;
use Velko\Core\Act\Rehearsal;
use Velko\Core\Act\Setup;
use Velko\Core\Act\Timed;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Plan;
use Velko\Core\Vessel\Burner;
use Velko\Core\Water\Steam;

/** A plan played through the rehearsal that velko:simulate runs: nothing but its pours, its knob, its lid, its pull, what is beaten in and its rest. */
final class Replayed
{
    /** A share of what it is, and of a tenth of what was poured where hardly anything is left. */
    private const WITHIN = 0.01;

    /** @param  float|null  $until  min; null: to the table */
    public static function of(Plan $plan, ?float $until = null): Rehearsal
    {
        $ask = $plan->ask;
        $method = $ask->method;
        $acts = [];
        foreach ($plan->heat as $change) {
            $acts[] = new Timed(max(0.0, 60 * $change->fromMinute), new Heat($change->catches * $ask->burner->net[$change->mark], $change->mark === Burner::OVEN));
        }
        foreach ($plan->stages as $stage) {
            if ($stage->volume !== null) {
                $acts[] = new Timed(60 * $stage->minute, match (true) {
                    $stage->kind === StageKind::Wine => new Pour($stage->volume, $ask->ofWine->temperature()),
                    $stage->minute <= 0.0 && $ask->isRainedIn() => self::rainedIn($plan, $stage->volume),
                    default => new Pour($stage->volume, $ask->stock->temperature, $ask->stock->saltPercent / 100),
                });
            }
        }
        foreach ($ask->food as $number => $portion) {
            $second = $portion->goes === Goes::Base ? -1.0 : $plan->atTable->addedAt[$number] ?? null;
            if ($second !== null && $portion->isInThePan()) {
                $acts[] = new Timed($second, $portion->add());
            }
        }
        $pull = $plan->pulled->minute();
        foreach ($method->lid as $change) {
            if ($change->fromMinute < $pull) {
                $acts[] = new Timed(max(0.0, 60 * $change->fromMinute), new Lid($change->on));
            }
        }
        $acts[] = new Timed(60 * $pull, $method->finishOnTheHeat && $method->finish > 0 ? new Heat($ask->burner->net[$ask->burner->weakest()]) : new Off($method->finish <= 0 && $method->rest > 0 && $method->restCovered));
        if ($method->finishOnTheHeat && $method->finish > 0) {
            $acts[] = new Timed(60 * ($pull + $method->finish), new Off(false));
        }
        if ($ask->finish->weight() > 0) {
            $acts[] = new Timed(60 * $pull, new BeatIn($ask->finish->capacity(), $ask->finish->temperature(), $ask->finish->salt(), $ask->finish->liquid()));
        }
        if ($method->rest > 0 && $method->restCovered) {
            $acts[] = new Timed(60 * ($pull + $method->finish), new Lid(true));
            $acts[] = new Timed(60 * ($pull + $method->finish + $method->rest), new Lid(false));
        }
        if ($ask->isPlated() && $ask->target->minutesToTable > 0) {
            $acts[] = new Timed(60 * ($pull + $method->finish + $method->rest), new Plate($ask->covers, $ask->surroundings->plates));
        }
        $setup = new Setup(
            $ask->grain, $ask->conditions(), $ask->pan, $ask->burner->ring, $ask->rice(),
            $method->toasted()?->grain(), $method->soak, fades: $ask->burner->fades,
        );

        return new Rehearsal($setup, $acts, $until ?? $plan->atTable->minute());
    }

    /** The first of the stock as rice is rained into it: all its wine in it, at the boil, less what went off on the way there by the mean of the two temperatures. */
    private static function rainedIn(Plan $plan, float $volume): RainedIn
    {
        $ask = $plan->ask;
        $conditions = $ask->conditions();
        $liquid = $volume + $ask->wine;
        $seconds = -60 * array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::BoilUp))[0]->minute;
        $mean = (min($ask->stock->temperature, $conditions->boiling) + $conditions->boiling) / 2;

        return new RainedIn(
            new Pour($liquid, $conditions->boiling, $ask->stock->saltPercent / 100 * $volume / $liquid),
            max(0.0, Steam::givenOff($mean, $conditions->airVapour)) * $conditions->vapourTimes * $conditions->area * $seconds,
        );
    }

    /** Rice that a floor bare for too long has dried to less is compared as if it held so much, g per g. */
    private const DRIED_OUT = 0.1;

    /** Whether it lands where the plan said, within 1 %. */
    public static function agrees(Plan $plan, State $again): bool
    {
        $end = $plan->atTable;
        $poured = $plan->stock + $plan->ask->wine;

        return abs($again->free - $end->free) < self::WITHIN * max($end->free, 0.1 * $poured)
            && abs($again->doneness / $end->doneness - 1) < self::WITHIN
            && abs($again->drunk - $end->drunk) < self::WITHIN * max($end->drunk, self::DRIED_OUT);
    }
}
