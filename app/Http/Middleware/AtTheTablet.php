<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\People\DeleteKitchen;
use App\People\Hands;
use App\People\SignInAndOut;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Behind the framework's own guard: whether the session is still good, and whose hands are at the tablet. */
final class AtTheTablet
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws AuthenticationException
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $request->hasSession()) {
            if (DeleteKitchen::isDue($user->kitchen)) {
                DeleteKitchen::carryOut();
                SignInAndOut::out($request);
                throw new AuthenticationException;
            }
            if (! SignInAndOut::isOpen($request->session(), $user)) {
                SignInAndOut::out($request);
                throw new AuthenticationException;
            }
            if (! Hands::stand($request, $user)) {
                SignInAndOut::out($request);
                throw new AuthenticationException;
            }
        }

        return $next($request);
    }
}
