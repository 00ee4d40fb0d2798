<?php

declare(strict_types=1);

namespace Velko\Core\Food;

use Velko\Core\Quantity\Fact;

/** When an ingredient goes in. Common practice, no single source. */
enum Goes: string
{
    case Base = 'base';
    case WithTheRice = 'with-the-rice';
    case AtMinute = 'at-minute';
    case NineTenthsGone = 'nine-tenths-gone';
    case LastTwoMinutes = 'last-two-minutes';
    case OnTop = 'on-top';

    /** Whether it is a step of its own at the pan: what is in the base is there before the rice, what goes on top comes after. */
    public function isAStep(): bool
    {
        return in_array($this, [self::AtMinute, self::NineTenthsGone, self::LastTwoMinutes], true);
    }

    /** The sign that it is time. */
    public function fact(): Fact
    {
        return Fact::of("goes.$this->value");
    }
}
