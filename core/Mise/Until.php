<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Method\Toasting;
use Velko\Core\Quantity\Fact;

/** The sign by which a part of the base is ready for what comes next. Common practice, no single source. */
enum Until: string
{
    case Fragrant = 'fragrant';
    case Glassy = 'glassy';
    case Soft = 'soft';
    case FatRuns = 'fat-runs';
    case DryAgain = 'dry-again';
    case Brown = 'brown';
    case Dark = 'dark';

    /** Where nobody says how long: min, the middle of what cooks usually give it. */
    public function minutes(): float
    {
        return match ($this) {
            self::Fragrant => 1.0,
            self::Glassy => 3.0,
            self::Soft => 4.0,
            self::FatRuns => 5.0,
            self::DryAgain => 7.0,
            self::Brown => 12.0,
            self::Dark => 25.0,
        };
    }

    /** Net heat over the floor, W/m²: what is to brown stands hot, what is to keep its colour does not. */
    public function heat(): float
    {
        return match ($this) {
            self::Brown, self::DryAgain => Toasting::Quick->heat(),
            self::FatRuns, self::Glassy, self::Fragrant => Toasting::Medium->heat(),
            self::Soft, self::Dark => Toasting::Slow->heat(),
        };
    }

    public function fact(): Fact
    {
        return Fact::of("until.$this->value");
    }
}
