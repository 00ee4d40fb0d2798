<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\ThingRequest;
use App\Kitchen\KitchenDocument;
use App\Kitchen\Retired;
use App\Kitchen\SaveThing;
use App\Kitchen\Thing;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Pans, rings, ladles, rices and stocks; each answer is the kitchen as it is then. */
final class ThingController
{
    /** @throws BadDocument */
    public function store(ThingRequest $request, Thing $thing, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', $thing->model());
        SaveThing::enter($user->kitchen, $thing, $request->document());

        return self::kitchen($user, 201);
    }

    /** @throws BadDocument */
    public function update(ThingRequest $request, Thing $thing, int $id, #[CurrentUser] User $user): JsonResponse
    {
        $row = $thing->model()::query()->findOrFail($id);
        Gate::authorize('update', $row);
        SaveThing::change($thing, $row, $request->document(), $request->headers->get('If-Match'));

        return self::kitchen($user);
    }

    /** @throws BadDocument */
    public function destroy(Thing $thing, int $id, #[CurrentUser] User $user): JsonResponse
    {
        $row = $thing->model()::query()->findOrFail($id);
        Gate::authorize('delete', $row);
        SaveThing::retire($thing, $row);

        return self::kitchen($user);
    }

    /**
     * What was deleted by mistake, for a while.
     *
     * @throws BadDocument
     */
    public function restore(Thing $thing, int $id, #[CurrentUser] User $user): JsonResponse
    {
        $row = Retired::of(new ($thing->model()))->findOrFail($id);
        Gate::authorize('update', $row);
        SaveThing::bringBack($user->kitchen, $thing, $row);

        return self::kitchen($user);
    }

    private static function kitchen(User $user, int $status = 200): JsonResponse
    {
        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()), $status);
    }
}
