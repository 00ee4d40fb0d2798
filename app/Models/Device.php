<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as SignsIn;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A scale, a probe or a knob at one ring. It signs in with its key and reaches nothing but its own ring.
 *
 * @property int $id
 * @property int $burner_id
 * @property string $name
 * @property DeviceKind $kind
 * @property string|null $api_token SHA-256 of its key
 * @property float|null $value g or °C, as read last
 * @property string|null $mark where the knob stood last
 * @property int|null $read_at ms since 1970 UTC, by the device
 * @property Burner $burner
 */
final class Device extends Model implements SignsIn
{
    use Authenticatable;
    use BelongsToKitchen;

    protected $guarded = ['id'];

    protected $hidden = ['api_token'];

    protected function casts(): array
    {
        return ['kind' => DeviceKind::class, 'value' => 'float', 'read_at' => 'integer'];
    }

    /** @return BelongsTo<Burner, $this> */
    public function burner(): BelongsTo
    {
        return $this->belongsTo(Burner::class);
    }

    /** A new key; the one before opens nothing any more. Told this once. */
    public function newKey(): string
    {
        $key = bin2hex(random_bytes(24));
        $this->forceFill(['api_token' => hash('sha256', $key)])->save();

        return $key;
    }
}
