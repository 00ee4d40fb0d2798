<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\DishEntryRequest;
use App\Kitchen\DishPage;
use App\Kitchen\KeepDish;
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

        return self::page(KeepDish::enter($user, $request->document()), 201);
    }

    /** @throws BadDocument */
    public function update(DishEntryRequest $request, Dish $dish, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $dish);

        return self::page(KeepDish::change($user, $dish, $request->document(), $request->headers->get('If-Match')));
    }

    public function copy(Dish $dish, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('view', $dish);
        Gate::authorize('create', Dish::class);

        return self::page(KeepDish::copy($user, $dish), 201);
    }

    /**
     * What was deleted by mistake, for a while.
     *
     * @throws BadDocument when its name has been given to another meanwhile, or its rice or stock has gone too
     */
    public function back(int $id, #[CurrentUser] User $user): JsonResponse
    {
        $dish = Retired::of(new Dish)->findOrFail($id);
        Gate::authorize('update', $dish);
        KeepDish::bringBack($user, $dish);

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }

    public function destroy(Dish $dish, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('delete', $dish);
        KeepDish::retire($dish);

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }

    private static function page(Dish $dish, int $status = 200): JsonResponse
    {
        return new JsonResponse(DishPage::of($dish), $status, ['ETag' => '"'.KeepDish::tag($dish).'"']);
    }
}
