<?php

declare(strict_types=1);

namespace App\Contracts;

use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Blend;

/** The parts of a stock, as in stock-part.json. */
final class BlendDocument
{
    /** @param  non-empty-list<array{name: string, percent: int|float, salt_percent: int|float, base: string|null, allergens: list<string>|null}>  $parts  held to their schema */
    public static function read(array $parts): Blend
    {
        return new Blend(array_map(static fn (array $part): array => [
            'share' => $part['percent'] / 100,
            'salt' => (float) $part['salt_percent'],
            'base' => $part['base'] === null ? null : Base::from($part['base']),
            'allergens' => $part['allergens'] === null ? null : array_map(Allergen::from(...), $part['allergens']),
        ], $parts));
    }
}
