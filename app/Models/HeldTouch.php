<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A touch of somebody who was removed before it came.
 *
 * @property int $id
 * @property int $cook_id
 * @property int $user_id who made it
 * @property string $uuid
 * @property array<string, mixed> $touch the row of cook_events that it would be
 * @property User $user
 * @property Cook $cook
 */
final class HeldTouch extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['touch' => 'array'];
    }

    /** @return BelongsTo<Cook, $this> */
    public function cook(): BelongsTo
    {
        return $this->belongsTo(Cook::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
