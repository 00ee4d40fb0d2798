<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $salt_percent
 * @property float $held_at_c
 */
final class Stock extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['salt_percent' => 'float', 'held_at_c' => 'float'];
    }
}
