<?php

declare(strict_types=1);

namespace App\Csv;

/** A table as somebody exported or typed it: RFC 4180, with commas, semicolons or tabs between its cells, as spreadsheets do. */
final readonly class CsvRows
{
    private const BETWEEN = [',', ';', "\t"];

    /**
     * @param  list<string>  $names  of its first row
     * @param  array<int, list<string>>  $rows  those below it that are not empty, by the number of the row in the file, from 2
     */
    private function __construct(public array $names, public array $rows, public string $between) {}

    /** @param  int  $most  rows that are read */
    public static function of(string $text, int $most): self
    {
        $text = self::plain($text);
        $between = self::between((string) strtok($text, "\n"));
        $file = fopen('php://memory', 'r+b');
        if ($file === false) {
            return new self([], [], $between);
        }
        fwrite($file, $text);
        rewind($file);
        $names = [];
        $rows = [];
        for ($row = 1; ($cells = fgetcsv($file, null, $between, '"', '')) !== false && count($rows) < $most; $row++) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            if ($row === 1) {
                $names = $cells;
            } elseif (implode('', $cells) !== '') {
                $rows[$row] = $cells;
            }
        }
        fclose($file);

        return new self($names, $rows, $between);
    }

    /** Without a byte order mark, its lines ended as everywhere here. */
    public static function plain(string $text): string
    {
        return str_replace(["\r\n", "\r"], "\n", (string) preg_replace('/^\x{FEFF}/u', '', $text));
    }

    /**
     * Which column is which, by the names it may have.
     *
     * @param  array<string, list<string>>  $known  names by column
     *
     * @return array<string, int>
     */
    public function columns(array $known): array
    {
        $names = array_map(static fn (string $name): string => mb_strtolower($name), $this->names);
        $found = [];
        foreach ($known as $column => $called) {
            $at = array_keys(array_intersect($names, $called))[0] ?? null;
            if ($at !== null) {
                $found[$column] = $at;
            }
        }

        return $found;
    }

    private static function between(string $header): string
    {
        $counts = array_map(static fn (string $separator): int => substr_count($header, $separator), array_combine(self::BETWEEN, self::BETWEEN));
        arsort($counts);

        return array_key_first($counts);
    }
}
