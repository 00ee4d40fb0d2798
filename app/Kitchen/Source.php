<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\OwnNumber;

/** Where a number of the kitchen comes from. */
enum Source: string
{
    case Guessed = 'guessed';
    case Measured = 'measured';
    case Learned = 'learned';
    case Pinned = 'pinned';

    public static function of(?OwnNumber $own, bool $isMeasured): self
    {
        return match (true) {
            $own !== null => $own->cooks === null ? self::Pinned : self::Learned,
            default => $isMeasured ? self::Measured : self::Guessed,
        };
    }
}
