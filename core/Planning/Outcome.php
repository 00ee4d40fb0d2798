<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Pan\State;

/** A pan as it left the heat, and as it is eaten. */
final readonly class Outcome
{
    /** @param  float  $missing  minutes at 100 °C that it lacked of the doneness it was to come off at: it was dry before */
    public function __construct(public State $pulled, public State $atTable, public float $missing = 0.0) {}

    /**
     * Minutes at 100 °C that count as right at the table: what it has when it is eaten, but no more than a few beyond
     * what it had on the heat. A way so long that more would have to come off the heat is not solved for.
     */
    public function doneness(): float
    {
        return min($this->atTable->doneness, $this->pulled->doneness + Ask::MOST_OFF_THE_HEAT);
    }
}
