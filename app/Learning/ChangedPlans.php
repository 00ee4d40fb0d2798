<?php

declare(strict_types=1);

namespace App\Learning;

use App\Bench\KitchenAsk;
use App\Bench\TimeBudget;
use App\Contracts\BadDocument;
use App\Models\Cook;
use App\Models\Kitchen;
use App\Models\Night;
use App\Night\Evening;
use Carbon\CarbonImmutable;
use Closure;
use Velko\Core\Night\Placement;
use Velko\Core\Planning\Plan;

/** What other numbers of the kitchen do to the pans that come next: those of the next night, or of each dish the last that was cooked. */
final readonly class ChangedPlans
{
    private const MOST = 40;

    /** Less than that is the same, mL and min. */
    private const SAME_ML = 1.0;

    private const SAME_MIN = 0.05;

    /** Pans are worked out for so long, s, twice; of those that took longer it is said that nobody knows. */
    private const BUDGET = 4.0;

    /**
     * @param  list<array{asked: KitchenAsk, plan: Plan}>  $before
     * @param  int  $leftOut  pans for which there was no time
     */
    private function __construct(private array $before, private CarbonImmutable $now, public int $leftOut) {}

    /**
     * The pans as they are now that a number of one ring, one rice or one dish can change.
     *
     * @param  array<string, mixed>  $entry  velko.own-number/1
     */
    public static function from(Kitchen $kitchen, array $entry, CarbonImmutable $now): self
    {
        $asked = [];
        $whose = OwnNumberSubject::of($entry['of']);
        foreach (self::asks($kitchen, $now) as $ask) {
            try {
                $kitchenAsk = KitchenAsk::of($ask, $kitchen, $now);
            } catch (BadDocument) {
                continue; // its dish, its pan or its ring is gone
            }
            $is = match ($whose) {
                OwnNumberSubject::Ring => $kitchenAsk->burner->id,
                OwnNumberSubject::Rice => $kitchenAsk->dish->rice_id,
                OwnNumberSubject::Dish => $kitchenAsk->dish->id,
                OwnNumberSubject::Pan, OwnNumberSubject::Kitchen => null,
            };
            if ($is === ($entry[$whose->value] ?? null)) {
                $asked[] = $kitchenAsk;
            }
        }
        $budget = new TimeBudget(self::BUDGET);
        $before = $budget->each(array_map(static fn (KitchenAsk $ask): Closure => static fn (): ?array => self::plan($ask), $asked));

        return new self(array_values(array_filter($before)), $now, $budget->leftOut);
    }

    /** @return list<array<string, mixed>> of velko.own-taken/1: each pan that is another now */
    public function to(Kitchen $kitchen): array
    {
        $changes = [];
        foreach ($this->before as ['asked' => $asked, 'plan' => $plan]) {
            $after = self::plan(KitchenAsk::of($asked->document, $kitchen, $this->now))['plan'] ?? null;
            if ($after !== null && (abs($after->stock - $plan->stock) > self::SAME_ML || abs($after->pulled->minute() - $plan->pulled->minute()) > self::SAME_MIN)) {
                $changes[] = [
                    'dish' => $asked->dish->name, 'covers' => $asked->plates(), 'pan' => $asked->pan->name, 'ring' => $asked->burner->name,
                    'stock_ml' => round($plan->stock, 1), 'stock_ml_then' => round($after->stock, 1),
                    'pull_min' => round($plan->pulled->minute(), 1), 'pull_min_then' => round($after->pulled->minute(), 1),
                ];
            }
        }

        return $changes;
    }

    /** @return array{asked: KitchenAsk, plan: Plan}|null null where it cannot be cooked */
    private static function plan(KitchenAsk $asked): ?array
    {
        $plan = $asked->plan();

        return $plan->isPossible() ? ['asked' => $asked, 'plan' => $plan] : null;
    }

    /** @return list<array<string, mixed>> velko.ask/1 */
    private static function asks(Kitchen $kitchen, CarbonImmutable $now): array
    {
        $nights = $kitchen->nights();
        $nights->where('on', '>=', $now->setTimezone($kitchen->timezone)->format('Y-m-d'))->whereHas('firings')->orderBy('on');
        $night = $nights->first();

        return array_slice($night === null ? self::lastCooked($kitchen) : self::ofTheNight($night, $kitchen, $now), 0, self::MOST);
    }

    /** @return list<array<string, mixed>> */
    private static function ofTheNight(Night $night, Kitchen $kitchen, CarbonImmutable $now): array
    {
        $evening = new Evening($night, $kitchen, $now);
        // What is on the fire beside the night serves none of it.
        $placements = array_filter($evening->schedule()->placements, static fn (Placement $placement): bool => $placement->covers() > 0);

        return array_values(array_map(static fn (Placement $placement): array => $evening->timetables->ask($placement->dish, $placement->pan, $placement->ring, $placement->covers(), $placement->rice), $placements));
    }

    /** @return list<array<string, mixed>> the last of each dish */
    private static function lastCooked(Kitchen $kitchen): array
    {
        $asks = [];
        foreach (Cook::query()->with('plan')->where('kitchen_id', $kitchen->id)->orderByDesc('table_at')->limit(self::MOST)->get() as $cook) {
            $ask = $cook->plan->working['ask'];
            $asks[$ask['dish_id']] ??= [...$ask, 'table_on' => null];
        }

        return array_values($asks);
    }
}
