<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Contracts\BadDocument;
use Carbon\CarbonImmutable;
use Carbon\Exceptions\InvalidFormatException;

/** A moment as a file says it, within what the tables can keep. */
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

        return $moment->year >= 1971 && $moment->year <= 2037 ? $moment : throw BadDocument::at($path, 'must be a moment from 1971 to 2037');
    }
}
