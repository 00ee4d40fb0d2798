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
        try {
            return $this->understood(trim((string) preg_replace('/[ \x{a0}]+/u', ' ', (string) preg_replace('/[\t\r\n]+/u', ' | ', mb_scrub($line)))), $clock);
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
    public function cells(string $time, int $mains, int $starters, string $dish, string $table = '', ?int $early = null, ?int $late = null, string $note = ''): Ticket
    {
        try {
            $left = $time;
            $clocks = trim($time) === '' ? [null] : $this->times->takenFrom($left);
            if ($clocks === null || preg_match('/[\p{L}\d]/u', $left) === 1) {
                throw new Refused(Fact::of('order.no-time'));
            }
            $numbers = implode(' + ', array_filter([$mains > 0 ? "$mains mains" : '', $starters > 0 ? "$starters starters" : ''], static fn (string $one): bool => $one !== ''));
            $ticket = $this->understood("$numbers $dish", null);
        } catch (Refused $refused) {
            return Ticket::refused($refused->why);
        }
        $readings = [];
        foreach ($clocks as $clock) {
            foreach ($ticket->understood !== null ? [$ticket->understood] : $ticket->candidates as $firings) {
                $readings[] = array_map(static fn (TicketFiring $one): TicketFiring => new TicketFiring($one->dish, $one->mains, $one->starters, $clock, $table, $early, $late, Notes::together($one->note, $note)), $firings);
            }
        }
        $question = $ticket->asks ?? (count($clocks) > 1 ? Fact::of('order.which-time', these: array_values(array_filter($clocks, is_string(...)))) : null);

        return $question === null ? Ticket::understood($readings[0]) : Ticket::asks($question, array_slice($readings, 0, self::MOST_CANDIDATES));
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
        $table = Tables::takenFrom($text, fn (string $word): bool => $this->names->with(DishNames::plain($word)) !== []);
        $clocks = $this->times->takenFrom($text);
        self::refuseWhatIsNoCount($text);
        $lines = new TicketLines($this->names, Token::all(NumberWords::joined($text)), $table !== null);

        $readings = [];
        foreach ($clock !== null ? [$clock] : ($isSoon || $clocks === null ? [null] : $clocks) as $at) {
            foreach ($lines->ways() as $way) {
                $others = array_values(array_unique(array_filter(array_column($way, 'table'), static fn (string $one): bool => $one !== '')));
                if (count($others) > 1) {
                    continue; // A ticket has one table.
                }
                // A number that is neither mains nor starters is the table, if none was said; else nobody knows what it is.
                [$where, $more] = $table === null ? [$others[0] ?? '', ''] : [$table, $others[0] ?? ''];
                $readings[] = array_map(static fn (array $one): TicketFiring => new TicketFiring(
                    $one['dish'], $one['mains'], $one['starters'], $at, $where, $early === null ? null : (int) $early, $late === null ? null : (int) $late,
                    Notes::together(...$notes, ...[$one['note'], $more]),
                ), $way);
            }
        }
        $question = $lines->question() ?? (count($readings) > 1 ? Fact::of('order.which-time', these: $clocks ?? []) : null);

        return $question === null && $readings !== [] ? Ticket::understood($readings[0]) : Ticket::asks($question ?? Fact::of('order.two-dishes'), array_slice($readings, 0, self::MOST_CANDIDATES));
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
