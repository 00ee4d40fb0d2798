<?php

declare(strict_types=1);

namespace App\Csv;

/** RFC 4180, UTF-8, a line of names first. */
final class Csv
{
    /**
     * @param  list<string>  $names
     * @param  array<array<mixed>>  $rows  of texts and numbers
     */
    public static function of(array $names, array $rows): string
    {
        return implode('', array_map(self::row(...), [$names, ...$rows]));
    }

    /** @param  array<mixed>  $row  of texts and numbers */
    public static function row(array $row): string
    {
        return implode(',', array_map(self::field(...), $row))."\r\n";
    }

    private static function field(mixed $value): string
    {
        $text = is_scalar($value) ? (string) $value : '';
        // A cell that a spreadsheet would take for a formula is shown as the text it is.
        if (is_string($value) && preg_match('/^[=+\-@\t\r]/', $text) === 1) {
            $text = "'$text";
        }

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
