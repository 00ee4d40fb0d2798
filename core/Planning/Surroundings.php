<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** Where the kitchen is, how warm it is, how warm its plates are, and what wind goes over the pan. */
final readonly class Surroundings
{
    /**
     * @param  float  $altitude  m above the sea
     * @param  float  $room  °C
     * @param  float  $plates  °C, as they are held
     * @param  float  $wind  m/s over the pan, behind whatever screens it
     */
    public function __construct(public float $altitude, public float $room, public float $plates = Defaults::PLATES_C, public float $wind = 0.0) {}
}
