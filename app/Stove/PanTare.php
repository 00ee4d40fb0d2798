<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Pan;
use Velko\Core\Cook\Replay;
use Velko\Core\Food\Portion;
use Velko\Core\Live\AddedFood;
use Velko\Core\Live\PanWeighing as Weighed;
use Velko\Core\Planning\Ask;

/** What a weighing of this pan takes off: the empty pan as it was weighed last, and what is in it besides rice and liquid. */
final readonly class PanTare
{
    public function __construct(private Cook $cook, private Replay $replay, private Ask $ask) {}

    /** @return array{tare_g: float|null, extras_g: float, weigh_first: bool, spread_g: float, most_g: float} */
    public function document(): array
    {
        $weighed = new Weighed($this->ask, $this->replay);
        $extras = $this->extras();

        return [
            'tare_g' => $this->tare(), 'extras_g' => round($extras, 1), 'weigh_first' => $weighed->asksForTheTare(),
            'spread_g' => round($weighed->spread($extras), 1), 'most_g' => floor($this->ask->mostInThePan()),
        ];
    }

    private function tare(): ?float
    {
        $pan = $this->cook->plan->pan_id;
        $last = $pan === null ? null : CookEvent::query()->where('cook_events.kitchen_id', $this->cook->kitchen_id)->where('kind', 'weigh')
            ->whereHas('cook.plan', static fn ($plan) => $plan->where('pan_id', $pan))->orderByDesc('id')->first();
        $tare = $last?->payload['tare_g'] ?? null;

        return is_numeric($tare) ? (float) $tare : ($pan === null ? null : Pan::withTrashed()->where('kitchen_id', $this->cook->kitchen_id)->find($pan)?->weight_g);
    }

    /** The grams in the pan besides rice and liquid: the base, what went in with the rice, and each thing whose step is done. */
    private function extras(): float
    {
        if ($this->ask->food === []) {
            return $this->ask->extras; // a pan put on before Velko knew what each thing weighs
        }
        $in = array_filter((new AddedFood($this->ask, $this->replay))->soFar(), static fn (Portion $portion): bool => $portion->isInThePan() && ($portion->minute ?? 0.0) < INF);

        return array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $in));
    }
}
