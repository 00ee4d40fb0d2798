<?php

declare(strict_types=1);

namespace App\Service;

use App\Csv\CsvRows;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Reader;
use Velko\Core\Quantity\Fact;
use Velko\Core\Service\NotAnOrder;
use Velko\Core\Service\Order;
use Velko\Core\Service\Orders;

/** Firings as somebody typed, pasted or exported them, read row by row: what is a firing, and what is wrong with what is none. */
final readonly class FiringLines
{
    private const MOST = 200;

    /** Names that a column may have. */
    private const COLUMNS = [
        'time' => ['time', 'at', 'table at', 'table_at', 'clock'], 'dish' => ['dish', 'item', 'what'], 'covers' => ['covers', 'mains', 'main', 'count', 'quantity', 'qty'], 'starters' => ['starters', 'starter'],
        'label' => ['table', 'label', 'name'], 'early' => ['early', 'early_min'], 'late' => ['late', 'late_min'],
    ];

    private Orders $orders;

    /** @var array<int, string> */
    private array $dishes;

    public function __construct(private Kitchen $kitchen, private string $on, private Words $words)
    {
        $this->dishes = $kitchen->withDishes()->dishes->mapWithKeys(static fn (Dish $one): array => [$one->id => $one->name])->all();
        $this->orders = new Orders($this->dishes);
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
                $rows[] = $this->row($at + 1, trim($line), fn (): Order => $this->orders->read($line));
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
            $rows[] = $this->row($row, implode($table->between, $cells), fn (): Order => $this->fromCells(array_map(static fn (int $at): string => $cells[$at] ?? '', $columns)));
        }

        return $rows;
    }

    /**
     * @param  array<string, string>  $cells  by column
     *
     * @throws NotAnOrder
     */
    private function fromCells(array $cells): Order
    {
        $whole = static function (string $column) use ($cells): ?int {
            $cell = $cells[$column] ?? '';
            if ($cell !== '' && preg_match('/^\d{1,4}$/', $cell) !== 1) {
                throw new NotAnOrder(Fact::of('order.no-number', said: mb_strimwidth($cell, 0, 40, '…')));
            }

            return $cell === '' ? null : (int) $cell;
        };
        [$covers, $starters] = [$whole('covers') ?? 0, $whole('starters') ?? 0];
        $time = $cells['time'] ?? '';
        if ($time !== '' && preg_match('/\d[:.h]\d\d|^\d{4}$/', $time) !== 1) {
            throw new NotAnOrder(Fact::of('order.no-time'));
        }
        $order = $this->orders->read("$time $covers mains $starters starters ".($cells['dish'] ?? ''));

        return new Order($order->dish, $order->covers, $order->starters, $order->clock, mb_substr($cells['label'] ?? '', 0, 60), $whole('early'), $whole('late'));
    }

    /** @return list<array<string, mixed>> */
    private function calendar(string $text): array
    {
        try {
            $calendar = Reader::read($text);
        } catch (ParseException|InvalidDataException) {
            return [$this->row(1, mb_strimwidth(trim($text), 0, 60, '…'), static fn (): Order => throw new NotAnOrder(Fact::of('order.no-calendar')))];
        }
        $rows = [];
        foreach ($calendar instanceof VCalendar ? $calendar->select('VEVENT') : [] as $at => $event) {
            if ($event instanceof VEvent && count($rows) < self::MOST) {
                $rows[] = $this->row(count($rows) + 1, trim((string) $event->__get('SUMMARY')), fn (): Order => $this->fromEvent($event));
            }
        }

        return $rows;
    }

    /** @throws NotAnOrder */
    private function fromEvent(VEvent $event): Order
    {
        $start = $event->select('DTSTART')[0] ?? null;
        try {
            $start = $start instanceof DateTime && $start->hasTime() ? $start->getDateTime() : null;
        } catch (InvalidDataException) {
            $start = null;
        }
        if ($start === null) {
            throw new NotAnOrder(Fact::of('order.no-time'));
        }
        $at = CarbonImmutable::instance($start)->setTimezone($this->kitchen->timezone);
        if (! Evening::moment($this->on, $at->format('H:i'), $this->kitchen)->equalTo($at->startOfMinute())) {
            throw new NotAnOrder(Fact::of('order.another-day', day: $at->format('Y-m-d')));
        }

        return $this->orders->read((string) $event->__get('SUMMARY'), $at->format('H:i'));
    }

    /**
     * @param  callable(): Order  $read
     *
     * @return array<string, mixed> one of velko.firings-read/1
     */
    private function row(int $row, string $text, callable $read): array
    {
        $row = ['row' => $row, 'text' => mb_strimwidth($text, 0, 200, '…'), 'dish' => null, 'entry' => null, 'fault' => null];
        try {
            $order = $read();
        } catch (NotAnOrder $not) {
            return [...$row, 'fault' => $this->words->say($not->fact)];
        }

        return [...$row, 'dish' => $this->dishes[$order->dish], 'entry' => [
            'format' => 'velko.firing-entry/1', 'dish_id' => $order->dish, 'covers' => $order->covers, 'starters' => $order->starters, 'table_at' => $order->clock, 'label' => mb_substr($order->label, 0, 60),
            ...array_filter(['early_min' => $order->early, 'late_min' => $order->late], static fn (?int $one): bool => $one !== null),
        ]];
    }

    /** @return array<string, int>|null where each column stands; null where the line names none */
    private static function columns(CsvRows $table): ?array
    {
        $columns = $table->columns(self::COLUMNS);

        return isset($columns['dish']) && (isset($columns['covers']) || isset($columns['starters'])) ? $columns : null;
    }
}
