<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Pan\Rehearsal;
use Velko\Core\Pan\State;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;

/** velko.simulation/1: from the engine's {@see Rehearsal} to the document. */
final class SimulationDocument
{
    /**
     * @param  array<string, mixed>  $assumed
     *
     * @return array<string, mixed>
     */
    public static function of(Rehearsal $rehearsal, Grain $grain, array $assumed): array
    {
        return [
            'format' => 'velko.simulation/1',
            'track' => PlanDocument::track($rehearsal->track),
            'summary' => [
                'dry_min' => $rehearsal->dryMinute === null ? null : round($rehearsal->dryMinute, 2),
                'off' => $rehearsal->off === null ? null : self::state($rehearsal->off, $grain),
                'end' => self::state($rehearsal->end, $grain),
            ],
            'assumed' => (object) $assumed,
        ];
    }

    /** @return array<string, mixed> */
    private static function state(State $state, Grain $grain): array
    {
        return [
            'at_min' => round($state->minute(), 2),
            'free_g' => round($state->free, 1),
            'drunk_g_per_g' => round($state->drunk, 3),
            'temperature_c' => round($state->temperature, 1),
            'doneness_min' => round($state->doneness, 2),
            'boiled_off_g' => round($state->boiledOff, 1),
            'bite' => Bite::of($grain, $state->doneness, $state->drunk)->value,
        ];
    }
}
