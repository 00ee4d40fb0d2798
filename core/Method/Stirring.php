<?php

declare(strict_types=1);

namespace Velko\Core\Method;

enum Stirring: string
{
    case Constant = 'constant';
    case NowAndThen = 'now-and-then';
    case Never = 'never';

    /** Share of the time that the spoon moves, 0 to 1: also the hands it needs (common practice, no single source). */
    public function share(): float
    {
        return match ($this) {
            self::Constant => 1.0,
            self::NowAndThen => 0.4,
            self::Never => 0.0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Constant => 'stir all the time',
            self::NowAndThen => 'stir now and then',
            self::Never => 'leave it alone',
        };
    }
}
