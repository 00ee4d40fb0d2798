<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** One place of a bare floor at one moment. Changed only by {@see Crust}. */
final class FloorPlace
{
    /** Since it was bare, s. */
    public float $second = 0.0;

    /** Dry rice on it, m. */
    public float $thickness = 0.0;

    /** Minutes at 150 °C. */
    public float $browning = 0.0;

    /** @param  float  $temperature  of the metal under it, °C */
    public function __construct(public float $temperature) {}

    public function millimetres(): float
    {
        return 1000 * $this->thickness;
    }
}
