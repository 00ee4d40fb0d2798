<?php

declare(strict_types=1);

namespace Velko\Core\Ticket;

use RuntimeException;
use Velko\Core\Quantity\Fact;

/** Thrown while a ticket is read, if nothing can be made of it. */
final class Refused extends RuntimeException
{
    public function __construct(public readonly Fact $why)
    {
        parent::__construct($why->code);
    }
}
