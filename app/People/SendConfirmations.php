<?php

declare(strict_types=1);

namespace App\People;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Mail\IsThisYourAddress;
use App\Models\AddressToConfirm;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Throwable;

/**
 * Where this house sends mail nobody is told whether an address has an account: whoever gives one is always told to look into its mailbox,
 * and finds a link there, or that they have an account already. Where it sends none, an address that is known is refused.
 */
final class SendConfirmations
{
    private const HOURS = 2;

    /** Letters that an address gets in a quarter of an hour, whoever asks for them. */
    private const MOST = 3;

    private const QUARTER_S = 900;

    /**
     * After the answer, so that the time tells nothing either.
     *
     * @param  'open'|'join'|'me'  $for
     * @param  array<string, mixed>  $document
     */
    public static function ask(string $for, string $email, array $document, ?User $user = null): void
    {
        if (is_string($document['password'] ?? null)) {
            $document['password'] = Hash::make($document['password']);
        }
        $id = $user?->id;
        dispatch(static function () use ($for, $email, $document, $id): void {
            RateLimiter::attempt("confirm:$email", self::MOST, static fn () => self::send($for, $email, $document, $id), self::QUARTER_S);
        })->afterResponse();
    }

    /**
     * @param  'open'|'join'|'me'  $for
     * @param  array<string, mixed>  $document
     */
    private static function send(string $for, string $email, array $document, ?int $user): void
    {
        AddressToConfirm::query()->where('expires_at', '<', CarbonImmutable::now())->delete();
        $house = rtrim(Config::string('app.url'), '/');
        if (User::here()->where('email', $email)->exists()) {
            self::mail($email, new IsThisYourAddress("$house/", true));

            return;
        }
        $token = bin2hex(random_bytes(32));
        AddressToConfirm::query()->create(['for' => $for, 'email' => $email, 'document' => $document, 'user_id' => $user, 'token' => hash('sha256', $token), 'expires_at' => CarbonImmutable::now()->addHours(self::HOURS)]);
        self::mail($email, new IsThisYourAddress("$house/link#$token", false));
    }

    private static function mail(string $email, IsThisYourAddress $letter): void
    {
        try {
            Mail::to($email)->send($letter);
        } catch (Throwable $fault) {
            report($fault);
        }
    }

    /** @return array<string, mixed>|null velko.behind-link/1, where a link is such a one */
    public static function look(string $token): ?array
    {
        $row = self::find($token);

        return $row === null ? null : [
            'format' => 'velko.behind-link/1', 'for' => 'confirm', 'kitchen' => is_string($row->document['kitchen'] ?? null) ? $row->document['kitchen'] : '',
            'role' => null, 'name' => is_string($row->document['name'] ?? null) ? $row->document['name'] : null, 'email' => $row->email, 'expires_at' => $row->expires_at->toIso8601String(),
        ];
    }

    /**
     * The link was followed: what was asked for is done. Refused ({@see BadDocument}) when it is old or used, or somebody else has the address by now.
     */
    public static function through(string $token): User
    {
        return DB::transaction(static function () use ($token): User {
            $row = self::find($token) ?? throw SendLinks::spent();
            $row->delete();

            return match ($row->for) {
                'open' => OpenKitchen::confirmed($row->document),
                'join' => SendLinks::joinConfirmed($row->document),
                'me' => SaveAccount::confirmed(self::signedIn($row), $row->email),
            };
        }, attempts: 3);
    }

    /**
     * A link to an address that was typed wrongly is no way into the account of whoever typed it.
     *
     * @throws BadDocument
     */
    private static function signedIn(AddressToConfirm $mail): User
    {
        if (Auth::id() !== $mail->user_id) {
            throw new BadDocument([new Fault('/token', 'must be followed where you are signed in already', 'sign-in-first')]);
        }

        return User::here()->find($mail->user_id) ?? throw SendLinks::spent();
    }

    private static function find(string $token): ?AddressToConfirm
    {
        return AddressToConfirm::query()->where('token', hash('sha256', $token))->where('expires_at', '>', CarbonImmutable::now())->first();
    }
}
