<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Mail\LinkThroughTheDoor;
use App\Models\DoorLink;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Throwable;

/** Links that let somebody new into a kitchen, or somebody back in whose password is forgotten. Each is good once. */
final class SendLinks
{
    private const JOIN_HOURS = 48;

    private const PASSWORD_HOURS = 2;

    /** Invitations that a kitchen mails in an hour before anybody has joined it. */
    private const MAILED_AN_HOUR = 5;

    /** Open invitations a kitchen has at most: a table is not filled by a key that sticks. */
    public const MOST = 30;

    /**
     * @param  string|null  $email  where it is mailed to, where this house sends mail
     *
     * @return array<string, mixed> velko.door-link/1
     *
     * @throws BadDocument
     */
    public static function invite(User $chef, Role $role, ?string $email): array
    {
        if (DoorLink::open()->where('user_id', null)->count() >= self::MOST) {
            throw BadDocument::at('', 'there are '.self::MOST.' open invitations already; take one back first');
        }
        if ($email !== null && self::houseSendsMail() && self::mailsStrangers($chef)) {
            throw BadDocument::at('/email', 'must wait: a kitchen that nobody has joined yet mails at most '.self::MAILED_AN_HOUR.' invitations an hour; show the link instead');
        }

        return self::make(['kitchen_id' => $chef->kitchen_id, 'made_by' => $chef->id, 'role' => $role, 'email' => $email], self::JOIN_HOURS, $email);
    }

    /**
     * @param  User|null  $by  null: the console, or the one who forgot it
     *
     * @return array<string, mixed> velko.door-link/1
     */
    public static function forPassword(User $user, ?User $by): array
    {
        return self::make(['kitchen_id' => $user->kitchen_id, 'made_by' => $by?->id, 'user_id' => $user->id], self::PASSWORD_HOURS, $by === null ? $user->email : null);
    }

    /**
     * @return array<string, mixed> velko.behind-link/1
     *
     * @throws BadDocument
     */
    public static function look(string $token): array
    {
        $confirms = SendConfirmations::look($token);
        if ($confirms !== null) {
            return $confirms;
        }
        $link = self::find($token);

        return [
            'format' => 'velko.behind-link/1',
            'for' => $link->user_id === null ? 'join' : 'password',
            'kitchen' => $link->kitchen->name,
            'role' => $link->role?->value,
            'name' => $link->user?->name,
            'email' => $link->user->email ?? $link->email,
            'expires_at' => $link->expires_at->toIso8601String(),
        ];
    }

    /**
     * @param  array<string, mixed>  $document  velko.join/1
     *
     * @return User|null null where the address has to be confirmed by mail first
     *
     * @throws BadDocument
     */
    public static function join(array $document): ?User
    {
        $email = Email::read($document['email']);
        Password::check(is_string($document['password']) ? $document['password'] : '', $email);
        if (self::houseSendsMail()) {
            if (self::find(is_string($document['token']) ? $document['token'] : '')->role === null) {
                throw self::spent();
            }
            SendConfirmations::ask('join', $email, $document);

            return null;
        }

        return self::joinConfirmed($document);
    }

    /**
     * @param  array<string, mixed>  $document  velko.join/1 that was read before; its password may be hashed
     *
     * @throws BadDocument where the address has an account, or the invitation is good no more
     */
    public static function joinConfirmed(array $document): User
    {
        $email = Email::read($document['email']);
        $password = is_string($document['password']) ? $document['password'] : '';
        try {
            return self::through($document['token'], static function (DoorLink $link) use ($document, $email, $password): User {
                $role = $link->role ?? throw self::spent();

                return User::query()->create(['kitchen_id' => $link->kitchen_id, 'name' => $document['name'], 'role' => $role, 'email' => $email, 'password' => $password]);
            });
        } catch (UniqueConstraintViolationException) {
            throw new BadDocument([new Fault('/email', 'has a kitchen already', 'email-known')]);
        }
    }

