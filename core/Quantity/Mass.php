<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A mass, kept in grams; 0 to 1,000 kg. */
final readonly class Mass
{
    private const MAX_G = 1e6;

    private function __construct(public float $g)
    {
        if (! ($g >= 0.0 && $g <= self::MAX_G)) {
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
        return new self($number * $unit->factor());
    }

    /** "320 g" or "1.45 kg". */
    public function metric(): string
    {
        return $this->g < 999.5 ? Rounding::plain($this->g, 0).' g' : Rounding::plain($this->g / 1000, 2).' kg';
    }

    /** "11.3 oz" or "3 lb 3 oz". */
    public function us(): string
    {
        $ounces = $this->g / Unit::Ounce->factor();
        if ($ounces < 16) {
            return Rounding::plain($ounces, 1).' oz';
        }
        $whole = (int) round($ounces);

        return intdiv($whole, 16).' lb'.($whole % 16 === 0 ? '' : ' '.($whole % 16).' oz');
    }
}
