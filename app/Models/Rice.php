<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property int $id
 * @property string $name
 * @property string $variety
 * @property float|null $window_low min; null takes the variety's
 * @property float|null $window_high min
 * @property float|null $grams_per_cup in the kitchen's own cup, level
 * @property float|null $boiled_raw_g boiled in plenty of water for its printed time
 * @property float|null $boiled_drained_g what it weighed then, drained
 */
final class Rice extends Model
{
    use BelongsToKitchen;
    use HasOwnNumbers;
    use SoftDeletes;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['window_low' => 'float', 'window_high' => 'float', 'grams_per_cup' => 'float', 'boiled_raw_g' => 'float', 'boiled_drained_g' => 'float'];
    }

    /** @return array{raw_g: float, drained_g: float}|null as in velko.rice/1 */
    public function boiled(): ?array
    {
        return $this->boiled_raw_g === null || $this->boiled_drained_g === null ? null : ['raw_g' => $this->boiled_raw_g, 'drained_g' => $this->boiled_drained_g];
    }

    /** @return HasMany<Dish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(Dish::class);
    }
}
