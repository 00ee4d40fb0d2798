<?php

declare(strict_types=1);

namespace App\Providers;

use App\Kitchen\Email;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict();

        RateLimiter::for('sign-in', static function (Request $request): array {
            $written = $request->json('email');
            $email = Email::normal(is_string($written) ? $written : '');

            return [
                Limit::perMinute(5)->by("email:$email|".$request->ip()),
                Limit::perMinute(30)->by('ip:'.$request->ip()),
                Limit::perMinutes(15, 30)->by("account:$email"), // from however many addresses
            ];
        });
        RateLimiter::for('open', static fn (Request $request): Limit => Limit::perMinute(20)->by('open:'.$request->ip()));
        RateLimiter::for('device', static fn (Request $request): Limit => Limit::perMinute(600)->by('device:'.($request->user('device')?->getAuthIdentifier() ?? $request->ip())));
        RateLimiter::for('kitchen', static fn (Request $request): Limit => Limit::perMinute(1200)->by((string) ($request->user()?->getAuthIdentifier() ?? $request->ip())));
    }
}
