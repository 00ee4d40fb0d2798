<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Dish\DishPageDocument;
use App\Dish\SaveDish;
use App\Http\Requests\DishEntryRequest;
use App\Kitchen\KitchenDocument;
use App\Kitchen\Retired;
use App\Models\Dish;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class DishController
{
    public function show(Dish $dish): JsonResponse
    {
        Gate::authorize('view', $dish);

        return self::page($dish);
    }

    /** @throws BadDocument */
    public function store(DishEntryRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', Dish::class);

        return self::page(SaveDish::enter($user, $request->document()), 201);
    }

    /** @throws BadDocument */
    public function update(DishEntryRequest $request, Dish $dish, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $dish);

        return self::page(SaveDish::change($user, $dish, $request->document(), $request->headers->get('If-Match')));
    }

    public function copy(Dish $dish, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $dish);
        Gate::authorize('create', Dish::class);

        return self::page(SaveDish::copy($user, $dish), 201);
    }

    /**
     * What was deleted by mistake, for a while.
     *
     * @throws BadDocument when its name has been given to another meanwhile, or its rice or stock has gone too
     */
    public function restore(int $id, #[CurrentUser] User $user): JsonResponse
    {
        $dish = Retired::of(new Dish)->findOrFail($id);
        Gate::authorize('update', $dish);
        SaveDish::bringBack($user, $dish);

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }

    public function destroy(Dish $dish, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('delete', $dish);
        SaveDish::retire($dish);

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }

    private static function page(Dish $dish, int $status = 200): JsonResponse
    {
        return new JsonResponse(DishPageDocument::of($dish), $status, ['ETag' => '"'.SaveDish::tag($dish).'"']);
    }
}
