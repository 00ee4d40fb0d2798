<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Velko\Core\Safety\Allergen;

/**
 * Allergens in one column, by name, commas between.
 *
 * @implements CastsAttributes<list<Allergen>, list<Allergen>>
 */
final class AllergenList implements CastsAttributes
{
    /** @return list<Allergen> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return is_string($value) && $value !== '' ? array_map(Allergen::from(...), explode(',', $value)) : [];
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        /** @var list<Allergen> $value */
        return implode(',', array_map(static fn (Allergen $allergen): string => $allergen->value, $value));
    }
}
