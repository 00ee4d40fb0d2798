<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\HouseRequest;
use App\Http\Requests\NewKitchenRequest;
use App\Kitchen\KeepHouse;
use App\Kitchen\KitchenDocument;
use App\Kitchen\OpenKitchen;
use App\Kitchen\SessionDocument;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;

final class KitchenController
{
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(KitchenDocument::of($user->kitchen, CarbonImmutable::now()));
    }

    /**
     * A kitchen of one's own; whoever opens it is signed in.
     *
     * @throws BadDocument
     */
    public function store(NewKitchenRequest $request): JsonResponse
    {
        $user = OpenKitchen::of($request->document());
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(SessionDocument::of($user), 201);
    }

    /** @throws BadDocument */
    public function update(HouseRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        KeepHouse::of($user->kitchen, $request->document());

        return new JsonResponse(KitchenDocument::of($user->kitchen->withoutRelations(), CarbonImmutable::now()));
    }
}
