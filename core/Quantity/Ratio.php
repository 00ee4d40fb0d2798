<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** Liquid to raw rice, kept in mL/g; not negative. */
final readonly class Ratio implements Quantity
{
    private function __construct(public float $mlPerG)
    {
        if (! ($mlPerG >= 0.0 && is_finite($mlPerG))) {
            throw OutOfRange::of('a ratio', $mlPerG, 0, INF, 'mL/g');
        }
    }

    /** @throws OutOfRange */
    public static function of(float $mlPerG): self
    {
        return new self($mlPerG);
    }

    /** "4.6 mL to a gram". */
    public function metric(): Fact
    {
        return Fact::of('unit.ml-to-a-gram', ratio: Rounding::plain($this->mlPerG, 1));
    }

    /** "4.4 fl oz to an ounce". */
    public function us(): Fact
    {
        return Fact::of('unit.fl-oz-to-an-ounce', ratio: Rounding::plain($this->mlPerG * Unit::Ounce->factor() / Unit::FluidOunce->factor(), 1));
    }
}
