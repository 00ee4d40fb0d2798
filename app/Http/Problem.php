<?php

declare(strict_types=1);

namespace App\Http;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Refusals as RFC 9457 problem details. */
final class Problem
{
    private const TITLES = [
        400 => 'This cannot be read',
        401 => 'Sign in first',
        403 => 'This is not yours to change',
        404 => 'There is nothing here',
        405 => 'This cannot be done here',
        409 => 'This was said before, otherwise',
        412 => 'Somebody changed this meanwhile',
        413 => 'This is too long',
        419 => 'The session has changed; do it once more',
        422 => 'Some of this cannot be used',
        428 => 'Say which one was changed',
        429 => 'Too often; wait a little',
        500 => 'Something broke on our side',
    ];

    public static function from(Throwable $fault): JsonResponse
    {
        return match (true) {
            $fault instanceof BadDocument => self::of(422, errors: array_map(static fn (Fault $fault): array => $fault->document(), $fault->faults)),
            $fault instanceof AuthenticationException => self::of(401),
            $fault instanceof AuthorizationException => self::of(403),
            $fault instanceof ModelNotFoundException => self::of(404),
            $fault instanceof TokenMismatchException => self::of(Auth::check() ? 419 : 401), // who is nobody has no page that could be too old
            $fault instanceof HttpExceptionInterface => self::of($fault->getStatusCode(), self::said($fault), headers: $fault->getHeaders()),
            default => self::of(500),
        };
    }

    /** Why it is refused, where we said so. */
    private static function said(HttpExceptionInterface $fault): ?string
    {
        if (in_array($fault->getStatusCode(), [400, 428], true) && $fault->getMessage() !== '') {
            return $fault->getMessage();
        }

        return $fault->getStatusCode() === 403 && ! $fault->getPrevious() instanceof AuthorizationException && $fault->getMessage() !== '' ? $fault->getMessage() : null;
    }

    /**
     * @param  list<array{pointer: string, detail: string, code?: string, least?: float, most?: float}>  $errors
     * @param  array<string, mixed>  $headers
     */
    public static function of(int $status, ?string $detail = null, array $errors = [], array $headers = []): JsonResponse
    {
        $body = ['type' => 'about:blank', 'title' => self::TITLES[$status] ?? 'This did not work', 'status' => $status];
        if ($detail !== null) {
            $body['detail'] = $detail;
        }
        if ($errors !== []) {
            $body['errors'] = $errors;
        }

        return new JsonResponse($body, $status, [...$headers, 'Content-Type' => 'application/problem+json']);
    }
}
