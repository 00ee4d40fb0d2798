<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use App\Models\Cook;
use App\Models\Plan;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Starts a cook from a worked-out pan; the same id twice is one cook. */
final class PutOnTheFire
{
    /** @throws BadDocument when the pan cannot hold it at all */
    public static function once(string $uuid, Asked $asked, User $user, CarbonImmutable $now): Cook
    {
        $known = self::known($uuid);
        if ($known !== null) {
            return $known;
        }
        $working = WorkOut::of($asked, $now)->mustBePossible();
        try {
            $cook = DB::transaction(static function () use ($uuid, $asked, $user, $working): Cook {
                $plan = Plan::query()->create([
                    'kitchen_id' => $user->kitchen_id,
                    'dish_id' => $asked->dish->id,
                    'pan_id' => $asked->pan->id,
                    'burner_id' => $asked->burner->id,
                    'request' => $working->request(),
                    'working' => $working->document(),
                    'table_at' => $asked->tableAt->utc(),
                ]);

                return Cook::query()->create(['uuid' => $uuid, 'kitchen_id' => $user->kitchen_id, 'plan_id' => $plan->id, 'user_id' => $user->says()->id, 'table_at' => $plan->table_at]);
            }, attempts: 3);
        } catch (UniqueConstraintViolationException) {
            // Another request with the same id came first; or another kitchen has it, and then it is not ours to see.
            return self::known($uuid) ?? abort(409);
        }

        return $cook->load(Cook::WHOLE);
    }

    private static function known(string $uuid): ?Cook
    {
        return Cook::query()->with(Cook::WHOLE)->where('uuid', $uuid)->first();
    }
}
