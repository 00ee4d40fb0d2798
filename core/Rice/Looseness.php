<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

use Velko\Core\Quantity\Fact;

/** How rice lies on the plate: free liquid per raw rice, g/g, in the trade's words (our scale). */
enum Looseness: string
{
    case Stands = 'stands';
    case SlowSlump = 'slow slump';
    case Wave = 'wave';
    case VeryLoose = 'very loose';
    case Creamy = 'creamy';
    case Loose = 'loose';
    case Soup = 'soup';
    case Dry = 'dry';
    case Moist = 'moist';

    public function value(): float
    {
        return match ($this) {
            self::Stands => 0.45,
            self::SlowSlump => 0.65,
            self::Wave => 0.85,
            self::VeryLoose => 1.10,
            self::Creamy => 1.8,
            self::Loose => 3.0,
            self::Soup => 4.5,
            self::Dry => 0.0,
            self::Moist => 0.2,
        };
    }

    /** What it does on the plate. */
    public function fact(): Fact
    {
        return Fact::of('plate.'.str_replace(' ', '-', $this->value));
    }
}
