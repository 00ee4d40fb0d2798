<?php

declare(strict_types=1);

namespace Velko\Core\Method;

enum Stirring: string
{
    case Constant = 'constant';
    case NowAndThen = 'now-and-then';
    case Never = 'never';

    public function words(): string
    {
        return match ($this) {
            self::Constant => 'stir all the time',
            self::NowAndThen => 'stir now and then',
            self::Never => 'leave it alone',
        };
    }
}
