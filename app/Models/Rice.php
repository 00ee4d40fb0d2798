<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $variety
 * @property float|null $window_low min; null takes the variety's
 * @property float|null $window_high min
 */
final class Rice extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['window_low' => 'float', 'window_high' => 'float'];
    }
}
