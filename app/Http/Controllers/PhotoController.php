<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Dish\Photo;
use App\Models\Cook;
use App\Models\CookPhoto;
use App\Models\User;
use App\Stove\CookDocument;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The photo of a cook's plate. */
final class PhotoController
{
    public function show(Cook $cook): Response
    {
        Gate::authorize('view', $cook);

        return new Response(CookPhoto::query()->findOrFail($cook->id)->jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable', 'X-Content-Type-Options' => 'nosniff']);
    }

    /** @throws BadDocument where it is no picture */
    public function keep(Request $request, Cook $cook, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $cook);
        abort_if((int) $request->header('Content-Length') > Photo::MOST_BYTES, 413, 'A photo is at most '.intdiv(Photo::MOST_BYTES, 1_000_000).' MB.');
        CookPhoto::query()->updateOrCreate(['cook_id' => $cook->id], ['kitchen_id' => $cook->kitchen_id, 'jpeg' => Photo::small($request->getContent())]);

        return self::page($cook, $user);
    }

    public function drop(Cook $cook, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $cook);
        CookPhoto::query()->where('cook_id', $cook->id)->delete();

        return self::page($cook, $user);
    }

    private static function page(Cook $cook, User $user): JsonResponse
    {
        return new JsonResponse(CookDocument::of($cook->load(Cook::WHOLE), CarbonImmutable::now(), $user->words()));
    }
}
