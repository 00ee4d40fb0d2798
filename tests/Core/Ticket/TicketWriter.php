<?php

declare(strict_types=1);

namespace Tests\Core\Ticket;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Writes tickets as people in a hurry do, and knows what each of them means. */
final readonly class TicketWriter
{
    private const WORDS = [1 => 'one', 2 => 'two', 3 => 'three', 4 => 'four', 6 => 'six', 8 => 'eight', 13 => 'thirteen', 17 => 'seventeen', 20 => 'twenty', 25 => 'twenty-five'];

    private const HOURS = [1 => 'one', 5 => 'five', 6 => 'six', 7 => 'seven', 8 => 'eight', 9 => 'nine', 10 => 'ten', 11 => 'eleven'];

    private const NOTES = ['no cheese', 'nut allergy', 'gluten free', 'vegan', 'extra lemon', '2 without butter', 'birthday', 'no starters after', 'bread on the side', 'fish allergy', 'mint instead of parsley', 'sauce apart'];

    private Randomizer $chance;

    /** @param  non-empty-array<int, non-empty-list<string>>  $called  What each dish is called, by its number; each name is of one dish only. */
    public function __construct(int $seed, private array $called)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @return array{string, list<array{int, int, int, string|null, string, string}>} the ticket; and dish, mains, starters, clock, table and note of each firing */
    public function ticket(): array
    {
        [$clock, $time] = $this->time();
        [$table, $where] = $this->table();
        $note = $this->likely(0.15) ? $this->one(self::NOTES) : '';
        $firings = $orders = [];
        foreach ($this->chance->pickArrayKeys($this->called, $this->likely(0.15) ? 2 : 1) as $dish) {
            $mains = $this->likely(0.1) ? 0 : $this->chance->getInt(1, 30);
            $starters = $mains === 0 || $this->likely(0.15) ? $this->chance->getInt(1, 12) : 0;
            $firings[] = [$dish, $mains, $starters, $clock, $table, $note];
            $orders[] = $this->order($this->one($this->called[$dish]), $mains, $starters);
        }
        $order = implode($this->one([', ', ' + ', ' and ', ' / ', ' ']), $orders);
        $parts = array_filter([$time, $order, $where, $note === '' ? '' : $this->one([", $note", "($note)", $note])], static fn (string $part): bool => $part !== '');
        // A note that no bracket closes comes last: what follows it would be part of it.
        $last = array_pop($parts);
        $parts = $note === '' ? [...$parts, $last] : $parts;
        $parts = $this->chance->shuffleArray($parts);
        $line = implode($this->one([' ', ' ', ' ', ', ', ',', "\t", '; ', '  ']), $note === '' ? $parts : [...$parts, $last]);

        return [$this->likely(0.3) ? mb_strtoupper($line) : $line, $firings];
    }

    private function order(string $dish, int $mains, int $starters): string
    {
        $dish = $this->likely(0.12) ? $this->mistyped($dish) : $dish;
        $main = $mains === 0 ? '' : $this->one([$this->number($mains), (string) $mains, "{$mains}x", "$mains x", $this->number($mains).' mains', "$mains mains of", "$mains covers"]);
        $starter = $starters === 0 ? '' : $this->number($starters).' starter'.($starters === 1 ? '' : 's');
        $how = implode($this->one([' + ', ' ', ', ', ' and ']), array_filter([$main, $starter], static fn (string $part): bool => $part !== ''));

        return $this->likely(0.3) ? "$dish $how" : "$how $dish";
    }

    private function number(int $number): string
    {
        return isset(self::WORDS[$number]) && $this->likely(0.2) ? self::WORDS[$number] : (string) $number;
    }

    /** @return array{string|null, string} */
    private function time(): array
    {
        if ($this->likely(0.12)) {
            return [null, $this->one(['', 'asap', 'as soon as they can be'])];
        }
        $hour = $this->chance->getInt(17, 23);
        $minute = 5 * $this->chance->getInt(0, 11);
        $clock = sprintf('%02d:%02d', $hour, $minute);
        $twelve = $hour - 12;
        $ways = [$clock, strtr($clock, ':', '.'), strtr($clock, ':', 'h'), strtr($clock, [':' => '']), sprintf('%d:%02dpm', $twelve, $minute), sprintf('%d.%02d pm', $twelve, $minute), sprintf('at %d:%02d', $twelve, $minute), "at $clock", "$clock:00"];
        if ($minute === 0) {
            array_push($ways, "{$twelve}pm", "at $twelve", "$twelve o'clock");
        }
        if ($minute === 30) {
            array_push($ways, 'half past '.self::HOURS[$twelve], 'half '.self::HOURS[$twelve]);
        }
        if ($minute === 45 && $twelve < 11) {
            $ways[] = 'quarter to '.self::HOURS[$twelve + 1];
        }

        return [$clock, $this->one($ways)];
    }

    /** @return array{string, string} */
    private function table(): array
    {
        if ($this->likely(0.25)) {
            return ['', ''];
        }
        $table = (string) $this->chance->getInt(1, 40);
        $kind = $this->chance->getInt(0, 99);
        if ($kind < 8) {
            return ["$table, ".($table + 1), "tables $table and ".($table + 1)];
        }

        return $kind < 16 ? ["bar $table", "bar $table"] : [$table, strtr($this->one(['table N', 'table N', 'tN', 't N', 'tbl N', '#N', 'table no. N', 'N']), ['N' => $table])];
    }

    /** One letter wrong, missing, twice, or two in the wrong order; in the longest word. */
    private function mistyped(string $name): string
    {
        $words = explode(' ', $name);
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $word = $words[0];
        $at = $this->chance->getInt(1, strlen($word) - 2);
        $wrong = match ($this->chance->getInt(0, 3)) {
            0 => substr_replace($word, $this->one(['e', 'k', 'z']), $at, 1),
            1 => substr_replace($word, '', $at, 1),
            2 => substr_replace($word, $word[$at], $at, 0),
            default => substr_replace($word, strrev(substr($word, $at, 2)), $at, 2),
        };

        return str_replace($word, $wrong, $name);
    }

    private function likely(float $share): bool
    {
        return $this->chance->getInt(0, 9999) < 10_000 * $share;
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     *
     * @return T
     */
    private function one(array $of): mixed
    {
        return array_values($of)[$this->chance->getInt(0, count($of) - 1)];
    }
}
