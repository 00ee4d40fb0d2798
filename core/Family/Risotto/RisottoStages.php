<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Stage;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Load;
use Velko\Core\Method\Schools;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Stages;
use Velko\Core\Quantity\Fact;

/** A worked-out risotto as the steps a cook takes. */
final class RisottoStages
{
    /** A pan that holds so much more than what a school waits for does not show its sign. */
    private const WETTER = 1.15;

    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  list<Dose>  $doses
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, array $doses, Run $run): array
    {
        $stages = new Stages($ask, $heat, $run);
        $pours = [];
        $last = count($doses) - 1;
        foreach ($doses as $i => $dose) {
            $pours[] = $stages->pour($dose->second, $dose->volume, match (true) {
                $i === $last && $i > 0 => Fact::of('say.last-dose'),
                $i > 0 && self::isForTheSauce($ask, $heat, $dose) => Fact::of('say.dose-for-the-sauce'),
                $i === 0 => Fact::of('say.first-dose', stirring: $ask->method->stirring->fact()),
                default => Schools::sign($ask->method->doses),
            }, $i === 0 ? $heat[0]->mark : null);
        }

        return Stages::inOrder([
            ...$stages->beforeTheStock(($ask->method->toasted() ?? $ask->method->toasting)->fact()),
            ...$pours,
            ...$stages->knob(static fn (int $turn, bool $up): Fact => Stages::turn($ask, $up)),
            ...$stages->lid(),
            $stages->taste(Fact::of($ask->method->partCooking === null ? 'say.taste' : 'say.taste-part-cooked')),
            ...$stages->offToTable(Fact::of('say.off-with-bite')),
        ]);
    }

    /**
     * A dose that comes before the school's sign shows: the pan is to leave the heat looser than it is kept.
     *
     * @param  non-empty-list<HeatChange>  $heat
     */
    private static function isForTheSauce(Ask $ask, array $heat, Dose $dose): bool
    {
        $school = $ask->method->doses;
        if ($school === null || is_finite($school->dueAfter())) {
            return false;
        }
        $load = new Load($ask->rice(), $ask->pan->baseArea(), $ask->burner->net[$heat[0]->mark], $ask->grain, $ask->ladle);

        return $dose->before->free > self::WETTER * $school->dueAt($load, $dose->before);
    }
}
