<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

use Velko\Core\Pan\Crust;

/** How dark the floor of a pan rice is wanted. */
enum CrustWish: string
{
    case None = 'none';
    case Gold = 'gold';
    case Dark = 'dark';

    /** Browning aimed at, minutes at 150 °C. */
    public function browning(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Gold => Crust::GOLD,
            self::Dark => Crust::DARK,
        };
    }

    /** The darkest that still counts, minutes at 150 °C: what is to be gold is nowhere dark, what is to be dark not half-way to burnt. */
    public function darkest(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Gold => Crust::DARK,
            self::Dark => (Crust::DARK + Crust::BURNT) / 2,
        };
    }

    /** The palest that still counts, minutes at 150 °C. */
    public function palest(): float
    {
        return $this->browning() * Crust::SHOWS / Crust::GOLD;
    }
}
