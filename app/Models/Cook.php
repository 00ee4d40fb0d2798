<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One pan on the fire. Its state is nothing but its events.
 *
 * @property int $id
 * @property string $uuid
 * @property int $plan_id
 * @property int $user_id
 * @property \Carbon\CarbonImmutable $table_at as in its plan
 * @property \Carbon\CarbonImmutable $created_at
 * @property string|null $cooked_by
 * @property Plan $plan
 * @property User $user
 * @property \Illuminate\Database\Eloquent\Collection<int, CookEvent> $events
 */
final class Cook extends Model
{
    /** What its documents are made from. */
    public const WHOLE = ['plan', 'user', 'events.user', 'kitchen'];

    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['table_at' => 'immutable_datetime', 'created_at' => 'immutable_datetime'];
    }

    /** Who cooked, by name. */
    public function by(): string
    {
        return $this->cooked_by ?? $this->user->name;
    }

    public function getRouteKeyName(): string
    {
        return 'uuid';
    }

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    /** @return BelongsToMany<Firing, $this> what of a night it serves, each with its covers */
    public function firings(): BelongsToMany
    {
        return $this->belongsToMany(Firing::class)->withPivot('covers');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<CookEvent, $this> */
    public function events(): HasMany
    {
        $events = $this->hasMany(CookEvent::class);
        $events->orderBy('device_at')->orderBy('id');

        return $events;
    }
}
