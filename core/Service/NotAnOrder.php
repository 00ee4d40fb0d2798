<?php

declare(strict_types=1);

namespace Velko\Core\Service;

use InvalidArgumentException;
use Velko\Core\Quantity\Fact;

/** A line that says no firing, and what it lacks. */
final class NotAnOrder extends InvalidArgumentException
{
    public function __construct(public readonly Fact $fact)
    {
        parent::__construct($fact->code);
    }
}
