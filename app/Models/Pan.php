<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property int $id
 * @property string $name
 * @property float $base_cm
 * @property float $rim_cm
 * @property float $height_cm
 * @property float $metal_j_per_k
 * @property float|null $weight_g empty
 */
final class Pan extends Model
{
    use BelongsToKitchen;
    use SoftDeletes;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['base_cm' => 'float', 'rim_cm' => 'float', 'height_cm' => 'float', 'metal_j_per_k' => 'float', 'weight_g' => 'float'];
    }
}
