<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitchenAsk;
use App\Bench\StartCook;
use App\Http\Requests\StartCookRequest;
use App\Models\Cook;
use App\Models\User;
use App\Stove\CookDocument;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class CookController
{
    public function store(StartCookRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $document = $request->document();
        $now = CarbonImmutable::now();
        $cook = StartCook::start($document['id'], KitchenAsk::of($document['ask'], $user->kitchen, $now, $user->words()), $user, $now, $document['serves'] ?? []);

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
