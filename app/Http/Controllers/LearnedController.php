<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Http\Requests\OwnNumberRequest;
use App\Learning\ChangedPlans;
use App\Learning\KitchenLearned;
use App\Learning\SaveOwnNumber;
use App\Models\Kitchen;
use App\Models\OwnNumber;
use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Velko\Core\Learning\Learned;

/** What the kitchen's log teaches of its rings, its rice and its bases, and what the kitchen takes of that for its own. */
final class LearnedController
{
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new KitchenLearned($user->kitchen))->document());
    }

    /** @throws BadDocument */
    public function take(OwnNumberRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', OwnNumber::class);
        $entry = $request->document();

        return self::changed($user, $entry, static fn (Kitchen $kitchen, CarbonImmutable $now) => SaveOwnNumber::take($kitchen, $user->name, $entry, static fn (): Learned => (new KitchenLearned($kitchen))->learned, $now));
    }

    /** @throws BadDocument */
    public function giveBack(OwnNumberRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('create', OwnNumber::class);
        $entry = $request->document();

        return self::changed($user, $entry, static fn (Kitchen $kitchen, CarbonImmutable $now) => SaveOwnNumber::giveBack($kitchen, $entry, $now));
    }

    /**
     * @param  array<string, mixed>  $entry  velko.own-number/1
     * @param  Closure(Kitchen, CarbonImmutable): void  $change
     */
    private static function changed(User $user, array $entry, Closure $change): JsonResponse
    {
        $now = CarbonImmutable::now();
        $before = ChangedPlans::from($user->kitchen, $entry, $now);
        $change($user->kitchen, $now);
        $kitchen = $user->kitchen->withoutRelations();

        return new JsonResponse(['format' => 'velko.own-taken/1', 'learned' => (new KitchenLearned($kitchen))->document(), 'changes' => $before->to($kitchen), 'left_out' => $before->leftOut]);
    }
}
