<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Risotto;

use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Stage;
use Velko\Core\Planning\Stages;
use Velko\Core\Planning\Walked;

/** A worked-out risotto as the steps a cook takes. */
final class RisottoStages
{
    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  list<float>  $seconds  of the doses
     * @param  list<float>  $volumes  of the doses, mL
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, array $seconds, array $volumes, Walked $walked): array
    {
        $stages = new Stages($ask, $heat, $walked);
        $pours = [];
        $last = count($seconds) - 1;
        foreach ($seconds as $i => $second) {
            $pours[] = $stages->pour($second, $volumes[$i], match (true) {
                $i === $last && $i > 0 => 'the last dose: it makes the sauce',
                $i === 0 => 'back to a lazy bubble; '.$ask->method->stirring->words(),
                default => $ask->method->doses?->sign() ?? '',
            }, $i === 0 ? $heat[0]->mark : null);
        }

        return Stages::inOrder([
            ...$stages->beforeTheStock($ask->method->toasting->sign()),
            ...$pours,
            ...$stages->knob(static fn (): string => 'turn the knob'),
            ...$stages->lid(),
            $stages->taste('tender with a small firm heart is right'),
            ...$stages->offToTable('with a little bite left: it cooks on'),
        ]);
    }
}
