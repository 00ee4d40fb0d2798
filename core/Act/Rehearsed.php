<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;

/** How a rehearsal went. */
final readonly class Rehearsed
{
    /**
     * @param  float|null  $dryMinute  first minute with free liquid under 0.05 g per g rice, once anything was poured
     * @param  State|null  $off  when it last came off the heat
     * @param  float  $topDoneness  of the topmost grains if nobody stirs, minutes at 100 °C
     * @param  float  $centreBrowning  of the floor in the middle, the pan left in the middle of the ring, minutes at 150 °C
     * @param  float  $rimBrowning  likewise
     * @param  float  $salt  g in the whole pan
     */
    public function __construct(
        public Track $track,
        public ?float $dryMinute,
        public ?State $off,
        public State $end,
        public float $topDoneness,
        public float $centreBrowning,
        public float $rimBrowning,
        public float $salt,
    ) {}
}
