<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\AuthenticateSession;
use Symfony\Component\HttpFoundation\Response;

/** Where anybody may ask: a session that is over is nobody's, and no reason to refuse. */
final class OrNobody
{
    public function __construct(private readonly AuthenticateSession $password, private readonly AtTheTablet $tablet) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): mixed
    {
        try {
            return $this->password->handle($request, fn (Request $request): Response => $this->tablet->handle($request, $next));
        } catch (AuthenticationException) {
            return $next($request);
        }
    }
}
