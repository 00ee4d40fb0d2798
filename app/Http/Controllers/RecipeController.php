<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Exchange\ImportDish;
use App\Exchange\RecipeDish;
use App\Exchange\RecipeDocument;
use App\Exchange\RecipeSource;
use App\Http\Requests\RecipeEntryRequest;
use App\Http\Requests\RecipeSaidRequest;
use App\Models\Dish;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Recipes from elsewhere: first how each line was understood, then, once that is right, a dish. */
final class RecipeController
{
    /** @throws BadDocument if there is no recipe in it */
    public function read(RecipeSaidRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Dish::class);
        $said = $request->document();

        return new JsonResponse(RecipeDocument::of(RecipeSource::recipes($said['text'], $said['media_type'] ?? null), $user->kitchen));
    }

    /** @throws BadDocument at the line that has to be decided */
    public function store(RecipeEntryRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Dish::class);
        $entry = $request->document();
        $into = isset($entry['replaces']) ? $user->kitchen->dishes()->whereKey($entry['replaces'])->firstOrFail() : null;
        if ($into !== null) {
            Gate::authorize('update', $into);
        }
        $import = ImportDish::of($user, RecipeDish::of($entry), $into);

        return new JsonResponse($import->document(), 201);
    }
}
