<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

/** When a kitchen serves. "8:15" without am or pm is the one of the two that lies within. */
final readonly class ServiceHours
{
    private const DAY = 1440;

    /** Whoever is there until 23:00 still serves at midnight, minutes. */
    private const AFTER = 60;

    /** @param  list<array{int, int}>  $spans  From and to, minutes from midnight; to is outside, and may be past the next midnight. */
    public function __construct(private array $spans) {}

    /** Lunch from 11:00 to 15:00, dinner from 17:00 to 23:30 (common practice, no single source). */
    public static function usual(): self
    {
        return new self([[660, 900], [1020, 1410]]);
    }

    /**
     * Which of several times is meant: those at which the kitchen serves; all of them if it serves at none.
     *
     * @param  list<int>  $minutes  From midnight, 0 to 1,439.
     *
     * @return list<int>
     */
    public function likely(array $minutes): array
    {
        $within = array_values(array_filter($minutes, $this->has(...)));

        return $within === [] ? $minutes : $within;
    }

    private function has(int $minute): bool
    {
        foreach ($this->spans as [$from, $to]) {
            foreach ([$minute, $minute + self::DAY] as $at) {
                if ($at >= $from && $at < $to + self::AFTER) {
                    return true;
                }
            }
        }

        return false;
    }
}
