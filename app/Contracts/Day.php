<?php

declare(strict_types=1);

namespace App\Contracts;

use Carbon\CarbonImmutable;

/** A day of the calendar as documents and addresses say it: YYYY-MM-DD. */
final class Day
{
    private const FORMAT = 'Y-m-d';

    /** Its first moment; null where the calendar has no such day, as the 31st of February. */
    public static function of(string $said, string $timezone = 'UTC'): ?CarbonImmutable
    {
        $day = CarbonImmutable::canBeCreatedFromFormat($said, self::FORMAT) ? CarbonImmutable::createFromFormat('!'.self::FORMAT, $said, $timezone) : null;

        return $day?->format(self::FORMAT) === $said ? $day : null;
    }
}
