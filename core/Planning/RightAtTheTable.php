<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/**
 * The search for a plate that is right when it is eaten. The pull: so early that the bite is right at the table, since the
 * grain goes on cooking on its own heat. The stock: so much that the rice is as loose as asked there, since it goes on
 * drinking. Whoever searches says how the pan is cooked, and how near is near enough.
 */
final readonly class RightAtTheTable
{
    /** No pull is looked for sooner, minutes at 100 °C. */
    private const SOONEST = 0.5;

    /** How far a pan that is dry before its rice is done counts as below the target, g/g per minute missing. */
    private const DRY_COSTS_PER_MINUTE = 0.1;

    /** Stock and pull come right together in two or three looks, or not at all. */
    private const LOOKS_AT_BOTH = 5;

    private float $rice;

    private float $wanted;

    /**
     * @param  float  $doneness  near enough, minutes at 100 °C
     * @param  float  $looseness  near enough, g/g
     * @param  int  $tries  pulls tried, ≥ 1
     */
    public function __construct(private Ask $ask, private float $doneness, private float $looseness, private int $tries)
    {
        $this->rice = $ask->rice();
        $this->wanted = $ask->grain->window->middle();
    }

    /** Where to look first, minutes at 100 °C. */
    public function firstPull(): float
    {
        return $this->wanted - $this->ask->gainsOffTheHeat();
    }

    /**
     * Pulled so that the bite is right at the table.
     *
     * @param  callable(float): Outcome  $cook  by the doneness at which it comes off
     * @param  float  $pull  tried first, minutes at 100 °C
     * @param  float  $from  s: a pan that came off no later than this could not come off sooner
     */
    public function pulled(callable $cook, float $pull, float $from = -INF): Outcome
    {
        for ($try = 1; true; $try++) {
            $outcome = $cook($pull);
            $late = $outcome->doneness() - $this->wanted;
            if (abs($late) <= $this->doneness || $try >= $this->tries || $outcome->pulled->second <= $from) {
                return $outcome;
            }
            $pull = max(self::SOONEST, $pull - $late);
        }
    }

    /**
     * Stock that brings it to the table as loose as asked.
     *
     * @param  callable(float): Outcome  $cook  by the mL poured
     * @param  float  $guess  mL
     *
     * @return array{float, Outcome}|null mL, and how they land; null when it is too loose without any
     */
    public function stock(callable $cook, float $guess): ?array
    {
        $outcome = null;
        $volume = RootFinder::of(function (float $volume) use ($cook, &$outcome): float {
            $outcome = $cook($volume);

            return $this->looseness($outcome);
        }, $this->ask->target->looseness, $guess, 1 / $this->rice, 0.0, $this->looseness);

        return $volume === null || $outcome === null ? null : [$volume, $outcome];
    }

    /**
     * Both at once, of a pan whose stock goes in at one time: each look corrects the two, since a little more stock hardly
     * moves the bite. Where that gets nowhere, the stock is searched for anew with every pull.
     *
     * @param  callable(float, float): Outcome  $cook  by the mL poured and the doneness at which it comes off
     * @param  float  $volume  tried first, mL
     * @param  float  $uses  what a minute longer on the heat takes, about, mL
     *
     * @return array{float, Outcome} mL, 0 when it is too loose without any; how they land
     */
    public function stockAndPull(callable $cook, float $volume, float $uses): array
    {
        [$stock, $pull] = [$volume, $this->firstPull()];
        for ($look = 1; $look <= self::LOOKS_AT_BOTH && $stock > 0; $look++) {
            $outcome = $cook($stock, $pull);
            $loose = $this->looseness($outcome) - $this->ask->target->looseness;
            $late = $outcome->doneness() - $this->wanted;
            if (abs($loose) <= $this->looseness && abs($late) <= $this->doneness) {
                return [$stock, $outcome];
            }
            $stock -= $loose * $this->rice + $late * $uses;
            $pull = max(self::SOONEST, $pull - $late);
        }
        $outcome = $this->pulled(function (float $pull) use ($cook, &$volume): Outcome {
            [$volume, $outcome] = $this->stock(static fn (float $stock): Outcome => $cook($stock, $pull), $volume) ?? [0.0, null];

            return $outcome ?? $cook(0.0, $pull);
        }, $this->firstPull());

        return [$volume, $outcome];
    }

    /** Free liquid per raw rice at the table, g/g; below nothing when the pan is dry before the rice is done. */
    public function looseness(Outcome $outcome): float
    {
        return $outcome->atTable->free / $this->rice - $outcome->missing * self::DRY_COSTS_PER_MINUTE;
    }
}
