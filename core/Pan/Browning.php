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

    /** How far two who look at one floor lie apart, one standard deviation of the logarithm (our estimate). */
    public const SPREAD = 0.25;

    /** Nobody tells less from none, minutes at 150 °C. */
    private const WHITE = 0.01;

    /** @return array{float, float} minutes at 150 °C that are called so; the last has no end */
    public function range(): array
    {
        return match ($this) {
            self::Pale => [self::WHITE, Crust::SHOWS],
            self::Gold => [Crust::SHOWS, Crust::DARK],
            self::Dark => [Crust::DARK, Crust::BURNT],
            self::Burnt => [Crust::BURNT, INF],
        };
    }

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
