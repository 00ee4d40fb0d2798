<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Rice\Window;

/** What the tooth says of a grain out of the pan. */
enum Taste: string
{
    case Crunchy = 'crunchy';
    case Nearly = 'nearly';
    case Right = 'right';
    case Soft = 'soft';

    /** How far off a tooth may be, one standard deviation, min (our estimate). */
    public const SPREAD = 1.5;

    /** Minutes at 100 °C of the middle of "nearly" below the window; of "crunchy", which is all before that; and of "soft" above it. */
    private const NEARLY = 1.5;

    private const CRUNCHY = 4.5;

    private const SOFT = 2.0;

    /** The doneness it stands for, minutes at 100 °C. */
    public function doneness(Window $window): float
    {
        return match ($this) {
            self::Crunchy => $window->low - self::CRUNCHY,
            self::Nearly => $window->low - self::NEARLY,
            self::Right => $window->middle(),
            self::Soft => $window->high + self::SOFT,
        };
    }

    /** Whether a grain of this doneness would be called so anyway: "crunchy" and "soft" are open to one side. */
    public function agrees(Window $window, float $doneness): bool
    {
        return match ($this) {
            self::Crunchy => $doneness <= $this->doneness($window),
            self::Soft => $doneness >= $this->doneness($window),
            default => false,
        };
    }
}
