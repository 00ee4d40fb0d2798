<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A mass, kept in grams; 0 to 1,000 kg where it is written by hand, not negative where it is reckoned. */
final readonly class Mass implements Quantity
{
    private const MAX_G = 1e6;

    /** Less than this is read to a tenth of a gram, in ounces too: no kitchen scale shows a hundredth of an ounce. */
    private const LITTLE_G = 10.0;

    private function __construct(public float $g)
    {
        if (! ($g >= 0.0 && is_finite($g))) {
            throw OutOfRange::of('a mass', $g, 0, self::MAX_G, 'g');
        }
    }

    /** @throws OutOfRange */
    public static function ofG(float $g): self
    {
        return new self($g);
    }

    /** @throws OutOfRange */
    public static function of(float $number, Unit $unit): self
    {
        $value = $number * $unit->factor();

        return $value > self::MAX_G ? throw OutOfRange::of('a mass', $value, 0, self::MAX_G, 'g') : new self($value);
    }

    /** "3.4 g", "320 g" or "1.45 kg". */
    public function metric(): string
    {
        return $this->g < self::LITTLE_G ? Rounding::plain($this->g, 1).' g' : $this->kilos();
    }

    private function kilos(): string
    {
        return $this->g < 999.5 ? Rounding::plain($this->g, 0).' g' : Rounding::plain($this->g / 1000, 2).' kg';
    }

    /** "3.4 g", "11.3 oz" or "3 lb 3 oz". */
    public function us(): string
    {
        if ($this->g < self::LITTLE_G) {
            return $this->metric();
        }
        $ounces = $this->g / Unit::Ounce->factor();
        if ($ounces < 16) {
            return Rounding::plain($ounces, 1).' oz';
        }
        $whole = (int) round($ounces);

        return intdiv($whole, 16).' lb'.($whole % 16 === 0 ? '' : ' '.($whole % 16).' oz');
    }
}
