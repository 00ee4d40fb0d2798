<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** The knob is turned. */
final readonly class Heat implements Act
{
    /** @param  float  $net  W into the contents from here on */
    public function __construct(public float $net) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->heat($state, $this->net);
    }
}
