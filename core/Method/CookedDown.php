<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Pan\State;

/** As ladle by ladle, but cooked fully dry each time; full doses close together make the sauce at the end. Common practice, no single source. */
final readonly class CookedDown implements DoseSchool
{
    /** Free liquid, g per g rice, at which the floor of the pan shows and hisses. */
    private const FULLY_DRY = 0.06;

    private const MINUTES_PER_LADLE = 2.0;

    /** The sauce is made in the last minutes. */
    private const SAUCE_OVER = 3.5;

    public function name(): string
    {
        return 'cooked-down';
    }

    public function dueAt(Load $load, State $state): float
    {
        return $load->keeps(self::FULLY_DRY, self::SAUCE_OVER, $state->doneness);
    }

    public function dueAfter(): float
    {
        return INF;
    }

    public function dose(Load $load, State $state, int $given): float
    {
        $ladle = $load->ladle->scoops(self::MINUTES_PER_LADLE * $load->usePerMinute());

        if ($given === 0) {
            return $load->ladle->ml * 2 * $ladle;
        }
        $lacks = $load->keeps(self::FULLY_DRY, self::SAUCE_OVER, $state->doneness + 1.0) + $load->usePerMinute() - $state->free;

        return $load->ladle->ml * max($ladle, min(2 * $ladle, (int) round($lacks / $load->ladle->ml)));
    }
}
