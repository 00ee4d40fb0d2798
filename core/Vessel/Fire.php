<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** What heats a pan. What is no knob falls by itself, and is never twice the same. */
enum Fire: string
{
    case Gas = 'gas';
    case Induction = 'induction';
    case SolidTop = 'top';
    case Charcoal = 'charcoal';
    case Wood = 'wood';

    /** Share of the rated power that ends in the pan, until a boil-off test has measured it; from memory, common figures. */
    public function efficiency(): float
    {
        return match ($this) {
            self::Gas => 0.40,
            self::Induction => 0.80,
            self::SolidTop => 0.35,
            self::Charcoal => 0.25,
            self::Wood => 0.15,
        };
    }

    /** Share of its heat that it loses a minute, left alone: stoked wood has half in about 23 minutes, charcoal in 46 (our estimates). */
    public function fades(): float
    {
        return match ($this) {
            self::Wood => 0.03,
            self::Charcoal => 0.015,
            default => 0.0,
        };
    }

    /** How well its marks tell what it gives, one standard deviation as a share (our estimates). */
    public function spread(): float
    {
        return match ($this) {
            self::Gas, self::Induction => 0.20,
            self::SolidTop => 0.25,
            self::Charcoal => 0.30,
            self::Wood => 0.40,
        };
    }

    /** Share of its heat that each m/s of wind blows past the pan (our estimate). */
    public function blownPast(): float
    {
        return match ($this) {
            self::Gas, self::Wood, self::Charcoal => 0.10,
            self::Induction, self::SolidTop => 0.0,
        };
    }

    /** Whether it burns in the open: smoke, embers and carbon monoxide. */
    public function isOpen(): bool
    {
        return $this === self::Wood || $this === self::Charcoal;
    }

    /** Whether a knob is turned. */
    public function hasAKnob(): bool
    {
        return $this === self::Gas || $this === self::Induction;
    }
}
