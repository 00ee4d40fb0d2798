<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

/** When a kitchen serves. "8:15" without am or pm is the one of the two that lies within. */
final readonly class ServiceHours
{
    private const DAY = 1440;

    /** @param  list<array{int, int}>  $spans  From and to, minutes from midnight; to may be past the next midnight. */
    public function __construct(private array $spans) {}

    /** Lunch from 11:00 to 15:30, dinner from 17:00 to 0:30 (common practice, no single source). */
    public static function usual(): self
    {
        return new self([[660, 930], [1020, 1470]]);
    }

    /** @param  int  $minute  From midnight, 0 to 1,439. */
    public function has(int $minute): bool
    {
        foreach ($this->spans as [$from, $to]) {
            if (($minute >= $from && $minute <= $to) || ($minute + self::DAY >= $from && $minute + self::DAY <= $to)) {
                return true;
            }
        }

        return false;
    }
}
