<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\BoilOffRequest;
use App\Kitchen\KitchenDocument;
use App\Kitchen\SaveBoilOff;
use App\Models\Burner;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class BoilOffController
{
    /** @throws BadDocument */
    public function __invoke(BoilOffRequest $request, Burner $burner, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $burner);
        SaveBoilOff::of($burner, $user, $request->document());

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()), 201);
    }
}
