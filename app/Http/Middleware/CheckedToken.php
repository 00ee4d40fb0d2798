<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** The framework's check of the token; its cookie goes out with the session's ({@see KnownSession}), not with every answer. */
final class CheckedToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
