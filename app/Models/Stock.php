<?php

declare(strict_types=1);

namespace App\Models;

use App\Contracts\BlendDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Blend;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Part;

/**
 * @property int $id
 * @property string $name
 * @property float $salt_percent
 * @property float $held_at_c
 * @property Base $base
 * @property float|null $batch_ml
 * @property array{simmer_min: float, strained_percent: float, solids_g_per_l: float}|null $from_water how it is made on the day
 * @property non-empty-list<array{name: string, percent: float, salt_percent: float, base: string|null, allergens: list<string>|null}>|null $parts of a blend; salt, base and allergens follow from them
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
        return array_values(array_unique([...$this->blend()?->brings() ?? $this->base->brings(), ...$this->allergens ?? []], SORT_REGULAR));
    }

    public function blend(): ?Blend
    {
        return $this->parts === null ? null : BlendDocument::read($this->parts);
    }

    public function suits(): Diet
    {
        return $this->blend()?->suits() ?? $this->base->suits();
    }

    /** As far as it concerns who may eat it. */
    public function part(): Part
    {
        return new Part($this->name, $this->suits(), $this->allAllergens(), complete: $this->allergens !== null);
    }

    protected function casts(): array
    {
        return ['salt_percent' => 'float', 'held_at_c' => 'float', 'base' => Base::class, 'batch_ml' => 'float', 'from_water' => 'array', 'parts' => 'array', 'allergens' => AllergenList::class];
    }

    /** @return HasMany<Dish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(Dish::class);
    }
}
