<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Off the heat, under a cloth or open. */
final readonly class Off implements Act
{
    public function __construct(public bool $covered) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->off($state, $this->covered);
    }
}
