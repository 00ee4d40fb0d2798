<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Pan\State;
use Velko\Core\Rice\Grain;

/** Enough to stand just over the rice; again when the grains show. Common practice, no single source. */
final readonly class KeptCovered implements DoseSchool
{
    /** How far the liquid stands over the bed after a dose, m. */
    private const OVER_THE_BED = 0.005;

    private const G_PER_M3 = 1e6;

    public function name(): string
    {
        return 'kept-covered';
    }

    public function dueAt(Load $load, State $state): float
    {
        return Grain::gaps($load->rice, $state->drunk);
    }

    public function dueAfter(): float
    {
        return INF;
    }

    public function dose(Load $load, State $state, int $given): float
    {
        $wanted = Grain::gaps($load->rice, $state->drunk) + self::OVER_THE_BED * $load->area * self::G_PER_M3 - $state->free;
        $half = $load->ladle->ml / 2;

        return max(1.0, round($wanted / $half)) * $half;
    }
}
