<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** An amount with its unit, that a kitchen reads in its own. */
interface Quantity
{
    public function metric(): string;

    /** In US customary units. */
    public function us(): string;
}
