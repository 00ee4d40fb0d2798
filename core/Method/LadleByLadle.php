<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Pan\State;

/**
 * Two ladles to start (more where two would not even wet the rice), then one when the trail closes slowly, halves
 * near the end.
 *
 * Common practice, no single source. A "ladle" is as many scoops as the pan uses in two minutes, since one small
 * ladle does nothing for forty covers.
 */
final readonly class LadleByLadle implements DoseSchool
{
    /** Free liquid, g per g rice, at which the trail of a spoon closes slowly: between "stands" and "slow slump" (our scale). */
    private const TRAIL_CLOSES_SLOWLY = 0.60;

    private const MINUTES_PER_LADLE = 2.0;

    /** Doses are halved in these last minutes before the window, and whole where the pan is to get looser. */
    private const HALVES_FROM = 5.0;

    /** The pan gets as loose as it will leave the heat over the last minutes. */
    private const LOOSENS_OVER = 5.0;

    public function name(): string
    {
        return 'ladle-by-ladle';
    }

    public function dueAt(Load $load, State $state): float
    {
        return $load->keeps(self::TRAIL_CLOSES_SLOWLY, self::LOOSENS_OVER, $state->doneness);
    }

    public function dueAfter(): float
    {
        return INF;
    }

    public function dose(Load $load, State $state, int $given): float
    {
        $ladle = $load->ladle->scoops(self::MINUTES_PER_LADLE * $load->usePerMinute());

        return $load->ladle->ml * match (true) {
            $given === 0 => max(2 * $ladle, ceil((self::TRAIL_CLOSES_SLOWLY * $load->rice - $state->free) / $load->ladle->ml) + $ladle),
            $state->doneness > $load->grain->window->low - self::HALVES_FROM => $ladle / 2 * $this->halves($load, $state, $ladle / 2 * $load->ladle->ml),
            default => $ladle,
        };
    }

    /**
     * Half a dose, or a whole one: what brings the pan to where it is to be a minute from now.
     *
     * @param  float  $half  mL
     */
    private function halves(Load $load, State $state, float $half): int
    {
        $lacks = $load->keeps(self::TRAIL_CLOSES_SLOWLY, self::LOOSENS_OVER, $state->doneness + 1.0) + $load->usePerMinute() - $state->free;

        return max(1, min(2, (int) round($lacks / $half)));
    }
}
