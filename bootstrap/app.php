<?php

declare(strict_types=1);

use App\Contracts\BadDocument;
use App\Http\FaultInLog;
use App\Http\Middleware\AtTheTablet;
use App\Http\Middleware\CheckedToken;
use App\Http\Middleware\InTheirLanguage;
use App\Http\Middleware\KnownSession;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TestClock;
use App\Http\Problem;
use App\Http\TrustedHosts;
use Illuminate\Contracts\Session\Middleware\AuthenticatesSessions;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', api: __DIR__.'/../routes/api.php', commands: __DIR__.'/../routes/console.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // one origin only
        $middleware->remove([TrimStrings::class, ConvertEmptyStringsToNull::class]); // they walk through the whole body before anything is asked
        $middleware->trustHosts(at: TrustedHosts::patterns(...), subdomains: false);
        $middleware->append(TestClock::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->append(InTheirLanguage::class);
        $middleware->web(replace: [StartSession::class => KnownSession::class, ValidateCsrfToken::class => CheckedToken::class]);
        $middleware->appendToPriorityList(AuthenticatesSessions::class, AtTheTablet::class); // before any row is looked for
        $middleware->redirectGuestsTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(BadDocument::class);
        $exceptions->report(FaultInLog::write(...))->stop();
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(static fn (Throwable $fault, Request $request) => $request->is('api/*') ? Problem::from($fault) : null);
    })
    ->create();
