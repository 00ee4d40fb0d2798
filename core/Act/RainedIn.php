<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Rice that is rained into stock that boils: the stock counts from here on, less what it gave off while it came to the boil. */
final readonly class RainedIn implements Act
{
    /** @param  float  $steamed  g given off before */
    public function __construct(private Pour $stock, private float $steamed) {}

    public function on(Simulation $simulation, State $state): void
    {
        $this->stock->on($simulation, $state);
        $simulation->steamOff($state, $this->steamed);
    }
}
