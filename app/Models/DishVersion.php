<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A dish as it once stood, whole: later changes to its rice or stock do not touch it.
 *
 * @property int $number
 * @property array<string, mixed> $document velko.dish/1
 * @property \Illuminate\Support\Carbon $created_at
 * @property User|null $user
 */
final class DishVersion extends Model
{
    use BelongsToKitchen;

    public const UPDATED_AT = null;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['document' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
