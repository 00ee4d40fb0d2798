<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** A stretch of the crust: so long on this heat, with the pan standing so. */
final readonly class Leg
{
    /**
     * @param  float  $seconds  ≥ 0
     * @param  float  $net  W
     * @param  float  $shift  of the pan's middle from the ring's, cm; a shifted pan is turned all the time, so that each side of it gets its share
     */
    public function __construct(
        public float $seconds,
        public float $net,
        public float $shift = 0.0,
    ) {}
}
