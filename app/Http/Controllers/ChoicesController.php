<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ChoicesDocument;
use App\Bench\KitchenAsk;
use App\Http\Requests\AskRequest;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class ChoicesController
{
    public function __invoke(AskRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(ChoicesDocument::of(KitchenAsk::of($request->document(), $user->kitchen, CarbonImmutable::now(), $user->words())));
    }
}
