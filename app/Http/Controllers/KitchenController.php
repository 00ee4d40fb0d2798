<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\HouseRequest;
use App\Http\Requests\NewKitchenRequest;
use App\Http\Requests\SetUpRequest;
use App\Kitchen\KitchenDocument;
use App\Kitchen\SaveKitchen;
use App\Kitchen\SetUp;
use App\Models\User;
use App\People\OpenKitchen;
use App\People\SessionDocument;
use App\People\SignInAndOut;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class KitchenController
{
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(KitchenDocument::of($user->kitchen, CarbonImmutable::now()));
    }

    /**
     * A kitchen of one's own; whoever opens it is signed in, or told to look into their mail (202).
     *
     * @throws BadDocument
     */
    public function store(NewKitchenRequest $request): JsonResponse
    {
        $user = OpenKitchen::of($request->document());
        if ($user !== null) {
            SignInAndOut::in($request, $user);
        }

        return new JsonResponse(SessionDocument::of($request, $user), $user === null ? 202 : 201);
    }

    /** @throws BadDocument */
    public function setUp(SetUpRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        SetUp::of($user, $request->document());

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()), 201);
    }

    /** @throws BadDocument */
    public function update(HouseRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('run', $user->kitchen);
        SaveKitchen::of($user->kitchen, $request->document());

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }
}
