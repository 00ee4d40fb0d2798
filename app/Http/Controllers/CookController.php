<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StartCookRequest;
use App\Kitchen\Asked;
use App\Kitchen\CookDocument;
use App\Kitchen\PutOnTheFire;
use App\Models\Cook;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class CookController
{
    private const PER_PAGE = 24;

    public function index(): JsonResponse
    {
        $now = CarbonImmutable::now();
        $page = Cook::query()->with(['plan', 'user', 'events', 'kitchen'])
            ->join('plans', 'plans.id', '=', 'cooks.plan_id')
            ->orderByDesc('plans.table_at')->orderByDesc('cooks.id')
            ->select(['cooks.*', 'plans.table_at'])
            ->cursorPaginate(self::PER_PAGE);

        return new JsonResponse([
            'format' => 'velko.log/1',
            'cooks' => array_map(static fn (Cook $cook): array => CookDocument::line($cook, $now), $page->items()),
            'next' => $page->nextPageUrl(),
        ]);
    }

    public function store(StartCookRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $document = $request->document();
        $now = CarbonImmutable::now();
        $cook = PutOnTheFire::once($document['id'], Asked::of($document['ask'], $user->kitchen, $now), $user, $now);

        return new JsonResponse(CookDocument::of($cook, $now), $cook->wasRecentlyCreated ? 201 : 200);
    }

    public function show(Cook $cook): JsonResponse
    {
        Gate::authorize('view', $cook);

        return new JsonResponse(CookDocument::of($cook->load(['plan', 'user', 'events', 'kitchen']), CarbonImmutable::now()));
    }
}
