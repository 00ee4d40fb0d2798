<?php

declare(strict_types=1);

namespace Velko\Core\Family\PanRice;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Crust\CrustPlan;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Stages;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Temperature;

/** A worked-out pan rice as the steps a cook takes. */
final class PanRiceStages
{
    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  float  $second  of the pour
     * @param  float  $stock  mL
     * @param  float  $boilsUp  s in which it boils before rice is rained into it
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, float $second, float $stock, Run $run, CrustPlan $crust, float $boilsUp): array
    {
        $stages = new Stages($ask, $heat, $run, $boilsUp);
        $own = $ask->method->heat === null;
        $dry = $run->dryMinute;
        $knob = $stages->knob(static fn (int $turn, bool $up): Fact => match (true) {
            ! $own => Stages::turn($ask, $up),
            $turn === 1 && $ask->method->oven !== null => Fact::of('say.into-the-oven', temperature: Temperature::ofC($ask->method->oven)),
            $ask->stock->given !== null => Fact::of('say.this-stock-wants-it'),
            $turn === 1 && $dry !== null => Fact::of('say.grains-show'),
            default => Stages::turn($ask, $up),
        });
        if ($own && $crust->legs !== [] && $dry !== null) {
            // The crust has a step of its own, with its setting.
            $knob = array_values(array_filter($knob, static fn (Stage $stage): bool => $stage->minute < $dry - 1e-6));
        }

        return Stages::inOrder([
            ...$stages->beforeTheStock(Fact::of('say.toast-in-the-base')),
            $stages->pour($second, $stock, Fact::of($ask->isRainedIn() ? 'say.rain-in' : 'say.pour-to-the-rim'), $heat[0]->mark),
            new Stage($second / 60, StageKind::Level, Fact::of('say.level')),
            ...$knob,
            ...$stages->lid(),
            $stages->taste(Fact::of('say.taste-the-top')),
            ...($dry === null ? [] : $crust->stages(60 * $dry)),
            ...$stages->offToTable(Fact::of(match (true) {
                $dry === null => 'say.off-though-wet',
                $ask->method->oven !== null => 'say.out-of-the-oven',
                $crust->legs === [] => 'say.off-dry',
                default => 'say.off-before-bitter',
            })),
        ]);
    }
}
