<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * Limits what somebody costs, not how often they ask: ms of computing in a minute. What a busy machine makes them wait is
 * nobody's cost. Each node looks after itself, so its count lies with the node.
 */
final class Work
{
    public const MOST_MS = 40_000;

    private const MINUTE_S = 60;

    /**
     * @param  Closure(Request): Response  $next
     * @param  'all'|'touches'  $of  touches at the stove have a minute of their own: whatever else was asked, a hand is heard
     */
    public function handle(Request $request, Closure $next, string $guard = 'web', string $of = 'all'): Response
    {
        $store = config('velko.work_store');
        $spent = new RateLimiter(Cache::store(is_string($store) ? $store : null));
        $id = $request->user($guard)?->getAuthIdentifier();
        $whose = "work:$guard:$of:".(is_int($id) ? $id : $request->ip());
        if ($spent->tooManyAttempts($whose, self::MOST_MS)) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => $spent->availableIn($whose)]);
        }
        $from = self::computedMs();
        try {
            return $next($request);
        } finally {
            $spent->increment($whose, self::MINUTE_S, max(1, self::computedMs() - $from));
        }
    }

    /** What this process has computed since it began. */
    private static function computedMs(): int
    {
        $used = getrusage();

        return $used === false ? 0 : 1000 * ($used['ru_utime.tv_sec'] + $used['ru_stime.tv_sec']) + intdiv($used['ru_utime.tv_usec'] + $used['ru_stime.tv_usec'], 1000);
    }
}
