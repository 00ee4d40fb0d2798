<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Cook;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Velko\Core\Cook\Status;

/** What stands on a ring: the pan put on last that is not at the table yet. */
final class RingState
{
    /** A pan put on longer ago was forgotten, hours. */
    private const FORGOTTEN = 24;

    /** So many pans back one is looked for. */
    private const LOOKS = 6;

    public static function cook(int $burner): ?StoredCook
    {
        $recent = self::recent($burner)->with(Cook::WHOLE);
        $recent->orderByDesc('id')->limit(self::LOOKS);
        foreach ($recent->get() as $cook) {
            $stored = new StoredCook($cook);
            if (in_array($stored->replay->status, [Status::Waiting, Status::Cooking], true)) {
                return $stored;
            }
        }

        return null;
    }

    /** Whether a cook that is not over stands on it. */
    public static function carries(int $burner, Cook $cook): bool
    {
        return self::recent($burner)->where('id', '>', $cook->id)->doesntExist() || self::cook($burner)?->cook->is($cook) === true;
    }

    /** @return Builder<Cook> */
    private static function recent(int $burner): Builder
    {
        return Cook::query()
            ->whereHas('plan', static fn ($plan) => $plan->where('burner_id', $burner))
            ->where('created_at', '>', CarbonImmutable::now()->subHours(self::FORGOTTEN));
    }
}
