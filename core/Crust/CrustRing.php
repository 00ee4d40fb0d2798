<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

/** One ring of the floor, as it looks when it is scraped up. */
final readonly class CrustRing
{
    /**
     * @param  float  $palest  browning of its palest part, minutes at 150 °C
     * @param  float  $darkest  of its darkest part
     * @param  float  $millimetres  of dry rice, in the mean
     */
    public function __construct(public float $palest, public float $darkest, public float $millimetres) {}

    /** Browning half-way between its palest and its darkest part, minutes at 150 °C. */
    public function middle(): float
    {
        return ($this->palest + $this->darkest) / 2;
    }
}
