<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AskRequest;
use App\Kitchen\Asked;
use App\Kitchen\ChoicesDocument;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class ChoicesController
{
    public function __invoke(AskRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(ChoicesDocument::of(Asked::of($request->document(), $user->kitchen, CarbonImmutable::now(), $user->words())));
    }
}
