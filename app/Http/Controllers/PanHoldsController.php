<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\PanEntryRequest;
use App\Kitchen\PanHoldsDocument;
use App\Kitchen\Station;
use App\Kitchen\Thing;
use App\Models\Pan;
use Illuminate\Http\JsonResponse;

/** What a pan would hold, while its numbers are being typed; nothing is kept. */
final class PanHoldsController
{
    /** @throws BadDocument */
    public function __invoke(PanEntryRequest $request): JsonResponse
    {
        return new JsonResponse(PanHoldsDocument::of(Station::pan(new Pan(Thing::Pans->columns($request->document())))));
    }
}
