<?php

declare(strict_types=1);

namespace App\Exchange;

/** What is weighed out for a pan, as CSV (RFC 4180, UTF-8, a line of names first). */
final class IngredientCsv
{
    private const NAMES = ['ingredient', 'amount', 'unit', 'goes in', 'scales'];

    /** @param  array<string, mixed>  $working  velko.working/1 */
    public static function of(array $working): string
    {
        $plan = $working['plan'];
        $rows = [
            self::NAMES,
            [$working['dish']['rice'], $plan['rice_g'], 'g', 'with-the-rice', 'with the rice'],
            [$working['dish']['stock'], $plan['side_pot']['make_ml'], 'ml', 'side pot', 'not by multiplying'],
            ...($plan['balance']['wine_ml'] > 0 ? [['wine', $plan['balance']['wine_ml'], 'ml', 'before the stock', 'with the rice']] : []),
            ...array_map(static fn (array $one): array => [$one['name'], $one['amount'], $one['unit'], $one['goes'], $one['per']], $working['mise']),
        ];

        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::field(...), $row))."\r\n", $rows));
    }

    private static function field(string|int|float $value): string
    {
        $text = (string) $value;
        // A cell that a spreadsheet would take for a formula is shown as the text it is.
        if (is_string($value) && preg_match('/^[=+\-@\t\r]/', $text) === 1) {
            $text = "'$text";
        }

        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
