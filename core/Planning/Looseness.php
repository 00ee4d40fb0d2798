<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** How a risotto lies on a tilted plate: free liquid per raw rice, g/g, in the trade's words (our scale). */
enum Looseness: string
{
    case Stands = 'stands';
    case SlowSlump = 'slow slump';
    case Wave = 'wave';
    case VeryLoose = 'very loose';

    public function value(): float
    {
        return match ($this) {
            self::Stands => 0.45,
            self::SlowSlump => 0.65,
            self::Wave => 0.85,
            self::VeryLoose => 1.10,
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
        };
    }

    public static function nearest(float $value): self
    {
        $cases = self::cases();
        usort($cases, static fn (self $a, self $b): int => abs($a->value() - $value) <=> abs($b->value() - $value));

        return $cases[0];
    }
}
