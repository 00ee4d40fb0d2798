<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use DateTimeZone;

/** The time zones a kitchen's clock can run by: those of the IANA database. */
final class TimeZone
{
    /** @throws BadDocument */
    public static function check(mixed $name): void
    {
        if (! is_string($name) || ! in_array($name, DateTimeZone::listIdentifiers(), true)) {
            throw BadDocument::at('/timezone', 'must be a time zone by its IANA name, as Europe/London');
        }
    }
}
