<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

/** One rice as the engine needs it. */
final readonly class Grain
{
    /** Raw short and medium grain, g per mL: 200 g per US cup (USDA FoodData Central; from memory). */
    public const RAW_G_PER_ML = 200.0 / (3785.411784 / 16);

    /** Warms one gram of raw rice by one kelvin, J/(g·K) (usual value for dry cereal; from memory). */
    public const SPECIFIC_HEAT = 1.6;

    /** Solid matter of one raw grain, g per mL (usual value for milled rice; from memory). */
    public const GRAIN_G_PER_ML = 1.45;

    /** Share of a stirred bed that is grain, the rest being the gaps (packing of blunt ellipsoids, about 0.65; from memory). */
    public const BED_SHARE = 0.65;

    /**
     * @param  float  $rate  k, drinking rate per minute at 100 °C, > 0
     * @param  float  $hot  g water per g raw rice that it would drink in the end, at 80 °C and above, > 0
     */
    public function __construct(
        public Variety $variety,
        public float $rate,
        public float $hot,
        public Window $window,
    ) {}

    public function withWindow(Window $window): self
    {
        return new self($this->variety, $this->rate, $this->hot, $window);
    }

    /**
     * What it has drunk after some minutes at 100 °C in ample liquid, unsealed: M(t) = hot · (1 − e^(−k·t)).
     *
     * @return float g per g raw rice
     */
    public function drunkInAmpleLiquid(float $minutes): float
    {
        return $this->hot * (1 - exp(-$this->rate * $minutes));
    }

    /**
     * Free liquid that just fills the gaps between the grains: with less, the grains show.
     *
     * @param  float  $rice  g raw
     * @param  float  $drunk  g per g raw rice
     *
     * @return float g
     */
    public static function gaps(float $rice, float $drunk): float
    {
        $grains = $rice / self::GRAIN_G_PER_ML + $rice * $drunk;

        return $grains * (1 - self::BED_SHARE) / self::BED_SHARE;
    }
}
