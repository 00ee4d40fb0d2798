<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitchenAsk;
use App\Bench\WorkOut;
use App\Http\Requests\AskRequest;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class WorkOutController
{
    public function __invoke(AskRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $now = CarbonImmutable::now();

        return new JsonResponse(WorkOut::of(KitchenAsk::of($request->document(), $user->kitchen, $now, $user->words()), $now)->document());
    }
}
