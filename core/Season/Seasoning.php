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

    public function __construct(public float $low = self::LOW, public float $high = self::HIGH) {}

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
     * Salt that brings a plate to the middle; none where it has enough, or where it is less than a pinch.
     *
     * @param  float  $salt  g that it has
     * @param  float  $plate  g, all of it
     *
     * @return float g
     */
    public function grams(float $salt, float $plate): float
    {
        $wanted = $this->middle() / 100;
        $grams = ($wanted * $plate - $salt) / (1 - $wanted);

        return $grams < self::PINCH ? 0.0 : $grams;
    }
}
