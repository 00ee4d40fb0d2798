<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A temperature, kept in °C; −60 to 400 where it is written by hand. */
final readonly class Temperature implements Quantity
{
    private const MIN_C = -60.0;

    private const MAX_C = 400.0;

    private function __construct(public float $celsius)
    {
        if (! is_finite($celsius)) {
            throw OutOfRange::of('a temperature', $celsius, self::MIN_C, self::MAX_C, '°C');
        }
    }

    /** @throws OutOfRange */
    public static function of(float $number, Unit $unit): self
    {
        $celsius = $unit === Unit::Fahrenheit ? ($number - 32) * $unit->factor() : $number;

        return $celsius >= self::MIN_C && $celsius <= self::MAX_C ? new self($celsius) : throw OutOfRange::of('a temperature', $celsius, self::MIN_C, self::MAX_C, '°C');
    }

    /** @throws OutOfRange */
    public static function ofC(float $celsius): self
    {
        return new self($celsius);
    }

    /** "84 °C", "62.5 °C". */
    public function metric(): string
    {
        return Rounding::plain($this->celsius, 1).' °C';
    }

    /** "183 °F". */
    public function us(): string
    {
        return Rounding::plain($this->celsius / Unit::Fahrenheit->factor() + 32, 0).' °F';
    }
}
