<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Velko\Core\Mise\ReadyBy;

/**
 * @property int $position
 * @property string $what
 * @property ReadyBy $ready
 * @property float $takes_min
 * @property float $hands_min
 * @property bool $ahead
 * @property int|null $needs position of what must be ready before this is begun
 * @property float $drinks_ml_per_80_g of the hot stock, carried into the pan with it
 * @property float $gives_ml_per_80_g of its own liquor, to the stock
 * @property bool $on_ring stands on a ring of its own
 */
final class DishSideWork extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['ready' => ReadyBy::class, 'takes_min' => 'float', 'hands_min' => 'float', 'ahead' => 'boolean', 'needs' => 'integer', 'drinks_ml_per_80_g' => 'float', 'gives_ml_per_80_g' => 'float', 'on_ring' => 'boolean'];
    }
}
