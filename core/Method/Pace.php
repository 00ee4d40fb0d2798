<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;

/** How hard a rice is boiled while it is stirred: a lazy bubble, or high and stirred hard, under 17 minutes, or barely moving, 30 to 45. Common practice, no single source; the heat, our estimate. */
enum Pace: string
{
    case Hot = 'hot';
    case Medium = 'medium';
    case Slow = 'slow';

    /** Of the heat that its family looks for. */
    public function times(): float
    {
        return match ($this) {
            self::Hot => 1.7,
            self::Medium => 1.0,
            self::Slow => 0.18,
        };
    }

    public function fact(): Fact
    {
        return Fact::of("pace.$this->value");
    }
}
