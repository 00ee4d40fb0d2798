<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Kitchen\TimeZone;
use App\Models\Kitchen;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** A kitchen of one's own, empty, with the cook who opens it as its chef. */
final class OpenKitchen
{
    private const ROOM_C = 24;

    /**
     * @param  array<string, mixed>  $document  velko.new-kitchen/1, held to its schema
     *
     * @return User|null null where the address has to be confirmed by mail first
     *
     * @throws BadDocument
     */
    public static function of(array $document): ?User
    {
        $email = Email::read($document['email']);
        TimeZone::check($document['timezone']);
        Password::check(is_string($document['password']) ? $document['password'] : '', $email);
        if (SendLinks::houseSendsMail()) {
            SendConfirmations::ask('open', $email, $document);

            return null;
        }

        return self::confirmed($document);
    }

    /**
     * @param  array<string, mixed>  $document  velko.new-kitchen/1 that was read before; its password may be hashed
     *
     * @throws BadDocument where the address has an account
     */
    public static function confirmed(array $document): User
    {
        $email = Email::read($document['email']);
        try {
            return DB::transaction(static function () use ($document, $email): User {
                $kitchen = Kitchen::query()->create(['name' => $document['kitchen'], 'altitude_m' => 0, 'room_c' => self::ROOM_C, 'timezone' => $document['timezone'], 'units' => 'metric']);

                return User::query()->create(['kitchen_id' => $kitchen->id, 'name' => $document['name'], 'role' => Role::Chef, 'email' => $email, 'password' => $document['password']]);
            }, attempts: 3);
        } catch (UniqueConstraintViolationException) {
            throw new BadDocument([new Fault('/email', 'has a kitchen already', 'email-known')]);
        }
    }
}
