<?php

declare(strict_types=1);

namespace Velko\Core\Season;

/** How salty a kitchen's plates are to be, g in 100 g of the whole plate. */
final readonly class Seasoning
{
    /** Common practice, no single source. */
    public const LOW = 0.8;

    public const HIGH = 1.0;

    /** What a tongue does not tell from the top of it. */
    private const NOT_TOLD = 0.1;

    /** Less salt than this nobody weighs, g. */
    private const PINCH = 0.5;

    /**
     * @param  float  $low  percent of the plate
     * @param  float  $high  percent of the plate
     * @param  float|null  $sodiumMost  mg a cover at most; the dietitian sets it, null where nobody has
     */
    public function __construct(public float $low = self::LOW, public float $high = self::HIGH, public ?float $sodiumMost = null) {}

    /** Salt at most on so many plates, g. */
    public function most(int $covers): float
    {
        return $this->sodiumMost === null ? INF : Salt::ofSodium($this->sodiumMost) * $covers;
    }

    public function middle(): float
    {
        return ($this->low + $this->high) / 2;
    }

    /** Above this a plate is salty, percent. */
    public function salty(): float
    {
        return $this->high + self::NOT_TOLD;
    }

    /**
     * Salt that brings a plate to the middle, and no further than its ceiling; none where it has enough, or where it is less than a pinch.
     *
     * @param  float  $salt  g that it has
     * @param  float  $plate  g, all of it
     *
     * @return float g
     */
    public function grams(float $salt, float $plate, int $covers): float
    {
        $wanted = $this->middle() / 100;
        $grams = min(($wanted * $plate - $salt) / (1 - $wanted), $this->most($covers) - $salt);

        return $grams < self::PINCH ? 0.0 : $grams;
    }
}
