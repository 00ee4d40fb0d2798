<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CookEventRequest;
use App\Models\Cook;
use App\Models\User;
use App\People\Hands;
use App\Stove\CookDocument;
use App\Stove\DeviceClock;
use App\Stove\SaveEvent;
use App\Stove\SaveHeldTouches;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class CookEventController
{
    public function store(CookEventRequest $request, Cook $cook, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('update', $cook);
        $now = CarbonImmutable::now();
        [$said, $clock] = [Hands::whoSaid($user, $request->query('by')), DeviceClock::of($request, $now)];
        if ($said->left_at !== null) {
            SaveHeldTouches::hold($cook, $said, $request->document(), $clock);

            return new JsonResponse(CookDocument::of(self::whole($cook, $user), $now, $user->words()), 202);
        }
        $isNew = SaveEvent::save($cook, $said, $request->document(), $clock);

        return new JsonResponse(CookDocument::of(self::whole($cook, $user), $now, $user->words()), $isNew ? 201 : 200);
    }

    /** What its document is made from, with what is at hand already. */
    private static function whole(Cook $cook, User $user): Cook
    {
        $cook->setRelation('kitchen', $user->kitchen);
        if ($cook->user_id === $user->id) {
            $cook->setRelation('user', $user);
        }

        return $cook->loadMissing(Cook::WHOLE);
    }
}
