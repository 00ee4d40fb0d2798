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
        return Csv::of(self::NAMES, array_map(static fn (array $work): array => [
            substr($work['start_at'], 11, 5), substr($work['ready_at'], 11, 5), self::what($work), $work['dish'], $work['covers'], $work['starters'], $work['who'], $work['ahead'] ? 'yes' : 'no', $work['burner'] ?? '',
        ], $lists['works']));
    }

    /** @param  array<string, mixed>  $lists  velko.night-lists/1 */
    public static function calendar(array $lists, CarbonImmutable $now): string
    {
        $words = new Words;
        $calendar = new VCalendar(['PRODID' => '-//Velko//EN']);
        foreach ($lists['works'] as $work) {
            $calendar->add('VEVENT', [
                'UID' => hash('sha256', json_encode([$lists['on'], $work], JSON_THROW_ON_ERROR)).'@velko.example',
                'DTSTAMP' => $now->utc()->toDateTime(),
                'DTSTART' => CarbonImmutable::parse($work['start_at'])->utc()->toDateTime(),
                'DTEND' => CarbonImmutable::parse($work['ready_at'])->utc()->toDateTime(),
                ...isset($work['burner']) ? ['LOCATION' => $work['burner']] : [],
                'SUMMARY' => $words->say(Fact::of('calendar.work', dish: $work['dish'], what: self::what($work))),
            ]);
        }

        return $calendar->serialize();
    }

    /** @param  array<string, mixed>  $work */
    private static function what(array $work): string
    {
        return $work['what'] ?? (new Words)->say(Fact::of('calendar.on', pan: $work['pan'], ring: $work['burner']));
    }
}
