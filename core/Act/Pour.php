<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Stock, wine or water goes in. */
final readonly class Pour implements Act
{
    /**
     * @param  float  $volume  mL, ≥ 0
     * @param  float  $temperature  °C
     * @param  float  $saltShare  g salt per g
     */
    public function __construct(public float $volume, public float $temperature, public float $saltShare = 0.0) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->pour($state, $this->volume, $this->temperature, $this->saltShare);
    }
}
