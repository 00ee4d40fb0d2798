<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Act\Rehearsal;
use Velko\Core\Act\Setup;
use Velko\Core\Pan\Browning;
use Velko\Core\Pan\State;
use Velko\Core\Rice\Bite;
use Velko\Core\Season\Salt;

/** The document velko.simulation/1: from the engine's {@see Rehearsal} to the document. */
final class SimulationDocument
{
    /**
     * @param  array<string, mixed>  $assumed
     *
     * @return array<string, mixed>
     */
    public static function of(Setup $setup, Rehearsal $rehearsal, array $assumed): array
    {
        return [
            'format' => 'velko.simulation/1',
            'track' => PlanDocument::track($rehearsal->run->track),
            'summary' => [
                'dry_min' => $rehearsal->run->dryMinute === null ? null : round($rehearsal->run->dryMinute, 2),
                'off' => $rehearsal->run->pulled === null ? null : self::state($rehearsal->run->pulled, $setup),
                'end' => self::state($rehearsal->run->end, $setup),
            ],
            'signs' => self::signs($setup, $rehearsal),
            'assumed' => (object) $assumed,
        ];
    }

    /** @return array<string, mixed> */
    private static function signs(Setup $setup, Rehearsal $rehearsal): array
    {
        $end = $rehearsal->run->end;
        $needed = $setup->grain->drunkInAmpleLiquid($setup->grain->window->low);
        $inThePan = $setup->rice * (1 + $end->drunk) + $end->free;

        return [
            'top_bite' => Bite::of($setup->grain, $rehearsal->topDoneness, $end->drunkAboveTheCrust($setup->rice))->value,
            'heart_percent' => round(100 * $end->drunk / $needed, 1),
            'floor_centre' => round($rehearsal->centreBrowning, 2),
            'floor_rim' => round($rehearsal->rimBrowning, 2),
            'floor' => Browning::of(max($rehearsal->centreBrowning, $rehearsal->rimBrowning))->value,
            'salt_percent' => round(Salt::percent($rehearsal->salt, $inThePan), 2),
        ];
    }

    /** @return array<string, mixed> */
    private static function state(State $state, Setup $setup): array
    {
        return [
            'at_min' => round($state->minute(), 2),
            'free_g' => round($state->free, 1),
            'drunk_g_per_g' => round($state->drunk, 3),
            'temperature_c' => round($state->temperature, 1),
            'doneness_min' => round($state->doneness, 2),
            'boiled_off_g' => round($state->boiledOff, 1),
            'bite' => Bite::of($setup->grain, $state->doneness, $state->drunkAboveTheCrust($setup->rice))->value,
        ];
    }
}
