<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\FarewellRequest;
use App\Models\User;
use App\People\DeleteKitchen;
use App\People\Password;
use App\People\SessionDocument;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** The end of a kitchen, and taking it back while there is time. */
final class FarewellController
{
    /** @throws BadDocument */
    public function store(FarewellRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        $document = $request->document();
        if ($document['kitchen'] !== $user->kitchen->name) {
            throw BadDocument::at('/kitchen', "must be the name of this kitchen, {$user->kitchen->name}");
        }
        Password::mustBe($user, is_string($document['password']) ? $document['password'] : '');
        DeleteKitchen::say($user->kitchen);

        return new JsonResponse(SessionDocument::of($request, $user));
    }

    public function destroy(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        DeleteKitchen::takeBack($user->kitchen);

        return new JsonResponse(SessionDocument::of($request, $user));
    }
}
