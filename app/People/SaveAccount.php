<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;

/** What everybody changes of their own account. */
final class SaveAccount
{
    /**
     * @param  array<string, mixed>  $document  velko.me/1
     *
     * @throws BadDocument
     */
    public static function keep(User $user, array $document): void
    {
        $email = Email::read($document['email']);
        if ($email !== $user->email) {
            Password::mustBe($user, self::words($document['password'] ?? ''));
        }
        if ($email !== $user->email) {
            SendLinks::houseSendsMail() ? SendConfirmations::ask('me', $email, [], $user) : self::confirmed($user, $email);
        }
        $user->update(['name' => $document['name'], 'units' => $document['units'], 'clock' => $document['clock']]);
    }

    /** @throws BadDocument where somebody else has that address */
    public static function confirmed(User $user, string $email): User
    {
        try {
            $user->update(['email' => $email]);
        } catch (UniqueConstraintViolationException) {
            throw new BadDocument([new Fault('/email', 'has a kitchen already', 'email-known')]);
        }

        return $user;
    }

    /**
     * Sessions elsewhere are over: they carry the hash of the one before.
     *
     * @param  array<string, mixed>  $document  velko.new-password/1
     *
     * @throws BadDocument
     */
    public static function newPassword(User $user, array $document): void
    {
        Password::mustBe($user, self::words($document['password']));
        Password::check(self::words($document['new_password']), $user->email ?? '', '/new_password');
        $user->update(['password' => $document['new_password']]);
        SendLinks::void($user);
    }

    /**
     * @param  array<string, mixed>  $document  velko.pin/1
     *
     * @throws BadDocument
     */
    public static function pin(User $user, array $document): void
    {
        Password::mustBe($user, self::words($document['password']));
        $user->update(['pin' => $document['pin']]);
    }

    private static function words(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
