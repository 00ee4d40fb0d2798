<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A volume of liquid, kept in millilitres; 0 to 1,000 L where it is written by hand, not negative where it is reckoned. */
final readonly class Volume implements Quantity
{
    private const MAX_ML = 1e6;

    private function __construct(public float $ml)
    {
        if (! ($ml >= 0.0 && is_finite($ml))) {
            throw OutOfRange::of('a volume', $ml, 0, self::MAX_ML, 'ml');
        }
    }

    /** @throws OutOfRange */
    public static function ofMl(float $ml): self
    {
        return new self($ml);
    }

    /** @throws OutOfRange */
    public static function of(float $number, Unit $unit): self
    {
        $value = $number * $unit->factor();

        return $value > self::MAX_ML ? throw OutOfRange::of('a volume', $value, 0, self::MAX_ML, 'ml') : new self($value);
    }

    /** "180 mL" or "1.25 L". */
    public function metric(): string
    {
        return $this->ml < 999.5 ? Rounding::plain($this->ml, 0).' mL' : Rounding::plain($this->ml / 1000, 2).' L';
    }

    /** "6.1 fl oz" below a cup, "1 ¼ cups" up to a quart, "2.3 qt" above. */
    public function us(): string|Fact
    {
        $cups = $this->ml / Unit::Cup->factor();
        if ($cups < 1) {
            return Rounding::plain($this->ml / Unit::FluidOunce->factor(), 1).' fl oz';
        }
        if ($cups < 8) {
            return Fact::of('unit.cups', cups: Rounding::quarters($cups), many: $cups >= 1.125);
        }

        return Rounding::plain($this->ml / Unit::Quart->factor(), 1).' qt';
    }
}
