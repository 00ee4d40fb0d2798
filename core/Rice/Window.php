<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

use Velko\Core\Quantity\OutOfRange;

/** The minutes at 100 °C between which the bite is right: a packet's "16 to 18 minutes". */
final readonly class Window
{
    public const MIN = 5.0;

    public const MAX = 60.0;

    /** @throws OutOfRange */
    public function __construct(public float $low, public float $high)
    {
        if (! ($low >= self::MIN && $low <= self::MAX)) {
            throw OutOfRange::of('the low end of the window', $low, self::MIN, self::MAX, 'min');
        }
        if (! ($high >= $low && $high <= self::MAX)) {
            throw OutOfRange::of('the high end of the window', $high, $low, self::MAX, 'min');
        }
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
