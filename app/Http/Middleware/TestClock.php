<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Stove\DeviceClock;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/** For browser tests, where VELKO_CLOCKS_RUN_AHEAD says so and the test asks for it: it is as late here as at the tablet. */
final class TestClock
{
    private const ASKED = 'X-Test-Clock';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (config('velko.clocks_run_ahead') === true && $request->headers->has(self::ASKED)) {
            Carbon::setTestNow(DeviceClock::said($request));
        }

        return $next($request);
    }
}
