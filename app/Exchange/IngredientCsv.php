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
            ...array_map(static fn (array $one): array => [$one['name'], $one['amount'], $one['unit'], self::goes($one), $one['per']], $working['mise']),
        ];

        return Csv::of(self::NAMES, $rows);
    }

    /** @param  array<string, mixed>  $one */
    private static function goes(array $one): string
    {
        return self::GOES[$one['goes']] ?? sprintf('at minute %s', Rounding::plain($one['minute'] ?? 0.0, 1));
    }
}
