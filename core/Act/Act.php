<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** One thing that is done to a pan. What is planned, what really happened and what is simulated are lists of these. */
interface Act
{
    public function on(Simulation $simulation, State $state): void;
}
