<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

use Velko\Core\Method\Family;
use Velko\Core\Quantity\Fact;

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
    public function fact(): Fact
    {
        return Fact::of('plate.'.str_replace(' ', '-', $this->value));
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
