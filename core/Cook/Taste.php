<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

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

    /** "Nearly" begins so many minutes at 100 °C below the window; below that it is crunchy. */
    private const NEARLY = 3.0;

    /**
     * The doneness that a tooth finds, minutes at 100 °C: what was thought, where that would be called so anyway, or else
     * the nearest that would.
     *
     * @param  float  $thought  minutes at 100 °C
     */
    public function doneness(Window $window, float $thought): float
    {
        [$from, $to] = $this->range($window);

        return max($from, min($to, $thought));
    }

    /** @return array{float, float} minutes at 100 °C between which it is called so; -INF and INF if there is no end to it */
    public function range(Window $window): array
    {
        return match ($this) {
            self::Crunchy => [-INF, $window->rightFrom() - self::NEARLY],
            self::Nearly => [$window->rightFrom() - self::NEARLY, $window->rightFrom()],
            self::Right => [$window->rightFrom(), $window->rightTo()],
            self::Soft => [$window->rightTo(), INF],
        };
    }
}
