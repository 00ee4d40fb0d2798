<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** Where the kitchen is and how warm it is. */
final readonly class Place
{
    /**
     * @param  float  $altitude  m above the sea
     * @param  float  $room  °C
     */
    public function __construct(public float $altitude, public float $room) {}
}
