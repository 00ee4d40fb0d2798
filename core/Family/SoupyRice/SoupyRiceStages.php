<?php

declare(strict_types=1);

namespace Velko\Core\Family\SoupyRice;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Stage;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Stages;
use Velko\Core\Planning\Standing;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;

/** A worked-out soupy rice as the steps a cook takes. */
final class SoupyRiceStages
{
    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  float  $second  of the pour
     * @param  float  $stock  mL
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, float $second, float $stock, Run $run, Standing $standing): array
    {
        $stages = new Stages($ask, $heat, $run);
        $leaves = $standing->leavesBy($ask->target->minutesToTable);
        $off = $leaves === null
            ? Fact::of('say.off-with-bite')
            : Fact::of('say.off-and-away', within: Duration::ofMinutes($leaves), then: $standing->then ?? 'tight');

        return Stages::inOrder([
            ...$stages->beforeTheStock(Fact::of('say.toast-in-the-base')),
            $stages->pour($second, $stock, Fact::of('say.pour-at-once', stirring: $ask->method->stirring->fact()), $heat[0]->mark),
            ...$stages->knob(static fn (int $turn): Fact => Fact::of($turn === 1 && $ask->method->heat === null ? 'say.down-to-a-simmer' : 'say.turn')),
            ...$stages->lid(),
            $stages->taste(Fact::of('say.taste')),
            ...$stages->offToTable($off),
        ]);
    }
}
