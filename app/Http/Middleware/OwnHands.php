<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Accounts are changed by whoever signed in, and not while another stands at the tablet: a PIN is never enough. */
final class OwnHands
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        abort_if($user instanceof User && $user->hand !== null, 403, 'Another stands at this tablet; give it back first.');

        return $next($request);
    }
}
