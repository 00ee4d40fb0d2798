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

    /** Minutes over which a grain in cold water comes near what it takes up cold: most of it in 20 min (common practice, no single source). */
    private const SOAKS_IN_MINUTES = 8.0;

    /**
     * Share of a bed that is grain, the rest being the gaps: loose packing of blunt ellipsoids, about 0.60 (from memory).
     * With it the grains of a pan rice show about minute 8 to 10 (common practice, no single source).
     */
    public const BED_SHARE = 0.60;

    /** Gaps in the bed, mL per mL of grain: what each g drunk adds to the liquid that just covers. */
    public const GAPS_PER_GRAIN = (1 - self::BED_SHARE) / self::BED_SHARE;

    /**
     * @param  float  $rate  k, drinking rate per minute at 100 °C, > 0
     * @param  float  $hot  g water per g raw rice that it would drink in the end, at 80 °C and above, > 0
     * @param  float|null  $measured  g per g raw that it was found to have drunk at the middle of its window; null: as its kind does
     * @param  Window|null  $whole  its window where it is stopped before; null: it is cooked to its window
     * @param  float  $browns  how fast the floor under it browns once it is dry, against ours, > 0: what it drank may be sweet
     */
    public function __construct(
        public Variety $variety,
        public float $rate,
        public float $hot,
        public Window $window,
        public ?float $measured = null,
        private ?Window $whole = null,
        public float $browns = 1.0,
    ) {}

    /** What drained rice still carries between its grains, g per g raw (our estimate). */
    private const CLINGS = 0.10;

    /** No rice drinks less or more than this in its time, g per g raw. */
    public const LEAST_DRUNK = 0.5;

    public const MOST_DRUNK = 3.5;

    /**
     * What it has drunk by the end of one pan of plenty of boiling water.
     *
     * @param  float  $raw  g, > 0
     * @param  float  $drained  g
     *
     * @return float g per g raw
     */
    public static function drunkWhenBoiled(float $raw, float $drained): float
    {
        return $drained / $raw - 1 - self::CLINGS;
    }

    /**
     * A packet that nobody knows, as one pan has found it. By the middle of its own window it is as far along as its kind is by
     * the middle of its.
     *
     * @param  float  $drunk  g per g raw at the middle of its window, in plenty of boiling water
     */
    public function drinks(float $drunk): self
    {
        $kind = $this->variety->grain();
        $rate = $kind->rate * $kind->window->middle() / $this->window->middle();

        return new self($this->variety, $rate, $drunk / (1 - exp(-$rate * $this->window->middle())), $this->window, $drunk, browns: $this->browns);
    }

    public function withWindow(Window $window): self
    {
        $grain = new self($this->variety, $this->rate, $this->hot, $window, browns: $this->browns);

        return $this->measured === null ? $grain : $grain->drinks($this->measured);
    }

    /** The same rice, stopped at a share of its minutes. */
    public function upTo(float $share): self
    {
        return new self($this->variety, $this->rate, $this->hot, $this->window->times($share), $this->measured, $this->tooth(), $this->browns);
    }

    /** The window that a tooth means by its words: where the rice is done, wherever it is stopped. */
    public function tooth(): Window
    {
        return $this->whole ?? $this->window;
    }

    /** A rice that drinks so many times as much. */
    public function drinkingTimes(float $times): self
    {
        return new self($this->variety, $this->rate, $this->hot * $times, $this->window, $this->measured, $this->whole, $this->browns);
    }

    /** A rice that takes so many times as long to be done. */
    public function doneAfterTimes(float $times): self
    {
        return new self($this->variety, $this->rate, $this->hot, $this->window->times($times), $this->measured, $this->whole?->times($times), $this->browns);
    }

    /** A rice under which the floor browns so many times as fast. */
    public function browningTimes(float $times): self
    {
        return new self($this->variety, $this->rate, $this->hot, $this->window, $this->measured, $this->whole, $this->browns * $times);
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
     * What it takes up in cold water.
     *
     * @param  float  $minutes  ≥ 0
     *
     * @return float g per g raw rice
     */
    public function soaked(float $minutes): float
    {
        return Kinetics::COLD_UPTAKE * (1 - exp(-$minutes / self::SOAKS_IN_MINUTES));
    }

    /**
     * Minutes at 100 °C in ample liquid after which it has drunk so much: how far a soaked grain is ahead (our estimate).
     *
     * @param  float  $drunk  g per g raw rice, below what it would drink in the end
     */
    public function minutesToDrink(float $drunk): float
    {
        return -log(1 - $drunk / $this->hot) / $this->rate;
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
        return $rice * (self::gapsOfRaw() + self::GAPS_PER_GRAIN * $drunk);
    }

    /** Gaps of a bed of raw rice, mL per g. */
    public static function gapsOfRaw(): float
    {
        return self::GAPS_PER_GRAIN / self::GRAIN_G_PER_ML;
    }
}
