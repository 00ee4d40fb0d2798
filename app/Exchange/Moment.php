<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use App\Contracts\Day;
use Carbon\CarbonImmutable;
use Carbon\Exceptions\InvalidFormatException;

/** A moment or a day as a file says it, within what the tables can keep. */
final class Moment
{
    /** @throws BadDocument */
    public static function of(mixed $at, string $path): CarbonImmutable
    {
        try {
            $moment = CarbonImmutable::parse(is_string($at) ? $at : '')->utc();
        } catch (InvalidFormatException) {
            throw BadDocument::at($path, 'is not a moment on the clock');
        }

        return self::isKept($moment) ? $moment : throw BadDocument::at($path, 'must be a moment from 1971 to 2037');
    }

    /**
     * @return string YYYY-MM-DD
     *
     * @throws BadDocument
     */
    public static function day(string $said, string $path): string
    {
        $day = Day::of($said);

        return $day !== null && self::isKept($day) ? $said : throw BadDocument::at($path, 'must be a day of the calendar, from 1971 to 2037');
    }

    private static function isKept(CarbonImmutable $moment): bool
    {
        return $moment->year >= 1971 && $moment->year <= 2037;
    }
}
