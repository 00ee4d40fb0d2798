<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Pan\State;
use Velko\Core\Quantity\Rounding;

/**
 * By the clock: every minute what the pan uses in a minute, about 60 mL for a four-portion pan.
 *
 * Common practice, no single source.
 */
final readonly class LittleAndOften implements DoseSchool
{
    private const SECONDS = 60.0;

    /** The first dose is so many minutes of use: the pan stays about as loose as it will be served. */
    private const FIRST_MINUTES = 7.0;

    /** Doses are rounded to what a jug or a ladle can be read to, within this share. */
    private const READABLE = 0.08;

    /** Over the last minutes a dose is more, or less, so that the pan gets as loose as it will leave the heat. */
    private const TRIMS_OVER = 5.0;

    public function name(): string
    {
        return 'little-and-often';
    }

    public function dueAt(Load $load, State $state): float
    {
        return -1.0;
    }

    public function dueAfter(): float
    {
        return self::SECONDS;
    }

    public function dose(Load $load, State $state, int $given): float
    {
        $minute = Rounding::to($load->usePerMinute(), Rounding::step(self::READABLE * $load->usePerMinute()));

        if ($given === 0) {
            return self::FIRST_MINUTES * $minute;
        }
        if ($load->landing === null || $state->doneness < $load->landing->doneness - self::TRIMS_OVER) {
            return $minute;
        }
        // As loose a minute from now as it is to be: never under half a dose, never over two.
        $own = min($state->free, $load->landing->free) / $load->rice;
        $lacks = $load->keeps($own, self::TRIMS_OVER, $state->doneness + 1.0) + $load->usePerMinute() - $state->free;

        return Rounding::to(max($minute / 2, min(2 * $minute, $lacks)), Rounding::step(self::READABLE * $load->usePerMinute()));
    }
}
