<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * For what is said before anybody has a session that could hold a token: a browser tells from where it was sent (Fetch
 * Metadata, and Origin before that), and nobody else's page signs anybody in here.
 */
final class FromOurPages
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        $origin = $request->headers->get('Origin');
        abort_if($site !== null && $site !== 'same-origin', 403, 'This was sent from another page than ours.');
        abort_if($origin !== null && preg_replace('#^https?://#', '', $origin) !== $request->getHttpHost(), 403, 'This was sent from another page than ours.');

        return $next($request);
    }
}
