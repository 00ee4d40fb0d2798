<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\PanHeat;

/** Two marks for a pan rice, the stock that is gone just in time on them, and what speaks against them. */
final readonly class TwoMarks
{
    /**
     * @param  float  $stock  mL
     * @param  float  $cost  in e-folds of heat off what a cook looks for; what is wrong with the pan they make is counted in the same
     */
    public function __construct(public PanHeat $heat, public float $stock, public float $cost) {}
}
