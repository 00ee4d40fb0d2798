<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Part;

/**
 * @property int $id
 * @property string $name
 * @property float $salt_percent
 * @property float $held_at_c
 * @property Base $base
 * @property float|null $batch_ml
 * @property list<Allergen>|null $allergens without those its base brings; null: nobody has said
 */
final class Stock extends Model
{
    use BelongsToKitchen;
    use SoftDeletes;

    protected $guarded = ['id'];

    /** @return list<Allergen> with those its base brings */
    public function allAllergens(): array
    {
        return array_values(array_unique([...$this->base->brings(), ...$this->allergens ?? []], SORT_REGULAR));
    }

    /** As far as it concerns who may eat it. */
    public function part(): Part
    {
        return new Part($this->name, $this->base->suits(), $this->allAllergens(), complete: $this->allergens !== null);
    }

    protected function casts(): array
    {
        return ['salt_percent' => 'float', 'held_at_c' => 'float', 'base' => Base::class, 'batch_ml' => 'float', 'allergens' => AllergenList::class];
    }

    /** @return HasMany<Dish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(Dish::class);
    }
}
