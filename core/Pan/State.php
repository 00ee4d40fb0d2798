<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/**
 * What is in one pan at one moment. Changed only by {@see Simulation}; plain public numbers, so that the loop can
 * keep them in local variables and write them back. Clone it to look ahead from here.
 *
 * Mass is conserved: poured + brought = rice · (drunk − soaked) + free + boiledOff + liftedOut, to 1e-9 of what was poured.
 */
final class State
{
    /** Seconds since the first liquid. */
    public float $second = 0.0;

    /** Free liquid, g. */
    public float $free = 0.0;

    /** Drunk by the rice, g per g raw. */
    public float $drunk = 0.0;

    /** The temperature of what is in the pan, °C. */
    public float $temperature;

    /** Minutes at 100 °C. */
    public float $doneness = 0.0;

    /** Share of a fat-sealed grain that is still closed, 1 at first; 0 for a grain that was never sealed. */
    public float $sealed;

    /** All that was poured, boiled off and lifted out so far, g. */
    public float $poured = 0.0;

    public float $boiledOff = 0.0;

    public float $liftedOut = 0.0;

    /** Water that came out of what else is in the pan, g; below nothing what that took up. */
    public float $brought = 0.0;

    /**
     * Water that is still to come out of it, g, or below nothing to go in; and the share of it that does each time it is let go.
     *
     * @var list<float>
     */
    public array $gives = [];

    /** @var list<float> */
    public array $givesShare = [];

    /** @var array<int, float> second at which what goes in once went in, by its number */
    public array $addedAt = [];

    /** Salt brought by what was poured and added, g. Steam leaves it behind. */
    public float $salt = 0.0;

    /** Heat that warms what was added and beaten in by one kelvin, J/K, but for the water that came out of it. */
    public float $extras = 0.0;

    /** Heat that warms what holds the contents by one kelvin, J/K: the pan's metal, then the plates. */
    public float $vessel = 0.0;

    /** Open surface, m²: the pan's floor, then the plates. */
    public float $surface = 0.0;

    /** Metal of the floor, all of it alike, °C, while the floor is bare; of no meaning while it is wet. */
    public float $floor = 0.0;

    /** Water that left the rice just over a bare floor as steam, g; what it had drunk is counted without it. */
    public float $dried = 0.0;

    /** Net power into the contents, W. */
    public float $net = 0.0;

    /** Whether that stays as it is while the fire falls: an oven's. */
    public bool $steady = false;

    /** Share of the vapour below the boil that the cover holds back, 0 when open. */
    public float $cover = 0.0;

    /** Heat lost per kelvin above the room once off the heat, W/K; 0 on the ring, where net power counts it already. */
    public float $losing = 0.0;

    /** Second up to which what is to be done to it was done (core/Act). */
    public float $played = -INF;

    /** Heat lost to the room so far, through a lid at the boil and off the ring, J. */
    public float $lost = 0.0;

    /**
     * @param  float  $soaked  g per g that the rice took up before the cook
     * @param  float  $doneness  minutes at 100 °C that it is ahead by that
     */
    public function __construct(float $temperature, bool $sealed, public readonly float $soaked = 0.0, float $doneness = 0.0)
    {
        $this->temperature = $temperature;
        $this->sealed = $sealed ? 1.0 : 0.0;
        $this->drunk = $soaked;
        $this->doneness = $doneness;
    }

    /**
     * Drunk by the rice above the crust of a bare floor, g per g raw.
     *
     * @param  float  $rice  g raw
     */
    public function drunkAboveTheCrust(float $rice): float
    {
        return $this->drunk + $this->dried / $rice;
    }

    public function minute(): float
    {
        return $this->second / 60;
    }
}
