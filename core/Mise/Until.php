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
    case Wilted = 'wilted';
    case Golden = 'golden';
    case Through = 'through';
    case Firm = 'firm';
    case Open = 'open';
    case Tender = 'tender';
    case PressedOut = 'pressed-out';
    case Seconds = 'seconds';

    /** Where nobody says how long: min, the middle of what cooks usually give it. */
    public function minutes(): float
    {
        return match ($this) {
            self::Seconds => 0.5,
            self::Fragrant => 1.0,
            self::Wilted, self::Through, self::Firm, self::PressedOut => 2.0,
            self::Glassy, self::Golden => 3.0,
            self::Soft => 4.0,
            self::FatRuns, self::Open => 5.0,
            self::DryAgain => 7.0,
            self::Brown => 12.0,
            self::Dark => 25.0,
            self::Tender => 55.0,
        };
    }

    /** Net heat over the floor, W/m²: what is to brown stands hot, what is to keep its colour does not. */
    public function heat(): float
    {
        return match ($this) {
            self::Brown, self::DryAgain, self::Open, self::Firm => Toasting::Quick->heat(),
            self::FatRuns, self::Glassy, self::Fragrant, self::Golden, self::Through, self::PressedOut, self::Seconds => Toasting::Medium->heat(),
            self::Soft, self::Dark, self::Wilted, self::Tender => Toasting::Slow->heat(),
        };
    }

    public function fact(): Fact
    {
        return Fact::of("until.$this->value");
    }
}
