<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Throwable;

/**
 * What adds something has a key of its own (Idempotency-Key, draft of the IETF's HTTPAPI group): sent again under the same key it adds
 * nothing, and is answered as it was. What is added and that it was added are kept in one transaction. The answer is kept as it was: not
 * for what tells a secret.
 */
final class OnceByKey
{
    private const KEY = '/^[A-Za-z0-9_-]{8,64}$/';

    /** Nobody sends again after so long. */
    private const KEPT_HOURS = 48;

    private const AT_A_TIME = 200;

    private const ATTEMPTS = 3;

    public function __construct(private readonly ConcurrencyErrorDetector $concurrency) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->headers->get('Idempotency-Key') ?? '';
        if (preg_match(self::KEY, $key) !== 1) {
            throw new BadRequestHttpException('Idempotency-Key must be 8 to 64 letters, digits, - or _, another for each thing that is added.');
        }
        $user = $request->user();
        if (! $user instanceof User) {
            return $next($request);
        }
        $print = hash('sha256', $request->method().' '.$request->path()."\n".$request->getContent());
        DB::table('kept_answers')->where('created_at', '<', CarbonImmutable::now()->subHours(self::KEPT_HOURS))->limit(self::AT_A_TIME)->delete();

        return DB::transaction(function () use ($request, $next, $user, $key, $print): Response {
            // Whoever sends it a second time meanwhile waits here for the first.
            DB::table('kept_answers')->insertOrIgnore(['user_id' => $user->id, 'key' => $key, 'print' => $print, 'created_at' => CarbonImmutable::now()]);
            $kept = DB::table('kept_answers')->where('user_id', $user->id)->where('key', $key)->lockForUpdate()->first();
            if ($kept?->print !== $print) {
                abort(409);
            }
            if ($kept->status !== null) {
                return new JsonResponse($kept->body, (int) $kept->status, ['Idempotency-Replayed' => 'true'], json: true);
            }
            $response = $next($request);
            $fault = $response instanceof JsonResponse || $response instanceof \Illuminate\Http\Response ? $response->exception : null;
            if ($fault instanceof Throwable && $this->concurrency->causedByConcurrencyError($fault)) {
                throw $fault;
            }
            $row = DB::table('kept_answers')->where('user_id', $user->id)->where('key', $key);
            $response->isSuccessful() ? $row->update(['status' => $response->getStatusCode(), 'body' => (string) $response->getContent()]) : $row->delete();

            return $response;
        }, self::ATTEMPTS);
    }
}
