<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One mark on a knob.
 *
 * @property int $id
 * @property int $burner_id
 * @property string $mark
 * @property float $share of the rated power, 0 to 1
 * @property float|null $net_w measured by a boil-off test, or null
 * @property int $position
 */
final class BurnerSetting extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['share' => 'float', 'net_w' => 'float', 'position' => 'integer'];
    }
}
