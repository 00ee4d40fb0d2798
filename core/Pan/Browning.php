<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** What the floor of a pan rice looks like when it is scraped up. */
enum Browning: string
{
    case Pale = 'pale';
    case Gold = 'gold';
    case Dark = 'dark';
    case Burnt = 'burnt';

    /** @param  float  $minutes  at 150 °C */
    public static function of(float $minutes): self
    {
        return match (true) {
            $minutes < Crust::SHOWS => self::Pale,
            $minutes < Crust::DARK => self::Gold,
            $minutes < Crust::BURNT => self::Dark,
            default => self::Burnt,
        };
    }
}
