<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;

/** The loop was run: how a pan went, planned, simulated or as it really happened. */
final readonly class Run
{
    /**
     * @param  State|null  $pulled  as it came off the heat last; null while it is on it
     * @param  State  $end  as far as it was followed: at the table, where it got there
     * @param  float|null  $dryMinute  first minute with its floor bare, once anything was poured
     */
    public function __construct(public Track $track, public ?State $pulled, public State $end, public ?float $dryMinute = null) {}

    /** As it left the heat, or else as far as it has come. */
    public function off(): State
    {
        return $this->pulled ?? $this->end;
    }
}
