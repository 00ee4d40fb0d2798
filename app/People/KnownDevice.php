<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

/** A device at which somebody signed in before: an encrypted cookie that names the account, and opens nothing. */
final class KnownDevice
{
    private const COOKIE = 'velko_known';

    private const MINUTES = 60 * 24 * 180;

    public static function remember(User $user): void
    {
        Cookie::queue(Cookie::make(self::COOKIE, (string) $user->id, self::MINUTES, httpOnly: true, sameSite: 'lax'));
    }

    /** Whether whoever has this address signed in here before. */
    public static function of(Request $request, string $email): bool
    {
        $known = $request->cookie(self::COOKIE);

        return is_string($known) && ctype_digit($known) && User::query()->withoutGlobalScopes()->whereKey((int) $known)->where('email', $email)->exists();
    }
}
