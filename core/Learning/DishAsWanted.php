<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** One dish where it came out as it was wanted. */
final readonly class DishAsWanted
{
    /**
     * @param  string  $dish  as the kitchen calls it
     * @param  float  $ofPlanned  stock that it took, of what was planned: the median
     * @param  int  $cooks  of them
     */
    public function __construct(public string $dish, public float $ofPlanned, public int $cooks) {}
}
