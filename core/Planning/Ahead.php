<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Pan\State;

/** How one family goes on from wherever its pan is. */
interface Ahead
{
    public function from(State $state): Coming;
}
