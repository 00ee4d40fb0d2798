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

    /** The palest that still counts, minutes at 150 °C. */
    public function palest(): float
    {
        return $this->browning() * Crust::SHOWS / Crust::GOLD;
    }
}
