<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskRequest;
use App\Kitchen\AroundDocument;
use App\Kitchen\Asked;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class AroundController
{
    public function __invoke(AskRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(AroundDocument::of(Asked::of($request->document(), $user->kitchen, CarbonImmutable::now(), $user->words())));
    }
}
