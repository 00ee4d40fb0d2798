<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a cook tells of its ring and its rice: made from its events, and made again where those have grown.
 *
 * @property int $cook_id
 * @property string $made_from
 * @property array<string, mixed>|null $document null where it tells nothing
 */
final class Lesson extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'cook_id';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['document' => 'array'];
    }
}
