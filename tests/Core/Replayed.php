<?php

declare(strict_types=1);

namespace Tests\Core;

use Velko\Core\Act\BeatIn;
use Velko\Core\Act\Heat;
use Velko\Core\Act\Lid;
use Velko\Core\Act\Off;
use Velko\Core\Act\Plate;
use Velko\Core\Act\Pour;
use Velko\Core\Act\Rehearsal;
use Velko\Core\Act\Setup;
use Velko\Core\Act\Timed;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Goes;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Plan;

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
            $acts[] = new Timed(max(0.0, 60 * $change->fromMinute), new Heat($change->catches * $ask->burner->net[$change->mark]));
        }
        foreach ($plan->stages as $stage) {
            if ($stage->volume !== null) {
                $acts[] = $stage->kind === StageKind::Wine
                    ? new Timed(60 * $stage->minute, new Pour($stage->volume, 20.0))
                    : new Timed(60 * $stage->minute, new Pour($stage->volume, $ask->stock->temperature, $ask->stock->saltPercent / 100));
            }
        }
        foreach ($ask->food as $number => $one) {
            $second = $one->goes === Goes::Base ? -1.0 : $plan->atTable->addedAt[$number] ?? null;
            if ($second !== null && $one->isInThePan()) {
                $acts[] = new Timed($second, $one->add());
            }
        }
        $pull = $plan->pulled->minute();
        foreach ($method->lid as $change) {
            if ($change->fromMinute < $pull) {
                $acts[] = new Timed(max(0.0, 60 * $change->fromMinute), new Lid($change->on));
            }
        }
        $acts[] = new Timed(60 * $pull, new Off($method->finish <= 0 && $method->rest > 0 && $method->restCovered));
        if ($ask->finish->weight() > 0) {
            $acts[] = new Timed(60 * $pull, new BeatIn($ask->finish->capacity(), $ask->finish->temperature(), $ask->finish->salt()));
        }
        if ($method->rest > 0 && $method->restCovered) {
            $acts[] = new Timed(60 * ($pull + $method->finish), new Lid(true));
            $acts[] = new Timed(60 * ($pull + $method->finish + $method->rest), new Lid(false));
        }
        if ($ask->family->traits()->isPlated && $ask->target->minutesToTable > 0) {
            $acts[] = new Timed(60 * ($pull + $method->finish + $method->rest), new Plate($ask->covers, $ask->place->plates));
        }
        $setup = new Setup(
            $ask->grain, $ask->conditions(), $ask->pan, $ask->burner->ring, $ask->rice(),
            $method->sealed ? $method->toasting->grain() : null, $method->soak, fades: $ask->burner->fades,
        );

        return new Rehearsal($setup, $acts, $until ?? $plan->atTable->minute());
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
