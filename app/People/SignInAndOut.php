<?php

declare(strict_types=1);

namespace App\People;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** In and out of Velko, and how long somebody stays in. */
final class SignInAndOut
{
    private const SINCE = 'signed_in_at';

    /** Whatever happens meanwhile, days. */
    private const STAYS_DAYS = 7;

    public static function in(Request $request, User $user): void
    {
        Auth::login($user);
        $request->session()->regenerate(true);
        $request->session()->put(self::SINCE, CarbonImmutable::now()->getTimestampMs());
        Hands::forget($request);
        KnownDevice::remember($user);
    }

    public static function out(Request $request): void
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** On every tablet, this one too. */
    public static function outEverywhere(Request $request, User $user): void
    {
        $user->update(['signed_out_at' => CarbonImmutable::now()->getTimestampMs()]);
        self::out($request);
    }

    /** Whether a session is still good: not too old, not ended from elsewhere, its user not gone. */
    public static function isOpen(Session $session, User $user): bool
    {
        $now = CarbonImmutable::now();
        $since = $session->get(self::SINCE);
        if (! is_int($since)) {
            // From before sessions had an end.
            $session->put(self::SINCE, $since = $now->getTimestampMs());
        }

        return $user->left_at === null && $since > ($user->signed_out_at ?? 0) && $since > $now->subDays(self::STAYS_DAYS)->getTimestampMs();
    }
}
