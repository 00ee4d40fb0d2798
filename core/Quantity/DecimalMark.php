<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** What stands before the decimals where a reader comes from; the other one groups thousands. */
enum DecimalMark: string
{
    case Point = '.';
    case Comma = ',';

    public function groups(): string
    {
        return $this === self::Point ? ',' : '.';
    }
}
