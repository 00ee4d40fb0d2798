<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Rice\Doubt;

/** One number of the kitchen as its cooks teach it: a factor on what was taken for it, and between which it is nine times in ten. */
final readonly class LearnedNumber
{
    /** Nine tenths of a normal distribution lie within so many standard deviations. */
    public const NINE_TENTHS = Doubt::NINE_TENTHS;

    /**
     * @param  Hidden  $hidden  which
     * @param  float  $given  what is taken for it, in its unit
     * @param  float  $off  logarithm of the factor
     * @param  float  $spread  one standard deviation of it
     * @param  int  $cooks  it rests on
     * @param  int|null  $since  ms since 1970, from which on: it had been another before
     * @param  list<array{cook: string, off: float, spread: float}>  $outliers  cooks that were kept out of it, and what each would have it
     */
    public function __construct(public Hidden $hidden, public float $given, public float $off, public float $spread, public int $cooks, public ?int $since = null, public array $outliers = []) {}

    public function factor(): float
    {
        return exp($this->off);
    }

    public function low(): float
    {
        return exp($this->off - self::NINE_TENTHS * $this->spread);
    }

    public function high(): float
    {
        return exp($this->off + self::NINE_TENTHS * $this->spread);
    }
}
