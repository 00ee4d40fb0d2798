<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Something else goes in: it takes heat and holds it, gives or takes water, brings salt. */
final readonly class Add implements Act
{
    /**
     * @param  float  $capacity  J/K, > 0
     * @param  float  $temperature  °C at which as much that need not thaw would cool the pan as much
     * @param  float  $gives  g of water that come out of it in time; below nothing what it takes up
     * @param  float  $tau  min in which two thirds of that have come
     * @param  float  $atOnce  g of water that are sauce at once
     * @param  float  $salt  g
     * @param  bool  $hot  it is as hot as the pan it lies in
     */
    public function __construct(public float $capacity, public float $temperature, public float $gives, public float $tau, public float $atOnce, public float $salt, public bool $hot = false) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->add($state, $this->capacity, $this->hot ? $state->temperature : $this->temperature, $this->gives, $this->tau, $this->atOnce, $this->salt);
    }
}
