<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * An address that somebody gave and has not shown to be theirs yet, with what is to be done then.
 *
 * @property int $id
 * @property int|null $user_id whose address it is to be
 * @property string $token sha256 of the one in the link
 * @property 'open'|'join'|'me' $for
 * @property string $email
 * @property array<string, mixed> $document velko.new-kitchen/1 or velko.join/1, its password hashed; empty for an address of one's own
 * @property \Carbon\CarbonImmutable $expires_at
 */
final class AddressToConfirm extends Model
{
    protected $table = 'addresses_to_confirm';

    public $timestamps = false;

    protected $guarded = ['id'];

    protected function casts(): array
    {
        return ['document' => 'encrypted:array', 'expires_at' => 'immutable_datetime'];
    }
}
