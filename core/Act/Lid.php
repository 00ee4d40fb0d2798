<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** The lid goes on, or comes off. */
final readonly class Lid implements Act
{
    public function __construct(public bool $on) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->cover($state, $this->on);
    }
}
