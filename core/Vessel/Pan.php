<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Rice\Grain;

/** One pan by its measures: a truncated cone, base to rim. */
final readonly class Pan
{
    public const MIN_DIAMETER_CM = 10.0;

    public const MAX_DIAMETER_CM = 150.0;

    public const MIN_HEIGHT_CM = 2.0;

    public const MAX_HEIGHT_CM = 60.0;

    public const MAX_METAL = 50000.0;

    /** No floor is thinner than a foil, a tenth of a millimetre of steel, J/(m²·K). */
    private const FOIL = 385.0;

    /** What an oven's air and walls give to what stands in it, W/(m²·K): some 15 by its fan and some 15 as radiation (usual values; from memory). */
    private const OVEN_W_M2_K = 30.0;

    /** Cooked rice, g per mL of pan it fills (our estimate; cooked short grain is 186 g per US cup loose, USDA FDC; from memory). */
    public const COOKED_G_PER_ML = 0.79;

    /** What must stay free under the rim, cm (common practice, no single source). */
    public const FREEBOARD_CM = 1.5;

    /** A risotto deeper than this cannot be stirred evenly, mm (common practice, no single source). */
    public const RISOTTO_LAYER_MM = 60.0;

    /** A pan rice deeper than this cooks unevenly, mm (common practice, no single source). */
    public const PAN_RICE_LAYER_MM = 12.0;

    /**
     * @param  float  $base  diameter of the flat floor, cm, 10 to 150
     * @param  float  $rim  diameter at the rim, cm, not less than the base, to 150
     * @param  float  $height  inside, cm, 2 to 60
     * @param  float  $metal  heat that warms the pan by one kelvin, J/K, 0 to 50,000
     *
     * @throws OutOfRange
     */
    public function __construct(
        public float $base,
        public float $rim,
        public float $height,
        public float $metal,
    ) {
        self::check('the base diameter', $base, self::MIN_DIAMETER_CM, self::MAX_DIAMETER_CM, 'cm');
        self::check('the rim diameter', $rim, $base, self::MAX_DIAMETER_CM, 'cm');
        self::check('the height', $height, self::MIN_HEIGHT_CM, self::MAX_HEIGHT_CM, 'cm');
        self::check('the heat capacity of the metal', $metal, 0, self::MAX_METAL, 'J/K');
    }

    /** Area of the floor, m². */
    public function baseArea(): float
    {
        return M_PI * ($this->base / 200) ** 2;
    }

    /** Its metal as it lies under each square metre of floor, were floor and wall as thick, J/(m²·K). */
    public function metalPerArea(): float
    {
        return max(self::FOIL, $this->metal / ($this->baseArea() + $this->wallArea()));
    }

    /** What a lid covers, m². */
    public function rimArea(): float
    {
        return M_PI * ($this->rim / 200) ** 2;
    }

    /**
     * Depth of the cooked rice, mm.
     *
     * @param  float  $rice  g raw
     * @param  float  $drunk  g per g raw rice
     */
    public function layer(float $rice, float $drunk): float
    {
        return $this->depth($rice * (1 + $drunk) / self::COOKED_G_PER_ML);
    }

    /**
     * How deep so much lies, mm.
     *
     * @param  float  $volume  mL
     */
    public function depth(float $volume): float
    {
        return $volume / 1000 / $this->baseArea();
    }

    /**
     * Raw rice whose cooked layer is just as deep as the limit, g.
     *
     * @param  float  $limit  mm
     * @param  float  $beside  mL of everything else for a gram of it
     */
    public function riceForLayer(float $limit, float $drunk, float $beside = 0.0): float
    {
        return $limit * $this->baseArea() * 1000 / ((1 + $drunk) / self::COOKED_G_PER_ML + $beside);
    }

    /** What it holds up to the free rim, mL. */
    public function workingVolume(): float
    {
        return $this->volumeTo(max(0.0, $this->height - self::FREEBOARD_CM));
    }

    /** What it holds to the very rim, mL. */
    public function fullVolume(): float
    {
        return $this->volumeTo($this->height);
    }

    /** @param  float  $height  of the liquid, cm */
    private function volumeTo(float $height): float
    {
        $bottom = $this->base / 2;
        $top = $bottom + ($this->rim - $this->base) / 2 * $height / $this->height;

        return M_PI * $height / 3 * ($bottom ** 2 + $bottom * $top + $top ** 2);
    }

    /**
     * W that it catches in an oven while its contents boil: from below, from above and through its wall.
     *
     * @param  float  $celsius  of the oven's air
     * @param  float  $boiling  °C
     */
    public function caughtInAnOven(float $celsius, float $boiling): float
    {
        return round(self::OVEN_W_M2_K * ($this->baseArea() + $this->rimArea() + $this->wallArea()) * max(0.0, $celsius - $boiling));
    }

    /** The area of the wall, m². */
    private function wallArea(): float
    {
        return M_PI * ($this->base + $this->rim) / 200 * hypot($this->height, ($this->rim - $this->base) / 2) / 100;
    }

    /** Raw rice with so much liquid over it, mL. */
    public static function volumeAtPour(float $rice, float $liquid): float
    {
        return $rice / Grain::GRAIN_G_PER_ML + $liquid;
    }

    private static function check(string $what, float $value, float $min, float $max, string $unit): void
    {
        if (! ($value >= $min && $value <= $max)) {
            throw OutOfRange::of($what, $value, $min, $max, $unit);
        }
    }
}
