<?php

declare(strict_types=1);

namespace App\Night;

use App\Csv\CsvRows;
use App\Kitchen\ServiceTimes;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Night;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Velko\Core\Quantity\Fact;
use Velko\Core\Ticket\Ticket;
use Velko\Core\Ticket\TicketFiring;
use Velko\Core\Ticket\TicketReader;

/** Firings as somebody typed, pasted or exported them, read row by row: what each says, what is asked about it, or why it is none. */
final readonly class FiringLines
{
    private const MOST = 200;

    /** Names that a column may have. */
    private const COLUMNS = [
        'time' => ['time', 'at', 'table at', 'table_at', 'clock'], 'dish' => ['dish', 'item', 'what'], 'covers' => ['covers', 'mains', 'main', 'count', 'quantity', 'qty'], 'starters' => ['starters', 'starter'],
        'label' => ['table', 'label', 'name'], 'early' => ['early', 'early_min'], 'late' => ['late', 'late_min'], 'note' => ['note', 'notes', 'comment', 'remark'],
    ];

    private TicketReader $tickets;

    /** @var array<int, string> */
    private array $dishes;

    public function __construct(private Kitchen $kitchen, private Night $night, private Words $words, private CarbonImmutable $now)
    {
        $this->dishes = $kitchen->withDishes()->dishes->mapWithKeys(static fn (Dish $dish): array => [$dish->id => $dish->name])->all();
        $this->tickets = new TicketReader($this->dishes, ServiceTimes::hours($kitchen, $night->hands));
    }

    /** @return array<string, mixed> velko.firings-read/1 */
    public function read(string $text): array
    {
        $text = CsvRows::plain($text);
        $table = CsvRows::of($text, self::MOST);
        $columns = self::columns($table);
        [$as, $rows] = match (true) {
            str_starts_with(ltrim($text), 'BEGIN:VCALENDAR') => ['icalendar', $this->calendar($text)],
            $columns !== null => ['csv', $this->csv($table, $columns)],
            default => ['lines', $this->lines($text)],
        };

        return ['format' => 'velko.firings-read/1', 'as' => $as, 'rows' => array_slice($rows, 0, self::MOST)];
    }

    /** @return list<array<string, mixed>> */
    private function lines(string $text): array
    {
        $rows = [];
        foreach (explode("\n", $text) as $at => $line) {
            if (trim($line) !== '' && count($rows) < self::MOST) {
                $rows[] = $this->row($at + 1, trim($line), $this->tickets->read($line));
            }
        }

        return $rows;
    }

    /**
     * @param  array<string, int>  $columns
     *
     * @return list<array<string, mixed>>
     */
    private function csv(CsvRows $table, array $columns): array
    {
        $rows = [];
        foreach ($table->rows as $row => $cells) {
            $rows[] = $this->row($row, implode($table->between, $cells), $this->fromCells(array_map(static fn (int $at): string => $cells[$at] ?? '', $columns)));
        }

        return $rows;
    }

    /** @param  array<string, string>  $cells  by column */
    private function fromCells(array $cells): Ticket
    {
        $whole = [];
        foreach (['covers', 'starters', 'early', 'late'] as $column) {
            $cell = $cells[$column] ?? '';
            if ($cell !== '' && preg_match('/^\d{1,4}$/', $cell) !== 1) {
                return Ticket::refused(Fact::of('order.no-number', said: mb_strimwidth($cell, 0, 40, '…')));
            }
            $whole[$column] = $cell === '' ? null : (int) $cell;
        }

        return $this->tickets->cells($cells['time'] ?? '', $whole['covers'] ?? 0, $whole['starters'] ?? 0, $cells['dish'] ?? '', mb_substr($cells['label'] ?? '', 0, 60), $whole['early'], $whole['late'], $cells['note'] ?? '');
    }

    /** @return list<array<string, mixed>> */
    private function calendar(string $text): array
    {
        try {
            $calendar = Reader::read($text);
        } catch (ParseException|InvalidDataException) {
            return [$this->row(1, mb_strimwidth(trim($text), 0, 60, '…'), Ticket::refused(Fact::of('order.no-calendar')))];
        }
        $rows = [];
        foreach ($calendar instanceof VCalendar ? $calendar->select('VEVENT') : [] as $at => $event) {
            if ($event instanceof VEvent && count($rows) < self::MOST) {
                $rows[] = $this->row(count($rows) + 1, trim((string) $event->__get('SUMMARY')), $this->fromEvent($event));
            }
        }

        return $rows;
    }

    private function fromEvent(VEvent $event): Ticket
    {
        $start = $event->select('DTSTART')[0] ?? null;
        try {
            $start = $start instanceof DateTime && $start->hasTime() ? $start->getDateTime() : null;
        } catch (InvalidDataException) {
            $start = null;
        }
        if ($start === null) {
            return Ticket::refused(Fact::of('order.no-time'));
        }
        $at = CarbonImmutable::instance($start)->setTimezone($this->kitchen->timezone);
        if (! $this->moment($at->format('H:i'))->equalTo($at->startOfMinute())) {
            return Ticket::refused(Fact::of('order.another-day', day: $at->format('Y-m-d')));
        }

        return $this->tickets->read((string) $event->__get('SUMMARY'), $at->format('H:i'));
    }

    /** @return array<string, mixed> one of velko.firings-read/1 */
    private function row(int $row, string $text, Ticket $ticket): array
    {
        $ticket = $this->atItsTime($ticket);

        return [
            'row' => $row,
            'text' => mb_strimwidth($text, 0, 200, '…'),
            'firings' => array_map($this->firing(...), $ticket->understood ?? []),
            'asks' => $ticket->asks === null ? null : [
                'question' => $this->words->say($ticket->asks),
                'candidates' => array_map(fn (array $firings): array => array_map($this->firing(...), $firings), $ticket->candidates),
            ],
            'fault' => $ticket->refused === null ? null : $this->words->say($ticket->refused),
        ];
    }

    /** Asks about a time that has gone by tonight, or at which the kitchen does not serve. */
    private function atItsTime(Ticket $ticket): Ticket
    {
        if ($ticket->asks !== null) {
            $gone = array_values(array_filter($ticket->candidates, fn (array $firings): bool => $this->goneBy($firings) !== null));

            return $gone === [] ? $ticket : Ticket::asks($ticket->asks, [...$ticket->candidates, self::soon($gone[0])]);
        }
        $firings = $ticket->understood ?? [];
        $gone = $this->goneBy($firings);
        if ($gone !== null) {
            return Ticket::asks(Fact::of('order.gone-by', at: $gone, now: $this->now->setTimezone($this->kitchen->timezone)->format('H:i')), [self::soon($firings), $firings]);
        }
        foreach ($firings as $firing) {
            if ($firing->clock !== null && ! ServiceTimes::serves($firing->clock, $this->kitchen, $this->night->hands)) {
                return Ticket::asks(Fact::of('order.not-served', at: $firing->clock), $this->isTonight() ? [$firings, self::soon($firings)] : [$firings]);
            }
        }

        return $ticket;
    }

    /**
     * @param  list<TicketFiring>  $firings
     *
     * @return string|null HH:MM, the first time that has gone by tonight, and what the table does not mind with it
     */
    private function goneBy(array $firings): ?string
    {
        foreach ($this->isTonight() ? $firings : [] as $firing) {
            if ($firing->clock !== null && $this->moment($firing->clock)->addMinutes($firing->late ?? (int) SaveNight::LATE_MIN)->lessThan($this->now)) {
                return $firing->clock;
            }
        }

        return null;
    }

    /**
     * @param  list<TicketFiring>  $firings
     *
     * @return list<TicketFiring>
     */
    private static function soon(array $firings): array
    {
        return array_map(static fn (TicketFiring $firing): TicketFiring => $firing->asSoonAsCanBe(), $firings);
    }

    private function isTonight(): bool
    {
        $minutes = $this->moment('00:00')->subDay()->diffInMinutes($this->now);

        return $minutes >= ServiceTimes::turnsAt($this->kitchen) && $minutes < 1440 + ServiceTimes::turnsAt($this->kitchen);
    }

    private function moment(string $clock): CarbonImmutable
    {
        return Evening::moment($this->night->on->format('Y-m-d'), $clock, $this->kitchen);
    }

    /** @return array{dish: string, entry: array<string, mixed>} */
    private function firing(TicketFiring $firing): array
    {
        return ['dish' => $this->dishes[$firing->dish], 'entry' => [
            'format' => 'velko.firing-entry/1', 'dish_id' => $firing->dish, 'covers' => $firing->mains, 'starters' => $firing->starters, 'table_at' => $firing->clock,
            'label' => mb_substr($firing->table, 0, 60), 'note' => mb_substr($firing->note, 0, 200),
            ...array_filter(['early_min' => $firing->early, 'late_min' => $firing->late], static fn (?int $minutes): bool => $minutes !== null),
        ]];
    }

    /** @return array<string, int>|null where each column stands; null where the line names none */
    private static function columns(CsvRows $table): ?array
    {
        $columns = $table->columns(self::COLUMNS);

        return isset($columns['dish']) && (isset($columns['covers']) || isset($columns['starters'])) ? $columns : null;
    }
}
