<?php

declare(strict_types=1);

namespace Tests\Core;

use Velko\Core\Pan\Happening;
use Velko\Core\Pan\Rehearsal;
use Velko\Core\Pan\Rehearsed;
use Velko\Core\Pan\Setup;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Plan;

/** A plan played through the rehearsal that velko:simulate runs: nothing but its pours, its knob, its lid, its pull, what is beaten in and its rest. */
final class Replayed
{
    /** A share of what it is, and of a tenth of what was poured where hardly anything is left. */
    private const WITHIN = 0.01;

    public static function of(Plan $plan): Rehearsed
    {
        $ask = $plan->ask;
        $method = $ask->method;
        $happenings = [];
        foreach ($plan->heat as $change) {
            $happenings[] = Happening::heat(max(0.0, $change->fromMinute), $ask->burner->net[$change->mark]);
        }
        foreach ($plan->stages as $stage) {
            if ($stage->volume !== null) {
                $happenings[] = $stage->kind === 'wine'
                    ? Happening::pour($stage->minute, $stage->volume, 20.0, 0.0)
                    : Happening::pour($stage->minute, $stage->volume, $ask->stock->temperature);
            }
        }
        $pull = $plan->pulled->minute();
        foreach ($method->lid as $change) {
            if ($change->fromMinute < $pull) {
                $happenings[] = Happening::lid(max(0.0, $change->fromMinute), $change->on);
            }
        }
        $happenings[] = Happening::off($pull, $method->finish <= 0 && $method->rest > 0 && $method->restCovered);
        if ($ask->finish->weight() > 0) {
            $happenings[] = Happening::beatIn($pull, $ask->finish->capacity(), $ask->finish->temperature(), $ask->finish->salt());
        }
        if ($method->rest > 0 && $method->restCovered) {
            $happenings[] = Happening::lid($pull + $method->finish, true);
            $happenings[] = Happening::lid($pull + $method->finish + $method->rest, false);
        }
        if ($ask->family->traits()->isPlated && $ask->target->minutesToTable > 0) {
            $happenings[] = Happening::plated($pull + $method->finish + $method->rest, $ask->covers, $ask->place->plates);
        }
        $setup = new Setup(
            $ask->grain, $ask->conditions(), $ask->pan, $ask->burner->ring, $ask->rice(),
            $method->sealed ? $method->toasting->grain() : null, $method->soak, $ask->stock->saltPercent / 100,
        );

        return Rehearsal::of($setup, $happenings, $plan->atTable->minute());
    }

    /** Whether it lands where the plan said, within 1 %. */
    public static function agrees(Plan $plan, State $again): bool
    {
        $end = $plan->atTable;
        $poured = $plan->stock + $plan->ask->wine;

        return abs($again->free - $end->free) < self::WITHIN * max($end->free, 0.1 * $poured)
            && abs($again->doneness / $end->doneness - 1) < self::WITHIN
            && abs($again->drunk / $end->drunk - 1) < self::WITHIN;
    }
}
