<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Quantity\Fact;

/** How the grain is toasted in fat before the first liquid. Common practice, no single source; the temperatures are our estimate. */
enum Toasting: string
{
    case Quick = 'quick';
    case Medium = 'medium';
    case Slow = 'slow';

    /** The minutes on the fire. */
    public function minutes(): float
    {
        return match ($this) {
            self::Quick => 1.5,
            self::Medium => 3.0,
            self::Slow => 5.0,
        };
    }

    /** Grain and metal when the first liquid comes, °C: slowly toasted, the heart is as hot as the stock. */
    public function grain(): float
    {
        return match ($this) {
            self::Quick => 85.0,
            self::Medium, self::Slow => 100.0,
        };
    }

    /** Net heat over the floor, W/m². */
    public function heat(): float
    {
        return match ($this) {
            self::Quick => 22000.0,
            self::Medium => 15000.0,
            self::Slow => 8500.0,
        };
    }

    /** The sign of well-toasted grain. */
    public function fact(): Fact
    {
        return Fact::of("toast.$this->value");
    }
}
