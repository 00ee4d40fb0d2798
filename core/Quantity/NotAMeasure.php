<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

use InvalidArgumentException;

/** Text that cannot be read as an amount with a unit. */
final class NotAMeasure extends InvalidArgumentException
{
    public static function text(string $text): self
    {
        return new self(sprintf('"%s" is not an amount with a unit, such as "180 ml", "3/4 cup" or "3 oz"', mb_strimwidth($text, 0, 60, '…')));
    }

    public static function unit(string $unit): self
    {
        return new self(sprintf('"%s" is not a unit known here', mb_strimwidth($unit, 0, 30, '…')));
    }

    public static function noLadle(): self
    {
        return new self('an amount in ladles needs the size of the ladle');
    }
}
