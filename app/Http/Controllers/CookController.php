<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\StartCookRequest;
use App\Kitchen\Asked;
use App\Kitchen\CookDocument;
use App\Kitchen\PutOnTheFire;
use App\Models\Cook;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Pagination\Cursor;
use Illuminate\Support\Facades\Gate;

final class CookController
{
    private const PER_PAGE = 24;

    /** @throws BadDocument when the page asked for is none of ours */
    public function index(Request $request): JsonResponse
    {
        $now = CarbonImmutable::now();
        $page = Cook::query()->with(Cook::WHOLE)
            ->orderByDesc('table_at')->orderByDesc('id')
            ->cursorPaginate(self::PER_PAGE, cursor: self::cursor($request->query('cursor')));

        return new JsonResponse([
            'format' => 'velko.log/1',
            'cooks' => array_map(static fn (Cook $cook): array => CookDocument::line($cook, $now), $page->items()),
            'next' => $page->nextPageUrl(),
        ]);
    }

    /** @throws BadDocument */
    private static function cursor(mixed $encoded): ?Cursor
    {
        if ($encoded === null || $encoded === '') {
            return null;
        }
        // Read by hand: the framework's own reader trusts what is in it.
        $fields = is_string($encoded) ? json_decode((string) base64_decode(strtr($encoded, '-_', '+/'), true), true) : null;
        $tableAt = is_array($fields) ? $fields['table_at'] ?? null : null;
        $id = is_array($fields) ? $fields['id'] ?? null : null;
        if (! is_string($tableAt) || strtotime($tableAt) === false || ! is_int($id)) {
            throw BadDocument::at('/cursor', 'is not a page of this log; take it from "next"');
        }

        return new Cursor(['table_at' => $tableAt, 'id' => $id], ($fields['_pointsToNextItems'] ?? true) === true);
    }

    public function store(StartCookRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $document = $request->document();
        $now = CarbonImmutable::now();
        $cook = PutOnTheFire::once($document['id'], Asked::of($document['ask'], $user->kitchen, $now, $user->words()), $user, $now);

        return new JsonResponse(CookDocument::of($cook, $now, $user->words()), $cook->wasRecentlyCreated ? 201 : 200);
    }

    /** Something is off: what can be, and the way back from each for this pan. */
    public function waysBack(Cook $cook, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $cook);

        return new JsonResponse(CookDocument::waysBack($cook->load(Cook::WHOLE), CarbonImmutable::now(), $user->words()));
    }

    public function show(Cook $cook, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $cook);

        return new JsonResponse(CookDocument::of($cook->load(Cook::WHOLE), CarbonImmutable::now(), $user->words()));
    }
}
