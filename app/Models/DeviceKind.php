<?php

declare(strict_types=1);

namespace App\Models;

/** What can stand at a ring and speak for itself; the values are the first word of its lines. */
enum DeviceKind: string
{
    case Scale = 'scale';
    case Probe = 'probe';
    case Knob = 'knob';

    /** What it reads is written in, or null where it reads no number. */
    public function unit(): ?string
    {
        return match ($this) {
            self::Scale => 'g',
            self::Probe => 'C',
            self::Knob => null,
        };
    }

    /** @return array{float, float} the least and the most that can be meant, g or °C */
    public function range(): array
    {
        return match ($this) {
            self::Scale => [0.0, 200000.0],
            self::Probe => [-40.0, 400.0],
            self::Knob => [0.0, 0.0],
        };
    }
}
