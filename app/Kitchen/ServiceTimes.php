<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Models\Kitchen;
use Carbon\CarbonImmutable;
use Velko\Core\Ticket\ServiceHours;

/** When a kitchen serves, by its own clock: lunch, dinner, or as it says. A night begins at six in the morning and may end after midnight. */
final class ServiceTimes
{
    /** A time before this hour is after midnight, of the night before. */
    public const BEGINS = 6;

    /** Until a kitchen says its own (common practice, no single source). */
    private const USUAL = [['from' => '11:00', 'to' => '15:00'], ['from' => '17:00', 'to' => '23:00']];

    /** A time so far outside is asked about, min: before a service begins, and after it ends. */
    private const FURTHER = [30, 90];

    /** The next night is "tonight" so long after the last service of the one before, min. */
    private const CLEARED = 120;

    private const DAY = 1440;

    /** @return list<array{from: string, to: string}> HH:MM */
    public static function of(Kitchen $kitchen): array
    {
        return $kitchen->services ?? self::USUAL;
    }

    /**
     * Where the ticket reader looks for a time: while the kitchen serves, or somebody is there.
     *
     * @param  list<array{from: string, to: string, ...}>  $hands  who is there
     */
    public static function hours(Kitchen $kitchen, array $hands): ServiceHours
    {
        return new ServiceHours(array_map(static fn (array $span): array => [self::minute($span['from']), self::minute($span['to'])], [...self::services($kitchen, $hands), ...$hands]));
    }

    /**
     * Whether a time needs no asking.
     *
     * @param  list<array{from: string, to: string, ...}>  $hands  who is there
     */
    public static function serves(string $clock, Kitchen $kitchen, array $hands): bool
    {
        $minute = self::minute($clock);
        foreach ([...self::services($kitchen, $hands), ...$hands] as $span) {
            if ($minute >= self::minute($span['from']) - self::FURTHER[0] && $minute <= self::minute($span['to']) + self::FURTHER[1]) {
                return true;
            }
        }

        return false;
    }

    /**
     * The kitchen's services; the usual ones only if nobody said anything.
     *
     * @param  list<array{from: string, to: string, ...}>  $hands
     *
     * @return list<array{from: string, to: string}>
     */
    public static function services(Kitchen $kitchen, array $hands): array
    {
        return $hands === [] ? self::of($kitchen) : $kitchen->services ?? [];
    }

    /** The minutes past midnight at which the night before is over: 0 to 360. Whoever is there then by its own hands keeps it open. */
    public static function turnsAt(Kitchen $kitchen): int
    {
        $now = CarbonImmutable::now($kitchen->timezone);
        // A tablet that learns it in the evening still needs it after midnight.
        $hands = [];
        foreach ([$now->subDay(), $now] as $day) {
            $hands = [...$hands, ...$kitchen->nights()->firstWhere('on', $day->format('Y-m-d'))->hands ?? []];
        }
        $last = max(0, ...array_map(static fn (array $span): int => self::minute($span['to']), [...self::of($kitchen), ...$hands]));

        return max(0, min(60 * self::BEGINS, $last + self::CLEARED - self::DAY));
    }

    /**
     * @param  list<array{from: string, to: string, ...}>  $spans
     * @param  string  $path  of the list in its document
     *
     * @throws BadDocument if one ends before it begins
     */
    public static function check(array $spans, string $path): void
    {
        $faults = [];
        foreach ($spans as $at => $span) {
            if (self::minute($span['to']) <= self::minute($span['from'])) {
                $faults[] = new Fault("$path/$at/to", "must be a time after {$span['from']}, before six in the morning");
            }
        }
        if ($faults !== []) {
            throw new BadDocument($faults);
        }
    }

    /** @return int from midnight at the beginning of the night's day: 360 to 1,799 */
    public static function minute(string $clock): int
    {
        $hour = (int) substr($clock, 0, 2);

        return 60 * ($hour < self::BEGINS ? $hour + 24 : $hour) + (int) substr($clock, 3, 2);
    }
}
