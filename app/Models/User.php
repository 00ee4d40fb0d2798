<?php

declare(strict_types=1);

namespace App\Models;

use App\Words\Units;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Somebody of a kitchen. Who was taken away has left_at and no e-mail; the name stays in the log.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property Role $role
 * @property string|null $email
 * @property string $password
 * @property string|null $pin
 * @property 'metric'|'us'|null $units
 * @property '12'|'24'|null $clock
 * @property int|null $signed_out_at ms since 1970 UTC
 * @property CarbonImmutable|null $left_at
 * @property Kitchen $kitchen
 */
final class User extends Authenticatable
{
    /** @use HasFactory<\Database\Factories\UserFactory> */
    use HasFactory;

    /** Who stands at this user's tablet now, where that is another. */
    public ?self $hand = null;

    protected $guarded = ['id'];

    protected $attributes = ['pin' => null, 'units' => null, 'clock' => null, 'signed_out_at' => null, 'left_at' => null, 'remember_token' => null];

    protected $hidden = ['password', 'pin', 'remember_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'pin' => 'hashed', 'role' => Role::class, 'signed_out_at' => 'integer', 'left_at' => 'immutable_datetime'];
    }

    /** What may be done here now: no more than whoever is signed in may, and no more than whose hands are at the tablet. */
    public function may(): Role
    {
        return $this->role->atMost($this->hand?->role);
    }

    /** Who says what is said at this tablet now. */
    public function says(): self
    {
        return $this->hand ?? $this;
    }

    /** @return 'metric'|'us' */
    public function units(): string
    {
        return $this->units ?? $this->kitchen->units;
    }

    /** In which this person reads what the engine says. */
    public function words(): Words
    {
        return new Words(Units::from($this->units()));
    }

    /** @return BelongsTo<Kitchen, $this> */
    public function kitchen(): BelongsTo
    {
        return $this->belongsTo(Kitchen::class);
    }

    /** @return Builder<self> of those who were not taken away */
    public static function here(): Builder
    {
        return self::query()->where('left_at', null);
    }
}
