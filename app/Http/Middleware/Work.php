<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * Limits what somebody costs, not how often they ask: ms of work in a minute. Each node looks after itself, so its count
 * lies with the node.
 */
final class Work
{
    private const MOST_MS = 40_000;

    private const MINUTE_S = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $guard = 'web'): Response
    {
        $store = config('velko.work_store');
        $cache = Cache::store(is_string($store) ? $store : null);
        $id = $request->user($guard)?->getAuthIdentifier();
        $minute = intdiv(time(), self::MINUTE_S);
        $key = "work:$guard:".(is_int($id) ? $id : $request->ip()).":$minute";
        $spent = $cache->get($key, 0);
        $spent = is_int($spent) ? $spent : 0;
        if ($spent >= self::MOST_MS) {
            throw new ThrottleRequestsException(headers: ['Retry-After' => self::MINUTE_S - time() % self::MINUTE_S]);
        }
        $from = hrtime(true);
        try {
            return $next($request);
        } finally {
            $cache->put($key, $spent + max(1, intdiv(hrtime(true) - $from, 1_000_000)), self::MINUTE_S);
        }
    }
}
