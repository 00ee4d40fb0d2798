<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;

enum Stirring: string
{
    case Constant = 'constant';
    case NowAndThen = 'now-and-then';
    case Never = 'never';

    /** Share of the time that the spoon moves, 0 to 1: also the hands it needs (common practice, no single source). */
    public function share(): float
    {
        return match ($this) {
            self::Constant => 1.0,
            self::NowAndThen => 0.4,
            self::Never => 0.0,
        };
    }

    public function fact(): Fact
    {
        return Fact::of("stirring.$this->value");
    }
}
