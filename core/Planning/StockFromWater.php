<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Water\Steam;

/** A stock made on the day: what gives it its taste simmers in water, and is strained off. */
final readonly class StockFromWater
{
    /** Water from the tap, °C. */
    private const TAP_C = 15.0;

    /** As it simmers, °C. */
    private const SIMMERS_C = 98.0;

    /**
     * @param  float  $simmers  min (common practice: vegetables 15 to 20, shells 20 to 30 and never longer)
     * @param  float  $strained  share of its water that comes out of the sieve, 0 to 1 (our estimate where nobody has measured it: 0.9)
     * @param  float  $solids  g of vegetables, shells or bones to a litre of water
     */
    public function __construct(public float $simmers, public float $strained, public float $solids) {}

    /**
     * Minutes from cold water until it is strained.
     *
     * @param  float  $water  mL
     * @param  float  $ring  net power, W
     */
    public function takes(float $water, float $ring): float
    {
        return Steam::SPECIFIC_HEAT * $water * (self::SIMMERS_C - self::TAP_C) / $ring / 60 + $this->simmers;
    }

    /**
     * The weight of what simmers in it, g.
     *
     * @param  float  $water  mL
     */
    public function weighIn(float $water): float
    {
        return $this->solids * $water / 1000;
    }
}
