<?php

declare(strict_types=1);

namespace App\Exchange;

use Velko\Core\Quantity\Rounding;

/** What is weighed out for a pan, as CSV (RFC 4180, UTF-8, a line of names first). */
final class IngredientCsv
{
    private const NAMES = ['ingredient', 'amount', 'unit', 'goes in', 'scales'];

    private const GOES = [
        'base' => 'in the base', 'with-the-rice' => 'with the rice', 'nine-tenths-gone' => 'when nine tenths of the liquid has gone',
        'last-two-minutes' => 'for the last two minutes', 'on-top' => 'held back for the top', 'finish' => 'beaten in at the end',
        'season' => 'at the end, the last fifth by tongue', 'stock' => 'into the stock, before it is poured',
    ];

    /** @param  array<string, mixed>  $working  velko.working/1 */
    public static function of(array $working): string
    {
        $plan = $working['plan'];
        $rows = [
            self::NAMES,
            [$working['dish']['rice'], $plan['rice_g'], 'g', 'first', 'with the covers'],
            [$working['dish']['stock'], $plan['side_pot']['make_ml'], 'ml', 'side pot', 'not by multiplying'],
            ...($plan['balance']['wine_ml'] > 0 ? [['wine', $plan['balance']['wine_ml'], 'ml', 'before the stock', 'with the rice']] : []),
            ...array_map(static fn (array $one): array => [$one['name'], $one['amount'], $one['unit'], self::goes($one), $one['per']], $working['mise']),
        ];

        return implode('', array_map(static fn (array $row): string => implode(',', array_map(self::field(...), $row))."\r\n", $rows));
    }

    /** @param  array<string, mixed>  $one */
    private static function goes(array $one): string
    {
        return self::GOES[$one['goes']] ?? sprintf('at minute %s', Rounding::plain($one['minute'] ?? 0.0, 1));
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
