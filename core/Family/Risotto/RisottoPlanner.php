<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\HoldingAtPass;
use Velko\Core\Planning\Plan;
use Velko\Core\Vessel\Fit;

/** Works out a risotto: a lazy bubble unless a heat track is given, and the doses on it ({@see Doses}). */
final class RisottoPlanner
{
    private readonly Cooking $cooking;

    /** @var non-empty-list<HeatChange> */
    private readonly array $heat;

    private function __construct(private readonly Ask $ask)
    {
        $this->heat = $ask->method->heat ?? [new HeatChange(0.0, $this->lazyBubble())];
        $this->cooking = new Cooking($ask, $this->heat);
    }

    public static function plan(Ask $ask): Plan
    {
        return (new self($ask))->solve();
    }

    private function solve(): Plan
    {
        $dosed = (new Doses($this->ask, $this->cooking, $this->cooking->netAt(INF)))->fromTheFirst($this->cooking->atFirstStock());

        return $this->asPlanned($dosed->doses, $dosed->pullAt);
    }

    /**
     * The finished plan, run once more from the start with its rounded doses, so that what it says is what it does.
     *
     * @param  list<Dose>  $doses
     */
    private function asPlanned(array $doses, float $pullAt): Plan
    {
        $seconds = array_map(static fn (Dose $dose): float => $dose->second, $doses);
        $volumes = array_map(static fn (Dose $dose): float => $dose->volume, $doses);
        $run = $this->cooking->cook($seconds, $volumes, $pullAt);
        $plan = new Plan(
            $this->ask, array_sum($volumes), $this->heat, RisottoStages::of($this->ask, $this->heat, $doses, $run),
            $run, HoldingAtPass::of($this->ask, $this->cooking, $run->off()), $this->cooking->cost(),
        );

        return $plan->with(RisottoChecks::of($plan));
    }

    /** What is finished to order has little time, and is to be hot through. */
    private function lazyBubble(): string
    {
        return $this->ask->method->partCooked === null
            ? $this->ask->burner->after($this->ask->grain->window->middle() / 2)->nearest($this->ask->heatFor(Fit::LAZY_BUBBLE))
            : $this->ask->burner->nearest($this->ask->heatFor(Fit::BOILING_UP));
    }
}
