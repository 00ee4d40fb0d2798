<?php

declare(strict_types=1);

namespace Velko\Core\Family\SoupyRice;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Stage;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\HoldingAtPass;
use Velko\Core\Planning\Stages;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;

/** A worked-out soupy rice as the steps a cook takes. */
final class SoupyRiceStages
{
    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  non-empty-list<array{second: float, volume: float}>  $pours  mL
     * @param  float  $boilsUp  s in which the stock boils before rice is rained into it
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, array $pours, Run $run, HoldingAtPass $standing, float $boilsUp): array
    {
        $stages = new Stages($ask, $heat, $run, $boilsUp);
        $leaves = $standing->leavesBy($ask->target->minutesToTable);
        $off = $leaves === null
            ? Fact::of('say.off-with-bite')
            : Fact::of('say.off-and-away', within: Duration::ofMinutes($leaves), then: $standing->then ?? 'tight');

        return Stages::inOrder([
            ...$stages->beforeTheStock(Fact::of('say.toast-in-the-base')),
            ...array_map(static fn (array $pour, int $i): Stage => $stages->pour($pour['second'], $pour['volume'], Fact::of(match (true) {
                $i > 0 => 'say.pour-the-rest',
                $ask->isRainedIn() => 'say.rain-in-and-stir',
                count($pours) > 1 => 'say.pour-most-of-it',
                default => 'say.pour-at-once',
            }, stirring: $ask->method->stirring->fact()), $i === 0 ? $heat[0]->mark : null), $pours, array_keys($pours)),
            ...$stages->knob(static fn (int $turn, bool $up): Fact => $turn === 1 && $ask->method->heat === null ? Fact::of('say.down-to-a-simmer') : Stages::turn($ask, $up)),
            ...$stages->lid(),
            $stages->taste(Fact::of('say.taste')),
            ...$stages->offToTable($off),
        ]);
    }
}
