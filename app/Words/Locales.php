<?php

declare(strict_types=1);

namespace App\Words;

use NumberFormatter;
use Velko\Core\Quantity\DecimalMark;

/** How numbers are written where a reader comes from, by ICU. */
final class Locales
{
    /** @param  string  $locale  BCP 47, such as "en-US"; at most 35 characters, as the contracts have it. */
    public static function decimalMark(string $locale): DecimalMark
    {
        return DecimalMark::tryFrom((new NumberFormatter($locale, NumberFormatter::DECIMAL))->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL)) ?? DecimalMark::Point;
    }
}
