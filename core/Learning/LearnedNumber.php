<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Rice\Doubt;

/** One number of the kitchen as its cooks teach it: what a parameter is, and between which it is nine times in ten. */
final readonly class LearnedNumber
{
    /** Nine tenths of a normal distribution lie within so many standard deviations. */
    public const NINE_TENTHS = Doubt::NINE_TENTHS;

    /**
     * @param  Parameter  $parameter  Which.
     * @param  float  $given  What is used for it, in its unit.
     * @param  float  $off  Logarithm of the factor on that; of the altitude km, of the stock's temperature K.
     * @param  float  $spread  One standard deviation of it.
     * @param  int  $cooks  It rests on.
     * @param  int|null  $since  ms since 1970, from which on: it had been another one before.
     * @param  list<Outlier>  $outliers  Cooks that were kept out of it.
     * @param  list<Parameter>  $notApartFrom  What the cooks cannot tell it from.
     */
    public function __construct(public Parameter $parameter, public float $given, public float $off, public float $spread, public int $cooks, public ?int $since = null, public array $outliers = [], public array $notApartFrom = []) {}

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

    /** Whether it is not what it is said to be, nine times in ten. */
    public function isOff(): bool
    {
        return abs($this->off) > self::NINE_TENTHS * $this->spread;
    }
}
