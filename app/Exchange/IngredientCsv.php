<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Csv\Csv;
use Velko\Core\Quantity\Rounding;

/** What is weighed out for a pan, as CSV. */
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
            [$working['dish']['rice'], $plan['rice_g'], 'g', 'first', 'with the covers'],
            [$working['dish']['stock'], $plan['side_pot']['make_ml'], 'ml', 'side pot', 'not by multiplying'],
            ...($plan['balance']['wine_ml'] > 0 ? [['wine', $plan['balance']['wine_ml'], 'ml', 'before the stock', 'with the rice']] : []),
            ...array_map(static fn (array $line): array => [$line['name'], $line['amount'], $line['unit'], self::goes($line), $line['per']], $working['mise']),
        ];

        return Csv::of(self::NAMES, $rows);
    }

    /** @param  array<string, mixed>  $line */
    private static function goes(array $line): string
    {
        return self::GOES[$line['goes']] ?? sprintf('at minute %s', Rounding::plain($line['minute'] ?? 0.0, 1));
    }
}
