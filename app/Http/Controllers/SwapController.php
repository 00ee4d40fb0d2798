<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitchenAsk;
use App\Bench\SwappedDocument;
use App\Contracts\BadDocument;
use App\Http\Requests\SwapRequest;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** One thing of a dish for another, worked out before and after; nothing is kept. */
final class SwapController
{
    /** @throws BadDocument when the dish has no such ingredient */
    public function __invoke(SwapRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        /** @var array{ask: array<string, mixed>, ingredient: int, instead: string} $document */
        $document = $request->document();
        $asked = KitchenAsk::of($document['ask'], $user->kitchen, CarbonImmutable::now(), $user->words());
        $last = $asked->dish->ingredients->count() - 1;
        if ($document['ingredient'] > $last) {
            throw BadDocument::at('/ingredient', $last < 0 ? 'is of a dish that has none' : "must be a whole number from 0 to $last");
        }

        return new JsonResponse(SwappedDocument::of($asked, $document['ingredient'], $document['instead']));
    }
}
