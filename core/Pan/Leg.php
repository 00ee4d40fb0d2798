<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** A stretch of the crust: so long on this heat, with the pan standing so. */
final readonly class Leg
{
    /** A hand turns a pan by a step no oftener than this, s (our estimate). */
    public const QUICKEST_TURN = 5.0;

    /**
     * @param  float  $seconds  ≥ 0
     * @param  float  $net  W; 0 once it is off the heat
     * @param  float  $shift  of the pan's middle from the ring's, cm; a shifted pan is turned step by step, so that each side of it gets its share
     * @param  float  $every  s from one step to the next
     * @param  float  $catches  share of the ring's heat that the pan catches so
     */
    public function __construct(
        public float $seconds,
        public float $net,
        public float $shift = 0.0,
        public float $every = self::QUICKEST_TURN,
        public float $catches = 1.0,
    ) {}

    /**
     * Shifted, and turned right round as often as the time allows.
     *
     * @param  float  $shift  cm, > 0
     * @param  float  $catches  share of the ring's heat
     */
    public static function turned(float $seconds, float $net, float $shift, float $catches): self
    {
        $rounds = max(1.0, floor($seconds / (self::QUICKEST_TURN * Floor::TURN_STEPS)));

        return new self($seconds, $net, $shift, max(self::QUICKEST_TURN, $seconds / $rounds / Floor::TURN_STEPS), $catches);
    }

    /** What hot metal does once the fire is out. */
    public static function goesOn(): self
    {
        return new self(Crust::GOES_ON, 0.0);
    }

    /** The same for another time. */
    public function lasting(float $seconds): self
    {
        return new self($seconds, $this->net, $this->shift, $this->every, $this->catches);
    }
}