    /**
     * Sets the password; every session there was is over.
     *
     * @param  array<string, mixed>  $document  velko.reset/1
     *
     * @throws BadDocument
     */
    public static function reset(array $document): User
    {
        return self::through($document['token'], static function (DoorLink $link) use ($document): User {
            $user = $link->user ?? throw self::spent();
            $password = is_string($document['password']) ? $document['password'] : '';
            Password::check($password, $user->email ?? '');
            $user->update(['password' => $password, 'signed_out_at' => CarbonImmutable::now()->getTimestampMs() - 1]);
            self::void($user, $link);

            return $user;
        });
    }

    /**
     * No other link to a new password of theirs is good any more.
     *
     * @param  DoorLink|null  $but  The one that is followed just now.
     */
    public static function void(User $user, ?DoorLink $but = null): void
    {
        $open = DoorLink::open()->withoutGlobalScope('kitchen')->where('user_id', $user->id);
        ($but === null ? $open : $open->whereKeyNot($but->id))->delete();
    }

    private static function mailsStrangers(User $chef): bool
    {
        $mailed = DoorLink::query()->whereNull('user_id')->whereNotNull('email')->where('created_at', '>', CarbonImmutable::now()->subHour())->count();

        return $mailed >= self::MAILED_AN_HOUR && $chef->kitchen->people()->count() === 1;
    }

    /** @param  callable(DoorLink): User  $do */
    private static function through(mixed $token, callable $do): User
    {
        return DB::transaction(static function () use ($token, $do): User {
            $link = self::find(is_string($token) ? $token : '');
            $user = $do($link);

            // Of two who follow it at once the later finds it used, and what was done for them is undone.
            return DoorLink::open()->withoutGlobalScope('kitchen')->whereKey($link->id)->update(['used_at' => CarbonImmutable::now()]) === 1 ? $user : throw self::spent();
        }, attempts: 3);
    }

    /** @throws BadDocument */
    private static function find(string $token): DoorLink
    {
        // Nobody is signed in, or whoever is may be of another kitchen.
        $link = DoorLink::open()->withoutGlobalScope('kitchen')->where('token', hash('sha256', $token))->with(['kitchen', 'user'])->first();

        return $link === null || $link->user?->left_at !== null ? throw self::spent() : $link;
    }

    public static function spent(): BadDocument
    {
        return new BadDocument([new Fault('/token', 'was used already, is too old, or was taken back; ask for another', 'link-spent')]);
    }

    /**
     * @param  array<string, mixed>  $row
     *
     * @return array<string, mixed> velko.door-link/1
     */
    private static function make(array $row, int $hours, ?string $mailTo): array
    {
        $token = bin2hex(random_bytes(32));
        $link = DoorLink::query()->create([...$row, 'token' => hash('sha256', $token), 'expires_at' => CarbonImmutable::now()->addHours($hours)]);
        // Behind a #: no server on the way writes it down.
        $url = rtrim(Config::string('app.url'), '/')."/link#$token"; // whatever host was asked for

        return [
            'format' => 'velko.door-link/1',
            'for' => $link->user_id === null ? 'join' : 'password',
            'url' => $url,
            'expires_at' => $link->expires_at->toIso8601String(),
            'mailed' => $mailTo !== null && self::mail($mailTo, new LinkThroughTheDoor($link, $url)),
        ];
    }

    private static function mail(string $to, LinkThroughTheDoor $letter): bool
    {
        if (! self::houseSendsMail()) {
            return false;
        }
        try {
            Mail::to($to)->send($letter);
        } catch (Throwable $fault) {
            report($fault);

            return false;
        }

        return true;
    }

    /** Whether mail leaves this house; a mailer that only writes it down does not count, since links are not for logs. */
    public static function houseSendsMail(): bool
    {
        return ! in_array(config('mail.default'), [null, '', 'log', 'null'], true);
    }
}
