<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** An amount with its unit, that a kitchen reads in its own. */
interface Quantity
{
    /** A number with its symbol; a fact where it takes words. */
    public function metric(): string|Fact;

    /** In US customary units. */
    public function us(): string|Fact;
}
