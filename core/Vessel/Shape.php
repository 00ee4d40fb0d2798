<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** What a pan is made for, read off its measures (our limits; the uses are common practice, no single source). */
enum Shape
{
    /** Wide and low: a thin layer that dries out. */
    case Flat;

    /** A sautoir or a rondeau: room to stir. */
    case Broad;

    /** A pot. */
    case Deep;

    /** A pan is flat if its wall is lower than this share of its base. */
    private const FLAT = 0.2;

    /** A pan is deep from this height on, as a share of its base. */
    private const DEEP = 0.6;

    public static function of(Pan $pan): self
    {
        return match (true) {
            $pan->height < self::FLAT * $pan->base => self::Flat,
            $pan->height > self::DEEP * $pan->base => self::Deep,
            default => self::Broad,
        };
    }
}
