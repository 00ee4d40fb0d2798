<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;

/** A cook walked through from the first liquid to the table. */
final readonly class Walked
{
    /** @param  float|null  $dryMinute  first minute with hardly any free liquid */
    public function __construct(
        public Track $track,
        public State $pulled,
        public State $atTable,
        public ?float $dryMinute,
    ) {}
}
