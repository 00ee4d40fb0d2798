<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** A cook, or its weighing, that does not fit the others. */
final readonly class Outlier
{
    /**
     * @param  int  $lesson  Its place among the lessons.
     * @param  string  $cook  Its id.
     * @param  string  $of  Which number it does not fit.
     * @param  int  $place  Of that parameter in the posterior.
     * @param  float  $apart  How far off, in standard deviations.
     * @param  float|null  $off  What it would have the parameter be; null if a weighing is off.
     * @param  float|null  $spread  One standard deviation of that.
     * @param  float|null  $grams  Of a weighing: how much more it shows than there was, g.
     * @param  list<int>  $rows  Of weighings, those observations; the rest of the cook fits.
     */
    public function __construct(public int $lesson, public string $cook, public string $of, public int $place, public float $apart, public ?float $off = null, public ?float $spread = null, public ?float $grams = null, public array $rows = []) {}
}
