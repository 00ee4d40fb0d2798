<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Crust\CrustNow;
use Velko\Core\Pan\State;

/** How one family goes on from wherever its pan is. */
interface Continuation
{
    public function from(State $state): Projection;

    /** The floor from when its crust began, or from when it fell dry with nobody there; null before, and where none is made. */
    public function floor(): ?CrustNow;

    /**
     * How brown the floor was all over, taken off at a second and cool again; null where nobody had a crust made.
     *
     * @return float|null minutes at 150 °C
     */
    public function scraped(float $off): ?float;
}
