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

    /**
     * Where to look first, minutes at 100 °C.
     *
     * @param  float  $adds  what a minute on the way adds, about
     */
    public function firstPull(float $adds = 0.8): float
    {
        $method = $this->ask->method;

        return $this->wanted - $adds * ($method->finish + $method->rest + $this->ask->target->minutesToTable);
    }

    /**
     * Pulled so that the bite is right at the table.
     *
     * @param  callable(float): Landed  $cook  by the doneness at which it comes off
     * @param  float  $pull  tried first, minutes at 100 °C
     * @param  float  $from  s: a pan that came off no later than this could not come off sooner
     */
    public function pulled(callable $cook, float $pull, float $from = -INF): Landed
    {
        for ($try = 1; true; $try++) {
            $landed = $cook($pull);
            $late = $landed->doneness() - $this->wanted;
            if (abs($late) <= $this->doneness || $try >= $this->tries || $landed->pulled->second <= $from) {
                return $landed;
            }
            $pull = max(self::SOONEST, $pull - $late);
        }
    }

    /**
     * Stock that brings it to the table as loose as asked.
     *
     * @param  callable(float): Landed  $cook  by the mL poured
     * @param  float  $guess  mL
     *
     * @return float|null mL; null when it is too loose without any
     */
    public function stock(callable $cook, float $guess): ?float
    {
        return Root::of(fn (float $volume): float => $this->looseness($cook($volume)), $this->ask->target->looseness, $guess, 1 / $this->rice, 0.0, $this->looseness);
    }

    /** Free liquid per raw rice at the table, g/g; below nothing when the pan is dry before the rice is done. */
    public function looseness(Landed $landed): float
    {
        return $landed->atTable->free / $this->rice - $landed->missing * self::DRY_COSTS_PER_MINUTE;
    }
}
