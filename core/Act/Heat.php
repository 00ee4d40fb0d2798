<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** The knob is turned. */
final readonly class Heat implements Act
{
    /**
     * @param  float  $net  W into the contents from here on
     * @param  bool  $steady  whatever the fire does: in an oven
     */
    public function __construct(public float $net, public bool $steady = false) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->heat($state, $this->net, $this->steady);
    }
}
