<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Words\Words;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Velko\Core\Quantity\Fact;

/** The preparation list and the pan itself on the clock, as iCalendar (RFC 5545). */
final class PrepCalendar
{
    /** @param  array<string, mixed>  $working  velko.working/1 */
    public static function of(array $working, CarbonImmutable $now): string
    {
        $words = new Words;
        $calendar = new VCalendar(['PRODID' => '-//Velko//EN']);
        $add = static function (string $what, string $from, string $to) use ($calendar, $working, $now): void {
            $calendar->add('VEVENT', [
                'UID' => hash('sha256', json_encode([$working['ask'], $what, $from], JSON_THROW_ON_ERROR)).'@velko.example',
                'DTSTAMP' => $now->utc()->toDateTime(),
                'DTSTART' => CarbonImmutable::parse($from)->utc()->toDateTime(),
                'DTEND' => CarbonImmutable::parse($to)->utc()->toDateTime(),
                'SUMMARY' => $what,
            ]);
        };
        foreach ($working['prep'] as $task) {
            $add($words->say(Fact::of('calendar.work', dish: $working['dish']['name'], what: $task['what'])), $task['start_at'], $task['ready_at']);
        }
        $add($words->say(Fact::of('calendar.pan', dish: $working['dish']['name'], pan: $working['pan']['name'], ring: $working['burner']['name'])), $working['clock']['pan_on_at'] ?? $working['clock']['toast_at'], $working['clock']['table_at']);

        return $calendar->serialize();
    }
}
