<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Cook;
use App\Models\Plan;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Velko\Core\Cook\Status;
use Velko\Core\Planning\Warning;
use Velko\Core\Quantity\Fact;

/** What a pan and a ring are taken by while another cook is to use them. */
final readonly class PansOnTheFire
{
    /** A pan that nobody took to the table, nor gave up, is forgotten after so long. */
    private const FORGOTTEN_HOURS = 4;

    public function __construct(private KitchenAsk $asked, private CarbonImmutable $begin, private CarbonImmutable $now) {}

    /** @return list<Warning> one for the pan or its ring, whichever is taken */
    public function warnings(): array
    {
        foreach ($this->others() as $other) {
            $until = $this->until($other);
            if ($until === null || CarbonImmutable::parse($other->plan->working['clock']['pan_on_at'] ?? $other->plan->working['clock']['toast_at'])->greaterThanOrEqualTo($this->asked->tableAt) || $until->lessThanOrEqualTo($this->begin)) {
                continue;
            }
            $pan = $other->plan->pan_id === $this->asked->pan->id;

            return [new Warning(
                $pan ? 'pan-on-the-fire' : 'ring-on-the-fire',
                [
                    'what' => $pan ? $this->asked->pan->name : $this->asked->burner->name,
                    'dish' => $other->plan->working['dish']['name'],
                    'until' => $until->setTimezone($this->asked->kitchen->timezone)->format('H:i'),
                ],
                Fact::of($pan ? 'fix.other-pan-or-later' : 'fix.other-ring-or-later'),
            )];
        }

        return [];
    }

    /** @return Collection<int, Cook> not long ago put on, in the same pan or on the same ring */
    private function others(): Collection
    {
        $plans = Plan::query()->where(fn (Builder $plan) => $plan->where('pan_id', $this->asked->pan->id)->orWhere('burner_id', $this->asked->burner->id));

        $cooks = Cook::query()->with(['plan', 'events'])->where('created_at', '>=', $this->now->subHours(self::FORGOTTEN_HOURS));
        $cooks->whereIn('plan_id', $plans->select('id'));

        return $cooks->get();
    }

    /** When it is done with its pan; null where it is already. A pan that is late is still on. */
    private function until(Cook $cook): ?CarbonImmutable
    {
        if (! in_array((new StoredCook($cook))->replay->status, [Status::Waiting, Status::Cooking], true)) {
            return null;
        }
        $planned = CarbonImmutable::parse($cook->plan->working['clock']['table_at']);

        return $planned->lessThan($this->now) ? $this->now->addMinute() : $planned;
    }
}
