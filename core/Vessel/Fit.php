<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** What rice asks of a pan before the cook is worked out: how deep it may lie, how much it swells, how strong a ring it needs. */
final readonly class Fit
{
    /** What rice has drunk when it is done in its sauce, g per g raw. */
    private const DRUNK = 1.55;

    /** On top of the looseness wanted, a stew boils off about so much on the way, g per g raw. */
    private const STEW_EXTRA = 0.6;

    /** A pan rice drinks so much of what it would in ample liquid, since it ends dry and finishes in its own moisture (tests/Core/Planning). */
    private const OF_AMPLE = 0.86;

    /** A pan rice boils off about so much on top of what it drinks, g per g raw, most of it in the pan at the pour. */
    private const PAN_RICE_EXTRA = 1.8;

    /** Net heat over the floor: a lazy bubble, a pan that must boil out to the rim, a pot that simmers, W/m² (our estimates). */
    public const LAZY_BUBBLE = 15000.0;

    /** What brings a cold portion to the boil in a minute or two, and does not burn it yet, W/m² (our estimate). */
    public const BOILING_UP = 22000.0;

    public const HOT = 20000.0;

    public const SIMMER = 12000.0;

    /**
     * @param  float|null  $layer  mm of cooked rice at most; null: only the rim counts
     * @param  float  $drunk  g per g raw rice when done
     * @param  float  $liquid  the most that lies around the rice as it swells, g per g raw
     * @param  float  $heat  net power over the floor that the strongest mark must reach, W/m²
     * @param  non-empty-list<Shape>  $shapes  that are made for it
     * @param  float  $beside  mL that everything else takes up, for a gram of raw rice
     */
    private function __construct(
        public ?float $layer,
        public float $drunk,
        public float $liquid,
        public float $heat,
        public array $shapes,
        public float $beside = 0.0,
    ) {}

    public static function stirred(float $looseness): self
    {
        return new self(Pan::RISOTTO_LAYER_MM, self::DRUNK, max(1.1, $looseness), self::LAZY_BUBBLE, [Shape::Broad]);
    }

    /** @param  float  $ample  g per g raw rice that it would drink in ample liquid */
    public static function thinLayer(float $ample): self
    {
        return new self(Pan::PAN_RICE_LAYER_MM, self::OF_AMPLE * $ample, self::PAN_RICE_EXTRA, self::HOT, [Shape::Flat]);
    }

    public static function pot(float $looseness): self
    {
        return new self(null, self::DRUNK, $looseness + self::STEW_EXTRA, self::SIMMER, [Shape::Broad, Shape::Deep]);
    }

    /**
     * The same with everything else that lies in the pan.
     *
     * @param  float  $room  mL for a gram of raw rice
     */
    public function withRoomFor(float $room): self
    {
        return new self($this->layer, $this->drunk, $this->liquid, $this->heat, $this->shapes, $room);
    }

    /** Raw rice for which a pan is just deep and just roomy enough, g. */
    public function mostRice(Pan $pan): float
    {
        $byRim = $pan->workingVolume() / ((1 + $this->drunk) / Pan::COOKED_G_PER_ML + $this->liquid + $this->beside);

        return $this->layer === null ? $byRim : min($byRim, $pan->riceForLayer($this->layer, $this->drunk, $this->beside));
    }

    /** Whether a pan has the shape for it. */
    public function suits(Pan $pan): bool
    {
        return in_array(Shape::of($pan), $this->shapes, true);
    }
}
