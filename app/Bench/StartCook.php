<?php

declare(strict_types=1);

namespace App\Bench;

use App\Contracts\BadDocument;
use App\Models\Cook;
use App\Models\Firing;
use App\Models\Plan;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Starts a cook from a worked-out pan; the same id twice is one cook. */
final class StartCook
{
    /**
     * @param  list<array{firing: int, covers: int}>  $serves  of a night
     *
     * @throws BadDocument when the pan cannot hold it at all, or it serves no firing of this kitchen
     */
    public static function start(string $uuid, KitchenAsk $asked, User $user, CarbonImmutable $now, array $serves = []): Cook
    {
        $known = self::known($uuid);
        if ($known !== null) {
            return $known;
        }
        $firings = self::firings($serves, $asked);
        $working = WorkOut::of($asked, $now)->mustBePossible();
        try {
            $cook = DB::transaction(static function () use ($uuid, $asked, $user, $working, $firings): Cook {
                $plan = Plan::query()->create([
                    'kitchen_id' => $user->kitchen_id,
                    'dish_id' => $asked->dish->id,
                    'pan_id' => $asked->pan->id,
                    'burner_id' => $asked->burner->id,
                    'request' => $working->request(),
                    'working' => $working->document(),
                    'table_at' => $asked->tableAt->utc(),
                ]);

                $cook = Cook::query()->create(['uuid' => $uuid, 'kitchen_id' => $user->kitchen_id, 'plan_id' => $plan->id, 'user_id' => $user->says()->id, 'table_at' => $plan->table_at]);
                $cook->firings()->attach($firings);

                return $cook;
            }, attempts: 3);
        } catch (UniqueConstraintViolationException) {
            // Another request with the same id came first; or another kitchen has it, and then it is not ours to see.
            return self::known($uuid) ?? abort(409);
        }

        return $cook->load(Cook::WHOLE);
    }

    /**
     * @param  list<array{firing: int, covers: int}>  $serves
     *
     * @return array<int, array{covers: int}>
     *
     * @throws BadDocument
     */
    private static function firings(array $serves, KitchenAsk $asked): array
    {
        $firings = [];
        foreach ($serves as $at => $serving) {
            $firing = Firing::query()->where('kitchen_id', $asked->kitchen->id)->find($serving['firing']);
            if ($firing?->dish_id !== $asked->dish->id) {
                throw BadDocument::at("/serves/$at/firing", 'there is no such firing of this dish in this kitchen');
            }
            $firings[$firing->id] = ['covers' => $serving['covers']];
        }

        return $firings;
    }

    private static function known(string $uuid): ?Cook
    {
        return Cook::query()->with(Cook::WHOLE)->where('uuid', $uuid)->first();
    }
}
