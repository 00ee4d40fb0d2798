<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

use Velko\Core\Quantity\OutOfRange;

/**
 * The minutes at 100 °C between which the bite is right: a packet's "16 to 18 minutes". Where a packet prints one number,
 * half a minute either way is right.
 */
final readonly class Window
{
    public const MIN = 5.0;

    public const MAX = 60.0;

    /** No tooth tells less than this either way, min. */
    private const EITHER_WAY = 0.5;

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

    /** The least doneness that is right, minutes at 100 °C. */
    public function rightFrom(): float
    {
        return min($this->low, $this->middle() - self::EITHER_WAY);
    }

    /** The most doneness that is right, minutes at 100 °C. */
    public function rightTo(): float
    {
        return max($this->high, $this->middle() + self::EITHER_WAY);
    }

    /** So many times as long, as far as there are such windows. */
    public function times(float $times): self
    {
        $within = static fn (float $minutes): float => max(self::MIN, min(self::MAX, $minutes));

        return new self($within($this->low * $times), $within($this->high * $times));
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }
}
