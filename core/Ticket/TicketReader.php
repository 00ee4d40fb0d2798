<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use Velko\Core\Quantity\Fact;

/**
 * Reads a ticket as it is called or typed on one line: "19:40 6 pea + 2 starters table 4", "six peas as soon as they can be".
 *
 * Its parts may come in any order. A dish is known by as many of its words as make it one dish. Nothing is guessed: what can mean several
 * things is asked about, and what belongs to nothing else is the firing's note.
 */
final readonly class TicketReader
{
    /** No firing has more mains and starters together. */
    public const MOST = 400;

    /** No more than so many candidates are offered. */
    private const MOST_CANDIDATES = 8;

    private const SOON = '/\b(?:as soon as(?: (?:they|it) can(?: be)?(?: there)?| possible)?|asap|now)\b/iu';

    private const EARLY = '/\bearly\s*(\d{1,3})\b(?:\s*min\w*)?/iu';

    private const LATE = '/\blate\s*(\d{1,3})\b(?:\s*min\w*)?/iu';

    private const IN_BRACKETS = '/[(\[“"]([^)\]”"]*\p{L}[^)\]”"]*)[)\]”"]/u';

    private ClockTimes $times;

    private DishNames $names;

    /** @param  array<int, string>  $dishes  Names by number. */
    public function __construct(array $dishes, ?ServiceHours $hours = null)
    {
        $this->names = new DishNames($dishes);
        $this->times = new ClockTimes($hours ?? ServiceHours::usual());
    }

    /** @param  string|null  $clock  HH:MM, if its time is said elsewhere. */
    public function read(string $line, ?string $clock = null): Ticket
    {
        $text = (string) preg_replace('/[\t\r\n]+/u', ' | ', mb_scrub($line));
        $text = trim((string) preg_replace('/[ \x{a0}]+/u', ' ', $text));
        try {
            return $this->understood($text, $clock);
        } catch (Refused $refused) {
            return Ticket::refused($refused->why);
        }
    }

    /**
     * Reads a ticket whose parts stand in cells.
     *
     * @param  string  $time  Empty: as soon as it can be.
     * @param  string  $dish  Its name, or as much of it as makes it one dish.
     */
    public function cells(
        string $time,
        int $mains,
        int $starters,
        string $dish,
        string $table = '',
        ?int $early = null,
        ?int $late = null,
        string $note = '',
    ): Ticket {
        $numbers = match (true) {
            $mains > 0 && $starters > 0 => "$mains mains + $starters starters",
            $starters > 0 => "$starters starters",
            default => "$mains mains",
        };
        try {
            $clocks = $this->timeInACell($time);
            $ticket = $this->understood("$numbers $dish", null);
        } catch (Refused $refused) {
            return Ticket::refused($refused->why);
        }
        $readings = [];
        foreach ($clocks as $clock) {
            foreach ($ticket->understood !== null ? [$ticket->understood] : $ticket->candidates as $firings) {
                $readings[] = array_map(static fn (TicketFiring $firing): TicketFiring => new TicketFiring(
                    $firing->dish,
                    $firing->mains,
                    $firing->starters,
                    $clock,
                    $table,
                    $early,
                    $late,
                    Notes::joined($firing->note, $note),
                ), $firings);
            }
        }

        return self::answer($readings, $ticket->asks, $clocks);
    }

    /**
     * @return non-empty-list<string|null> HH:MM, all that it can mean; null alone for an empty cell
     *
     * @throws Refused if the cell holds anything but a time
     */
    private function timeInACell(string $cell): array
    {
        if (trim($cell) === '') {
            return [null];
        }
        $clocks = $this->times->takenFrom($cell);
        if ($clocks === null || $clocks === [] || preg_match('/[\p{L}\d]/u', $cell) === 1) {
            throw new Refused(Fact::of('order.no-time'));
        }

        return $clocks;
    }

    /** @throws Refused */
    private function understood(string $text, ?string $clock): Ticket
    {
        $notes = [];
        $text = (string) preg_replace_callback(self::IN_BRACKETS, static function (array $part) use (&$notes): string {
            $notes[] = trim($part[1]);

            return ' | ';
        }, $text);
        $isSoon = self::take(self::SOON, $text) !== null;
        [$early, $late] = [self::take(self::EARLY, $text), self::take(self::LATE, $text)];
        $isOfADish = fn (string $word): bool => $this->names->with(DishNames::plain($word)) !== [];
        $table = Tables::takenFrom($text, $isOfADish);
        $said = $this->times->takenFrom($text);
        self::refuseWhatIsNoCount($text);
        $tokens = Token::all(NumberWords::joined($text));
        $lines = new TicketLines($this->names, $tokens, $table !== null);
        $ways = $lines->question() === null ? $lines->ways() : [...$this->withNumberedNote($tokens), ...$lines->ways()];

        $clocks = match (true) {
            $clock !== null => [$clock],
            $isSoon || $said === null => [null],
            default => $said,
        };
        $readings = [];
        foreach ($clocks as $at) {
            foreach ($ways as $way) {
                // A number that is neither mains nor starters is the table, if none was said.
                $numbers = array_values(array_unique(array_diff(array_column($way, 'table'), [''])));
                if (count($numbers) > 1) {
                    continue; // A ticket has one table.
                }
                $number = $numbers[0] ?? '';
                $readings[] = array_map(static fn (array $line): TicketFiring => new TicketFiring(
                    $line['dish'],
                    $line['mains'],
                    $line['starters'],
                    $at,
                    $table ?? $number,
                    $early === null ? null : (int) $early,
                    $late === null ? null : (int) $late,
                    Notes::joined(...$notes, ...[$line['note'], $table === null ? '' : $number]),
                ), $way);
            }
        }

        return self::answer($readings, $lines->question(), $clocks);
    }

    /**
     * Ways in which a number before a note belongs to the note, though it may be the table: "4 pea 1 no cheese".
     *
     * @param  list<Token>  $tokens
     *
     * @return list<list<array{dish: int, mains: int, starters: int, table: string, note: string}>>
     */
    private function withNumberedNote(array $tokens): array
    {
        try {
            $ways = (new TicketLines($this->names, $tokens, true))->ways();
        } catch (Refused) {
            return [];
        }

        return array_values(array_filter(
            $ways,
            static fn (array $way): bool => preg_grep('/^\d/', array_column($way, 'note')) !== [],
        ));
    }

    /**
     * @param  list<list<TicketFiring>>  $readings  All that the ticket can mean.
     * @param  Fact|null  $question  What is asked about its dishes and numbers.
     * @param  list<string|null>  $clocks  All times that it can mean.
     */
    private static function answer(array $readings, ?Fact $question, array $clocks): Ticket
    {
        if ($question === null && count($clocks) > 1) {
            $question = Fact::of('order.which-time', these: array_values(array_filter($clocks, is_string(...))));
        }
        if ($question === null && $readings !== []) {
            return Ticket::understood($readings[0]);
        }
        $candidates = array_slice($readings, 0, self::MOST_CANDIDATES);

        return Ticket::asks($question ?? Fact::of('order.two-dishes'), $candidates);
    }

    private static function take(string $pattern, string &$text): ?string
    {
        if (preg_match($pattern, $text, $part) !== 1) {
            return null;
        }
        $text = (string) preg_replace($pattern, ' | ', $text, 1);

        return $part[1] ?? '';
    }

    /** @throws Refused for "-2", "2.5" and "½": nobody knows what was meant */
    private static function refuseWhatIsNoCount(string $text): void
    {
        if (preg_match('/(?:^|[\s|,;(])([\-−]\d+)|(\d+\.\d+)|(\d*\s?[¼½¾⅓⅔⅛⅜⅝⅞])/u', $text, $part) === 1) {
            throw new Refused(Fact::of('order.no-number', said: trim(end($part))));
        }
    }
}
