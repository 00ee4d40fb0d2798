<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

/** The pan on the scale. */
final readonly class Weighing
{
    /** What a kitchen scale under a hot pan can be trusted to, one standard deviation, g. */
    public const SPREAD_G = 5.0;

    /** The base and what else was put in are known to this share: onions sweat, fat spits (our estimate). */
    private const EXTRAS_SPREAD = 0.03;

    /**
     * @param  float  $gross  g, pan and all
     * @param  float  $tare  g, the empty pan
     * @param  float  $extras  g, what is in it besides rice and liquid
     */
    public function __construct(public float $gross, public float $tare, public float $extras) {}

    /**
     * Water in the pan, free and drunk, g.
     *
     * @param  float  $rice  g raw
     */
    public function water(float $rice): float
    {
        return $this->gross - $this->tare - $this->extras - $rice;
    }

    /** The same on a scale that shows so many times as much; what else is in the pan was weighed on another. */
    public function times(float $times): self
    {
        return new self($this->gross * $times, $this->tare * $times, $this->extras);
    }

    /** The same, if so many g more of other things were in the pan. */
    public function withMore(float $grams): self
    {
        return new self($this->gross, $this->tare, $this->extras + $grams);
    }

    /** One standard deviation, g. */
    public function spread(): float
    {
        return hypot(self::SPREAD_G, self::EXTRAS_SPREAD * $this->extras);
    }
}
