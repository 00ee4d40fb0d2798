<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\Family;

/** How rice lies on the plate: free liquid per raw rice, g/g, in the trade's words (our scale). */
enum Looseness: string
{
    case Stands = 'stands';
    case SlowSlump = 'slow slump';
    case Wave = 'wave';
    case VeryLoose = 'very loose';
    case Creamy = 'creamy';
    case Loose = 'loose';
    case Soup = 'soup';
    case Dry = 'dry';
    case Moist = 'moist';

    /** @return non-empty-list<self> the words for a family, from tight to loose */
    public static function of(Family $family): array
    {
        return match ($family) {
            Family::Risotto => [self::Stands, self::SlowSlump, self::Wave, self::VeryLoose],
            Family::PanRice => [self::Dry, self::Moist],
            Family::SoupyRice => [self::Creamy, self::Loose, self::Soup],
        };
    }

    public function value(): float
    {
        return match ($this) {
            self::Stands => 0.45,
            self::SlowSlump => 0.65,
            self::Wave => 0.85,
            self::VeryLoose => 1.10,
            self::Creamy => 1.8,
            self::Loose => 3.0,
            self::Soup => 4.5,
            self::Dry => 0.0,
            self::Moist => 0.2,
        };
    }

    /** What it does on the plate. */
    public function sign(): string
    {
        return match ($this) {
            self::Stands => 'it stands on the plate',
            self::SlowSlump => 'it slumps slowly on the plate',
            self::Wave => 'it flows to the edge when the plate is tapped',
            self::VeryLoose => 'it runs to the edge by itself',
            self::Creamy => 'it falls from the spoon in one heap and spreads',
            self::Loose => 'the rice lies in its broth, a spoon stands up for a moment',
            self::Soup => 'a soup with rice in it',
            self::Dry => 'every grain by itself, the crust on top of the spoon',
            self::Moist => 'the grains still shine with liquid',
        };
    }

    public static function nearest(float $value, Family $family): self
    {
        $cases = self::of($family);
        usort($cases, static fn (self $a, self $b): int => abs($a->value() - $value) <=> abs($b->value() - $value));

        return $cases[0];
    }

    /** How far from what was asked a verdict may lie and still be what was wanted: one step of the family's scale, g/g. */
    public static function oneStep(Family $family): float
    {
        return match ($family) {
            Family::Risotto => 0.25,
            Family::PanRice => 0.1,
            Family::SoupyRice => 0.8,
        };
    }
}
