<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Velko\Core\Safety\Diet;

/**
 * @property int $id
 * @property string $name
 * @property string $family
 * @property int $rice_id
 * @property int $stock_id
 * @property float $grams_main
 * @property float $grams_starter
 * @property float $wine_ml_per_80_g
 * @property string $doses
 * @property string $stirring
 * @property bool $sealed
 * @property string $toast
 * @property bool $rinsed
 * @property float $soak_min
 * @property string $pace
 * @property string $cover
 * @property float $wine_percent by volume
 * @property bool $wine_cooked_off
 * @property float $butter_c °C as it is beaten in
 * @property string $fat of the base and of toasting
 * @property bool $rained_in
 * @property bool $base_apart
 * @property float|null $oven_c °C
 * @property float|null $part_cooked_share of its minutes, that it is cooked ahead; null: it is cooked in one go
 * @property float $part_cooked_mm deep that it is spread to cool then
 * @property bool $two_pours
 * @property bool $finish_on_the_heat
 * @property bool|null $plated null: as its family is
 * @property float $cream_g_per_80_g
 * @property float $marrow_g_per_80_g
 * @property float $oil_g_per_80_g
 * @property float $finish_min
 * @property float $rest_min
 * @property bool $rest_covered
 * @property float $looseness
 * @property 'none'|'gold'|'dark' $crust
 * @property string $crust_school
 * @property float $minutes_to_table
 * @property float|null $sodium_most_mg
 * @property string $finish
 * @property float $butter_g_per_80_g
 * @property bool $butter_salted
 * @property float $cheese_g_per_80_g
 * @property Diet $diet who it is meant for
 * @property string $garnish
 * @property string $instructions of the recipe that it came from, in its own words
 * @property \Illuminate\Database\Eloquent\Collection<int, DishIngredient> $ingredients
 * @property \Illuminate\Database\Eloquent\Collection<int, DishSideWork> $sideWorks
 * @property \Illuminate\Database\Eloquent\Collection<int, DishVersion> $versions
 * @property Rice $rice
 * @property Stock $stock
 */
final class Dish extends Model
{
    use BelongsToKitchen;
    use HasOwnNumbers;
    use SoftDeletes;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return [
            'grams_main' => 'float', 'grams_starter' => 'float', 'wine_ml_per_80_g' => 'float',
            'sealed' => 'boolean', 'finish_min' => 'float', 'rest_min' => 'float', 'rest_covered' => 'boolean',
            'looseness' => 'float', 'minutes_to_table' => 'float', 'sodium_most_mg' => 'float', 'rinsed' => 'boolean', 'soak_min' => 'float', 'wine_percent' => 'float', 'wine_cooked_off' => 'boolean', 'butter_c' => 'float',
            'rained_in' => 'boolean', 'base_apart' => 'boolean', 'oven_c' => 'float', 'part_cooked_share' => 'float', 'part_cooked_mm' => 'float', 'two_pours' => 'boolean', 'finish_on_the_heat' => 'boolean', 'plated' => 'boolean', 'cream_g_per_80_g' => 'float', 'marrow_g_per_80_g' => 'float', 'oil_g_per_80_g' => 'float',
            'butter_g_per_80_g' => 'float', 'butter_salted' => 'boolean', 'cheese_g_per_80_g' => 'float', 'diet' => Diet::class,
        ];
    }

    /** @return HasMany<DishIngredient, $this> */
    public function ingredients(): HasMany
    {
        $ingredients = $this->hasMany(DishIngredient::class);
        $ingredients->orderBy('position');

        return $ingredients;
    }

    /** @return HasMany<DishSideWork, $this> */
    public function sideWorks(): HasMany
    {
        $works = $this->hasMany(DishSideWork::class);
        $works->orderBy('position');

        return $works;
    }

    /** @return HasMany<DishVersion, $this> newest first */
    public function versions(): HasMany
    {
        $versions = $this->hasMany(DishVersion::class);
        $versions->orderByDesc('number');

        return $versions;
    }

    /** @return BelongsTo<Rice, $this> */
    public function rice(): BelongsTo
    {
        return $this->belongsTo(Rice::class);
    }

    /** @return BelongsTo<Stock, $this> */
    public function stock(): BelongsTo
    {
        return $this->belongsTo(Stock::class);
    }
}
