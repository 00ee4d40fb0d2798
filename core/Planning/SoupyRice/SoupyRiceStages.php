<?php

declare(strict_types=1);

namespace Velko\Core\Planning\SoupyRice;

use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Stage;
use Velko\Core\Planning\Stages;
use Velko\Core\Planning\Standing;
use Velko\Core\Planning\Walked;
use Velko\Core\Quantity\Rounding;

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
    public static function of(Ask $ask, array $heat, float $second, float $stock, Walked $walked, Standing $standing): array
    {
        $stages = new Stages($ask, $heat, $walked);
        $leaves = $standing->leavesBy($ask->target->minutesToTable);
        $off = $leaves === null
            ? 'with a little bite left: it cooks on'
            : sprintf('it leaves the pass within %s min, or it %s', Rounding::plain($leaves, 1), $standing->then === 'soft' ? 'goes soft' : 'sets up');

        return Stages::inOrder([
            ...$stages->beforeTheStock('turned in the base until shiny'),
            $stages->pour($second, $stock, 'all at once; '.$ask->method->stirring->words(), $heat[0]->mark),
            ...$stages->knob(static fn (int $turn): string => $turn === 1 && $ask->method->heat === null ? 'when it boils again: down to a simmer' : 'turn the knob'),
            ...$stages->lid(),
            $stages->taste('tender with a small firm heart is right'),
            ...$stages->offToTable($off),
        ]);
    }
}
