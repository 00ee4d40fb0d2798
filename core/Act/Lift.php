<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;

/** Free liquid is lifted out. */
final readonly class Lift implements Act
{
    /** @param  float  $volume  mL; no more than there is comes out */
    public function __construct(public float $volume) {}

    public function on(Simulation $simulation, State $state): void
    {
        $simulation->liftOut($state, $this->volume);
    }
}
