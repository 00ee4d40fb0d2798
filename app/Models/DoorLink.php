<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link that lets somebody new in, or sets a forgotten password; used once.
 *
 * @property int $id
 * @property int|null $user_id whose password it sets
 * @property Role|null $role of whom it lets in
 * @property string|null $email
 * @property string $token SHA-256 of what stands in the link
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 * @property User|null $user
 */
final class DoorLink extends Model
{
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected $hidden = ['token'];

    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return Builder<self> of those that still open something */
    public static function open(): Builder
    {
        return self::query()->where('used_at', null)->where('expires_at', '>', CarbonImmutable::now());
    }
}
