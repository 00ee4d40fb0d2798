<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A photo of the plate.
 *
 * @property int $cook_id
 * @property string $jpeg
 */
final class CookPhoto extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'cook_id';

    protected $guarded = [];
}
