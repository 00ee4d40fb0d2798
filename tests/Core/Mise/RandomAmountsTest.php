<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Mise\AmountReading;
use Velko\Core\Quantity\DecimalMark;
use Velko\Core\Quantity\NotAMeasure;
use Velko\Core\Quantity\OutOfRange;

/*
 * Two thousand amounts as people write them: marks of here and there, thousands grouped, fractions, words, two units. Each is read right or
 * refused; none is read wrong in silence. Units: NIST Handbook 44, appendix C, exact.
 */

const UNITS_WRITTEN = [
    ['mass', 'g', 1.0, ['g', 'gr', 'grams', 'G']], ['mass', 'g', 1000.0, ['kg', 'kilo', 'Kg']], ['mass', 'g', 28.349523125, ['oz', 'ounces', 'oz.']], ['mass', 'g', 453.59237, ['lb', 'lbs', 'pounds']],
    ['volume', 'ml', 1.0, ['ml', 'mL', 'millilitres']], ['volume', 'ml', 1000.0, ['l', 'L', 'litres', 'liter']], ['volume', 'ml', 236.5882365, ['cup', 'cups', 'c.']], ['volume', 'ml', 29.5735295625, ['fl oz', 'fl. oz']],
    ['volume', 'ml', 946.352946, ['qt', 'quarts']], ['length', 'cm', 2.54, ['in', 'inches', '"']], ['length', 'm', 0.3048, ['ft', 'feet']], ['length', 'cm', 1.0, ['cm']], ['time', 's', 60.0, ['min', 'minutes']], ['power', 'W', 1000.0, ['kW']],
];

/** @return array{string, string, string, float} the text, and the quantity, unit and value that it means */
function writtenAmount(Randomizer $chance, DecimalMark $mark): array
{
    $pick = static fn (array $of): mixed => $of[$chance->getInt(0, count($of) - 1)];
    [$quantity, $unit, $factor, $words] = $pick(UNITS_WRITTEN);
    $word = $pick($words);
    $space = $pick([' ', ' ', '']);
    $whole = $pick([$chance->getInt(1, 9), $chance->getInt(10, 99), $chance->getInt(100, 999)]);
    $fraction = $pick([['1/2', 0.5, '½'], ['1/4', 0.25, '¼'], ['3/4', 0.75, '¾'], ['1/3', 1 / 3, '⅓']]);
    $thousands = $chance->getInt(1, 9);
    [$number, $text] = match ($chance->getInt(0, 8)) {
        0, 1 => [(float) $whole, "$whole$space$word"],
        // Two decimals: no reader takes the mark for one that groups.
        2 => [$whole + 0.25, $whole.$pick(['.', ',']).'25'.$space.$word],
        3 => [$whole + 0.5, $whole.$pick(['.', ',']).'5'.$space.$word],
        4 => [$whole + $fraction[1], $whole.$pick([' ', '-', ' and ']).$fraction[0].' '.$word],
        5 => [$whole + $fraction[1], $whole.$pick([' ', '']).$fraction[2].$space.$word],
        6 => [1000 * $thousands + 250.0, $thousands.$mark->groups().'250'.$space.$word],
        7 => $pick([[0.5, "half a $word"], [0.25, "a quarter of a $word"], [1.5, "one and a half $word"], [1.5, "a $word and a half"], [2.0, "two $word"], [12.0, "a dozen $word"]]),
        8 => [1000 * $thousands + 250.5, $thousands.$mark->groups().'250'.$mark->value.'5'.$space.$word],
    };
    if ($quantity === 'mass' && $factor > 400 && $factor < 500 && $chance->getInt(0, 2) === 0) {
        $ounces = $chance->getInt(1, 15);

        return ["$whole$space$word".$pick([' ', ', ', ' and ']).$ounces.' oz', 'mass', 'g', $whole * $factor + $ounces * 28.349523125];
    }

    return [$text, $quantity, $unit, $number * $factor];
}

it('reads no amount wrong in silence', function (DecimalMark $mark, int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $wrong = $refused = [];
    for ($i = 0; $i < 500; $i++) {
        [$text, $quantity, $unit, $value] = writtenAmount($chance, $mark);
        try {
            $read = AmountReading::of($text, $mark);
            if ($read->quantity !== $quantity || $read->unit !== $unit || abs($read->value - $value) > 1e-6 * $value) {
                $wrong[] = [$text, "$value $unit", "$read->value $read->unit"];
            }
        } catch (NotAMeasure) {
            $refused[] = $text;
        } catch (OutOfRange) {
            // Nobody writes more than 1,000 kg, 1,000 L, 48 h or 100 kW.
            if ($value <= ['mass' => 1e6, 'volume' => 1e6, 'time' => 172800.0, 'power' => 1e5, 'length' => INF][$quantity]) {
                $refused[] = $text;
            }
        }
    }
    expect($wrong)->toBe([])->and(count($refused))->toBeLessThan(15, implode(' · ', $refused));
})->with([[DecimalMark::Point, 1], [DecimalMark::Point, 2], [DecimalMark::Comma, 3], [DecimalMark::Comma, 4]]);
