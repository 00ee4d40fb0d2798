<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kitchen\KitchenDocument;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class KitchenController
{
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse(KitchenDocument::of($user->kitchen, CarbonImmutable::now()));
    }
}
