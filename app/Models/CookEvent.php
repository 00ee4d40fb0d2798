<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use LogicException;

/**
 * One touch at the stove. Append-only: the table refuses changes, this class does so earlier and in words.
 *
 * @property int $id
 * @property int $cook_id
 * @property int $user_id
 * @property string $uuid
 * @property 'start'|'done'|'pour'|'splash'|'lift'|'heat'|'lid'|'sign'|'not-yet'|'taste'|'weigh'|'beside'|'trouble'|'undo'|'verdict'|'back-on'|'abandon' $kind
 * @property array<string, mixed> $payload velko cook-event
 * @property int $device_at ms since 1970 UTC
 * @property bool $out_of_time its clock cannot be right: it is kept and not counted
 * @property string|null $said_by
 * @property User $user
 * @property int $server_at ms since 1970 UTC
 */
final class CookEvent extends Model
{
    use BelongsToKitchen;

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['payload' => 'array', 'device_at' => 'integer', 'server_at' => 'integer', 'out_of_time' => 'boolean'];
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

    /** Who said it, by name. */
    public function by(): string
    {
        return $this->said_by ?? $this->user->name;
    }

    protected static function booted(): void
    {
        $refuse = static fn () => throw new LogicException('Cook events are only ever added; take one back with another event.');
        self::updating($refuse);
        self::deleting($refuse);
        // Its line in the log is of before.
        self::created(static fn (self $event) => LogLine::query()->withoutGlobalScopes()->where('cook_id', $event->cook_id)->delete());
    }
}
