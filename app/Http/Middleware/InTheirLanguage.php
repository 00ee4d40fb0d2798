<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Languages;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever asks is answered in the language their browser wants, where there are words of it. */
final class InTheirLanguage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        app()->setLocale(Languages::of($request));

        return $next($request);
    }
}
