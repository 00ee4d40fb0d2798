<?php

declare(strict_types=1);

namespace App\Providers;

use App\Contracts\BodyUnread;
use App\Devices\DeviceKey;
use App\Http\SessionRows;
use App\Models\User;
use App\People\Email;
use App\People\KnownDevice;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();

        RateLimiter::for('sign-in', static function (Request $request): array {
            $email = Email::normal(BodyUnread::field($request, 'email'));
            // Strangers who guess cannot lock out a device that was let in before.
            $known = KnownDevice::of($request, $email) ? '|known:'.$request->ip() : '';

            return [
                Limit::perMinute(5)->by("email:$email|".$request->ip()),
                Limit::perMinute(30)->by('ip:'.$request->ip()),
                Limit::perMinutes(15, 30)->by("account:$email$known"), // from however many addresses
            ];
        });
        RateLimiter::for('open', static fn (Request $request): Limit => Limit::perMinute(20)->by('open:'.$request->ip()));
        RateLimiter::for('forgotten', static fn (Request $request): array => [
            Limit::perMinute(5)->by('forgotten:'.$request->ip()),
            Limit::perMinutes(15, 3)->by('forgotten:'.Email::normal(BodyUnread::field($request, 'email'))),
        ]);
        // A PIN has four digits: of the ten thousand a guesser sees few. A right one counts for nothing, however often the tablet goes round.
        RateLimiter::for('pin', static function (Request $request): array {
            $person = BodyUnread::field($request, 'person');

            return array_map(self::ofRefused(...), [
                Limit::perMinute(10)->by('pin:'.self::who($request)),
                Limit::perHour(60)->by('pins:'.self::who($request)),
                ...is_int($person) ? [Limit::perHour(20)->by("pin-of:$person|".self::kitchen($request))] : [],
            ]);
        });
        RateLimiter::for('password', static fn (Request $request): Limit => self::ofRefused(Limit::perMinute(10)->by('password:'.self::who($request))));

        // /up: a house without its database is not up.
        Event::listen(DiagnosingHealth::class, static fn (): array => DB::select('SELECT 1'));

        Session::extend('database', fn (): SessionRows => new SessionRows(DB::connection(), Config::string('session.table'), (int) Config::get('session.lifetime'), $this->app));
        Auth::viaRequest('device-key', DeviceKey::device(...));
    }

    /** Only what was refused counts. */
    private static function ofRefused(Limit $limit): Limit
    {
        return $limit->after(static fn (Response $response): bool => $response->getStatusCode() === 422);
    }

    /** A person's PIN is asked in their own kitchen only: another one's guesses lock nobody. */
    private static function kitchen(Request $request): string
    {
        $user = $request->user();

        return $user instanceof User ? (string) $user->kitchen_id : 'none';
    }

    private static function who(Request $request): string
    {
        $id = $request->user()?->getAuthIdentifier();

        return is_int($id) ? (string) $id : (string) $request->ip();
    }
}
