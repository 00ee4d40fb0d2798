<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use App\Http\Requests\PlanRequest;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Velko\Core\Planning\Planner;

/** The engine over HTTP: the same documents as `php artisan velko:plan`. */
final class PlanController
{
    public function __invoke(PlanRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $document = PlanRequestDocument::of($request->document());

        return new JsonResponse(PlanDocument::of(Planner::plan($document->ask()), $document->assumed(), $user->words()));
    }
}
