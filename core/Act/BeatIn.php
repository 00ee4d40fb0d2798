<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Butter and cheese are beaten in: they cool the pan, and bring salt of their own. */
final readonly class BeatIn implements Act
{
    /**
     * @param  float  $capacity  J/K
     * @param  float  $temperature  °C
     * @param  float  $salt  g
     * @param  float  $liquid  g of water that is free at once
     */
    public function __construct(public float $capacity, public float $temperature, public float $salt = 0.0, public float $liquid = 0.0) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->beatIn($state, $this->capacity, $this->temperature, $this->liquid);
    }
}
