<?php

declare(strict_types=1);

namespace Velko\Core\Family;

use InvalidArgumentException;

final class NoSuchFamily extends InvalidArgumentException
{
    public static function named(string $name): self
    {
        return new self("There is no family \"$name\": it must be one of ".implode(', ', array_keys(Families::all())).'.');
    }
}
