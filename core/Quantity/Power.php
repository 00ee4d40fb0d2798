<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** Heat a second, kept in watts; 0 to 100 kW where it is written by hand, not negative where it is reckoned. */
final readonly class Power implements Quantity
{
    private const MAX_W = 1e5;

    private function __construct(public float $watts)
    {
        if (! ($watts >= 0.0 && is_finite($watts))) {
            throw OutOfRange::of('a power', $watts, 0, self::MAX_W, 'W');
        }
    }

    /** @throws OutOfRange */
    public static function of(float $number, Unit $unit): self
    {
        $value = $number * $unit->factor();

        return $value > self::MAX_W ? throw OutOfRange::of('a power', $value, 0, self::MAX_W, 'W') : new self($value);
    }

    /** @throws OutOfRange */
    public static function ofW(float $watts): self
    {
        return new self($watts);
    }

    /** "800 W" or "3.5 kW". */
    public function metric(): string
    {
        return $this->watts < 999.5 ? Rounding::plain($this->watts, 0).' W' : Rounding::plain($this->watts / 1000, 2).' kW';
    }

    /** "2,730 BTU/h". */
    public function us(): string
    {
        return number_format(round($this->watts / Unit::BtuPerHour->factor(), -1)).' BTU/h';
    }
}
