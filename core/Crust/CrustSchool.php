<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

/** The two schools of making the crust once the pan is dry. Common practice, no single source. */
enum CrustSchool: string
{
    case ShortAndHot = 'short-and-hot';
    case LongAndGentle = 'long-and-gentle';

    /** Net heat over the floor that the school looks for, W/m² (our estimate). */
    public function heat(): float
    {
        return match ($this) {
            self::ShortAndHot => 12000.0,
            self::LongAndGentle => 4000.0,
        };
    }
}
