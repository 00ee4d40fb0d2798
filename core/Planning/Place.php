<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** Where the kitchen is, how warm it is, and how warm its plates are. */
final readonly class Place
{
    /**
     * @param  float  $altitude  m above the sea
     * @param  float  $room  °C
     * @param  float  $plates  °C, as they are held
     */
    public function __construct(public float $altitude, public float $room, public float $plates = Defaults::PLATES_C) {}
}
