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
 */
final class Rice extends Model
{
    use BelongsToKitchen;
    use SoftDeletes;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['window_low' => 'float', 'window_high' => 'float', 'grams_per_cup' => 'float'];
    }

    /** @return HasMany<Dish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(Dish::class);
    }
}
