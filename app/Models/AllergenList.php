<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Velko\Core\Safety\Allergen;

/**
 * Allergens in one column, by name, commas between; empty is none of them, null is that nobody has said.
 *
 * @implements CastsAttributes<list<Allergen>|null, list<Allergen>|null>
 */
final class AllergenList implements CastsAttributes
{
    /** @return list<Allergen>|null */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        return match (true) {
            ! is_string($value) => null,
            $value === '' => [],
            default => array_map(Allergen::from(...), explode(',', $value)),
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        /** @var list<Allergen>|null $value */
        return $value === null ? null : implode(',', array_map(static fn (Allergen $allergen): string => $allergen->value, $value));
    }
}
