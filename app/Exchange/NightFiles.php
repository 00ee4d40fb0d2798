<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Csv\Csv;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Velko\Core\Quantity\Fact;

/** What a night needs done and when, as CSV (RFC 4180) and as iCalendar (RFC 5545). */
final class NightFiles
{
    private const NAMES = ['start', 'ready', 'what', 'dish', 'mains', 'starters', 'who', 'ahead', 'ring'];

    /** @param  array<string, mixed>  $lists  velko.night-lists/1 */
    public static function csv(array $lists): string
    {
        return Csv::of(self::NAMES, array_map(static fn (array $one): array => [
            substr($one['start_at'], 11, 5), substr($one['ready_at'], 11, 5), self::what($one), $one['dish'], $one['covers'], $one['starters'], $one['who'], $one['ahead'] ? 'yes' : 'no', $one['burner'] ?? '',
        ], $lists['works']));
    }

    /** @param  array<string, mixed>  $lists  velko.night-lists/1 */
    public static function calendar(array $lists, CarbonImmutable $now): string
    {
        $words = new Words;
        $calendar = new VCalendar(['PRODID' => '-//Velko//EN']);
        foreach ($lists['works'] as $one) {
            $calendar->add('VEVENT', [
                'UID' => hash('sha256', json_encode([$lists['on'], $one], JSON_THROW_ON_ERROR)).'@velko.example',
                'DTSTAMP' => $now->utc()->toDateTime(),
                'DTSTART' => CarbonImmutable::parse($one['start_at'])->utc()->toDateTime(),
                'DTEND' => CarbonImmutable::parse($one['ready_at'])->utc()->toDateTime(),
                ...isset($one['burner']) ? ['LOCATION' => $one['burner']] : [],
                'SUMMARY' => $words->say(Fact::of('calendar.work', dish: $one['dish'], what: self::what($one))),
            ]);
        }

        return $calendar->serialize();
    }

    /** @param  array<string, mixed>  $one */
    private static function what(array $one): string
    {
        return $one['what'] ?? (new Words)->say(Fact::of('calendar.on', pan: $one['pan'], ring: $one['burner']));
    }
}
