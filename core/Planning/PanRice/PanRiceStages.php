<?php

declare(strict_types=1);

namespace Velko\Core\Planning\PanRice;

use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Stage;
use Velko\Core\Planning\Stages;
use Velko\Core\Planning\Walked;

/** A worked-out pan rice as the steps a cook takes. */
final class PanRiceStages
{
    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  float  $second  of the pour
     * @param  float  $stock  mL
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, float $second, float $stock, Walked $walked, CrustPlan $crust): array
    {
        $stages = new Stages($ask, $heat, $walked);
        $own = $ask->method->heat === null;
        $dry = $walked->dryMinute;
        $knob = $stages->knob(static fn (int $turn): string => match (true) {
            ! $own => 'turn the knob',
            $ask->stock->given !== null => 'this much stock wants it so',
            $turn === 1 && $dry !== null => 'when the grains show level with the liquid',
            default => 'turn the knob',
        });
        if ($own && $crust->legs !== [] && $dry !== null) {
            // The crust has a step of its own, with its setting.
            $knob = array_values(array_filter($knob, static fn (Stage $stage): bool => $stage->minute < $dry - 1e-6));
        }

        return Stages::inOrder([
            ...$stages->beforeTheStock('turned in the base until shiny; colour goes in last, or it burns'),
            $stages->pour($second, $stock, 'all at once, boiling right out to the rim', $heat[0]->mark),
            new Stage($second / 60, 'level', 'shake it level, nothing above the liquid; from now on leave it alone'),
            ...$knob,
            ...$stages->lid(),
            $stages->taste('from the top: tender, a small firm heart'),
            ...($dry === null ? [] : $crust->stages(60 * $dry)),
            ...$stages->offToTable(match (true) {
                $dry === null => 'done, though it is still wet',
                $crust->legs === [] => 'dry, with a little bite left if it rests',
                default => 'off before it smells bitter',
            }),
        ]);
    }
}
