<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Pan\State;

/** As ladle by ladle, but cooked fully dry each time, with one last full dose. Common practice, no single source. */
final readonly class CookedDown implements DoseSchool
{
    /** Free liquid, g per g rice, at which the floor of the pan shows and hisses. */
    private const FULLY_DRY = 0.06;

    private const MINUTES_PER_LADLE = 2.0;

    public function name(): string
    {
        return 'cooked-down';
    }

    public function dueAt(Load $load, State $state): float
    {
        return self::FULLY_DRY * $load->rice;
    }

    public function dueAfter(): float
    {
        return INF;
    }

    public function dose(Load $load, State $state, int $given): float
    {
        $one = $load->ladle->scoops(self::MINUTES_PER_LADLE * $load->usePerMinute());

        return $load->ladle->ml * ($given === 0 ? 2 * $one : $one);
    }

    public function sign(): string
    {
        return 'when it hisses and the floor is bare';
    }
}
