<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Out of the pan and onto plates. */
final readonly class Plate implements Act
{
    /**
     * @param  int  $plates  ≥ 1
     * @param  float  $temperature  of the plates, °C
     */
    public function __construct(public int $plates, public float $temperature) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->plate($state, $this->plates, $this->temperature);
    }
}
