<?php

declare(strict_types=1);

namespace Velko\Core\Family\SoupyRice;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\HoldingAtPass;
use Velko\Core\Planning\Outcome;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\RightAtTheTable;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Fit;
use Velko\Core\Water\Steam;

/**
 * Works out a soupy rice: all the stock at once, so much that the rice lies as loose as wanted in the bowl.
 *
 * Off the heat it goes on drinking, faster than anything else on the station sets up; so both the stock and the pull
 * point are solved for the moment at the table, after the walk.
 */
final class SoupyRicePlanner
{
    /** To bring a pot back to the boil, W/m² (our estimate). */
    private const BACK_TO_THE_BOIL = 25000.0;

    /** A pot that boils again within so many seconds on its simmer needs no help. */
    private const SOON = 60.0;

    /** The knob is turned at whole steps, s. */
    private const TURNED_AT = 10.0;

    private const LOOSENESS_TOLERANCE = 0.01;

    private const DONENESS_TOLERANCE = 0.03;

    private const MOST_PULLS = 6;

    /** Rounding the stock may move looseness by this much, g/g. */
    private const ROUNDING = 0.02;

    private const MINUTES_GUESSED = 15.0;

    /** Of two pours the first is most of it (common practice, no single source). */
    private const FIRST_POUR = 0.65;

    private readonly float $rice;

    /** @var non-empty-list<HeatChange> */
    private readonly array $heat;

    private readonly Cooking $cooking;

    private readonly State $before;

    private function __construct(private readonly Ask $ask)
    {
        $this->rice = $ask->rice();
        [$strong, $simmer, $back] = $this->marks();
        $this->cooking = new Cooking($ask, $ask->method->heat ?? [new HeatChange(0.0, $back > 0 ? $strong : $simmer)]);
        $this->before = $this->cooking->atFirstStock();
        $this->heat = $ask->method->heat ?? ($back > 0
            ? [new HeatChange(0.0, $strong), new HeatChange(($this->before->second + $back) / 60, $simmer)]
            : [new HeatChange(0.0, $simmer)]);
        $this->cooking->under($this->heat);
    }

    public static function plan(Ask $ask): Plan
    {
        return (new self($ask))->solve();
    }

    private function solve(): Plan
    {
        $right = new RightAtTheTable($this->ask, self::DONENESS_TOLERANCE, self::LOOSENESS_TOLERANCE, self::MOST_PULLS);
        [$stock, $outcome] = $right->stockAndPull($this->cook(...), $this->guess(), $this->usesPerMinute());
        $stock = Rounding::to($stock, max(Rounding::JUG, Rounding::step(self::ROUNDING * $this->rice)));
        $pours = $this->pours($stock);
        $run = $this->cooking->cook(array_column($pours, 'second'), array_column($pours, 'volume'), $outcome->pulled->second);
        $standing = HoldingAtPass::of($this->ask, $this->cooking, $run->off());
        $plan = new Plan(
            $this->ask, $stock, $this->heat,
            SoupyRiceStages::of($this->ask, $this->heat, $pours, $run, $standing, $this->cooking->boilsUp($pours[0]['volume'])),
            $run, $standing, $this->cooking->cost(),
        );

        return $plan->with(SoupyRiceChecks::of($plan));
    }

    private function cook(float $stock, float $pull): Outcome
    {
        $state = clone $this->before;
        $this->cooking->pourStock($state, $this->first($stock));
        if ($this->ask->method->twoPours) {
            $this->cooking->runTo($state, Cooking::LONGEST, Cooking::BONE_DRY * $this->rice, min($pull, $this->halfDone()));
            $this->cooking->pourStock($state, $stock - $this->first($stock));
        }
        $this->cooking->runTo($state, Cooking::LONGEST, Cooking::BONE_DRY * $this->rice, $pull);

        return $this->cooking->land($state, $pull);
    }

    /**
     * When how much is poured: at once, or most of it at first and the rest when it is half done and has thickened.
     *
     * @return non-empty-list<array{second: float, volume: float}>
     */
    private function pours(float $stock): array
    {
        $first = $this->first($stock);
        if (! $this->ask->method->twoPours) {
            return [['second' => $this->before->second, 'volume' => $first]];
        }
        $state = clone $this->before;
        $this->cooking->pourStock($state, $first);
        $this->cooking->runTo($state, Cooking::LONGEST, Cooking::BONE_DRY * $this->rice, $this->halfDone());

        return [['second' => $this->before->second, 'volume' => $first], ['second' => round($state->second), 'volume' => $stock - $first]];
    }

    /** The part of the stock that goes in first, mL, rounded as a jug is read. */
    private function first(float $stock): float
    {
        return $this->ask->method->twoPours ? Rounding::to(self::FIRST_POUR * $stock, Rounding::JUG) : $stock;
    }

    /** Half of the doneness that is wanted, minutes at 100 °C. */
    private function halfDone(): float
    {
        return $this->ask->grain->window->middle() / 2;
    }

    /**
     * A simmer; with a pot that would take long to boil again once the stock is in, a stronger setting until it does.
     *
     * @return array{string, string, float} the stronger mark, the simmer's, and seconds from the stock on until the knob is turned; 0: it need not be
     */
    private function marks(): array
    {
        $ask = $this->ask;
        $area = $ask->pan->baseArea();
        $simmer = $ask->burner->nearest($ask->heatFor(Fit::SIMMER));
        $strong = $ask->burner->nearest(self::BACK_TO_THE_BOIL * $area);
        $capacity = $ask->pan->metal + Grain::SPECIFIC_HEAT * $this->rice + Steam::SPECIFIC_HEAT * $this->guess();
        $joules = $capacity * max(0.0, $ask->conditions()->boiling - $ask->stock->temperature);
        if ($joules <= self::SOON * $ask->burner->net[$simmer] || $ask->burner->net[$strong] <= $ask->burner->net[$simmer]) {
            return [$strong, $simmer, 0.0];
        }
        $back = max(1.0, round($joules / $ask->burner->net[$strong] / self::TURNED_AT)) * self::TURNED_AT;

        return [$strong, $simmer, $back];
    }

    /** What a minute longer takes near the end, mL. */
    private function usesPerMinute(): float
    {
        $grain = $this->ask->grain;

        return $this->rice * ($grain->drunkInAmpleLiquid(self::MINUTES_GUESSED) - $grain->drunkInAmpleLiquid(self::MINUTES_GUESSED - 1)) + $this->boilsOffPerMinute();
    }

    private function boilsOffPerMinute(): float
    {
        return 60 * Fit::SIMMER * $this->ask->pan->baseArea() / Steam::LATENT_HEAT;
    }

    /** A first guess of the stock, mL. */
    private function guess(): float
    {
        return max($this->rice, $this->rice * ($this->ask->target->looseness + $this->ask->grain->drunkInAmpleLiquid(self::MINUTES_GUESSED)) + self::MINUTES_GUESSED * $this->boilsOffPerMinute() - $this->ask->sparedByFood());
    }
}
