<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

use Velko\Core\Vessel\Pan;

/**
 * How the heat of a ring lies on the floor of a pan: even over the ring, falling off beyond it as far as the metal
 * carries it. Our estimate; a kitchen corrects it from its log.
 */
final readonly class Floor
{
    /** Carbon steel carries heat, W/(m·K) (usual value; from memory). */
    private const CONDUCTS = 50.0;

    /** The heat that the metal holds, J/(m³·K) (usual value; from memory). */
    private const METAL_HOLDS = 3.85e6;

    /** A bare floor gives its heat on, W/(m²·K): through the contact and half a millimetre of dry rice. */
    private const GIVES_ON = 143.0;

    /** The metal carries at least so far, since flames lick outward, cm; and hardly ever further. */
    private const LEAST_SPREAD = 2.0;

    private const MOST_SPREAD = 12.0;

    /** Where the middle and the rim are looked at, shares of the floor's radius. */
    public const CENTRE = 0.06;

    public const RIM = 0.94;

    /** A shifted pan is turned in so many steps a round, as the hours lie on a clock. */
    public const TURN_STEPS = 12;

    /** Steps from the middle to the rim in the mean over the floor. */
    private const STEPS = 48;

    /**
     * @param  float  $radius  of the pan's floor, cm
     * @param  float  $reach  radius of the burner ring, cm
     * @param  float  $spread  cm over which the heat falls off outside it
     * @param  float  $metal  J/(m²·K)
     * @param  float  $mean  of the unscaled heat over the floor, with the pan in the middle
     */
    private function __construct(
        public float $radius,
        private float $reach,
        public float $spread,
        public float $metal,
        private float $area,
        private float $mean,
    ) {}

    /** @param  float  $ring  diameter, cm */
    public static function of(Pan $pan, float $ring): self
    {
        $radius = $pan->base / 2;
        $reach = $ring / 2;
        $metal = $pan->metalPerArea();
        $spread = max(self::LEAST_SPREAD, min(self::MOST_SPREAD, 100 * sqrt(self::CONDUCTS * $metal / self::METAL_HOLDS / self::GIVES_ON)));

        $sum = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $r = ($i + 0.5) / self::STEPS;
            $sum += 2 * $r / self::STEPS * self::falloff($r * $radius, $reach, $spread);
        }

        return new self($radius, $reach, $spread, $metal, $pan->baseArea(), $sum);
    }

    /**
     * Heat into one place of the floor for each watt into the pan, 1/m².
     *
     * @param  float  $radius  of the place, cm from the pan's middle
     * @param  float  $shift  of the pan's middle from the ring's, cm
     * @param  float  $angle  of the place, turns from where the ring's middle lies
     */
    public function perWatt(float $radius, float $shift = 0.0, float $angle = 0.0): float
    {
        $away = $shift <= 0 ? $radius : sqrt(max(0.0, $radius ** 2 + $shift ** 2 - 2 * $radius * $shift * cos(2 * M_PI * $angle)));

        return self::falloff($away, $this->reach, $this->spread) / ($this->area * $this->mean);
    }

    /**
     * Heat of the coolest of these places as a share of that of the hottest, in the mean over a turn of the pan.
     *
     * @param  non-empty-list<float>  $radii  shares of the floor's radius
     * @param  float  $shift  of the pan's middle from the ring's, cm
     */
    public function evenness(array $radii, float $shift = 0.0): float
    {
        $heat = array_map(function (float $radius) use ($shift): float {
            $sum = 0.0;
            for ($step = 0; $step < self::TURN_STEPS; $step++) {
                $sum += $this->perWatt($radius * $this->radius, $shift, ($step + 0.5) / self::TURN_STEPS / 2);
            }

            return $sum;
        }, $radii);

        return max($heat) > 0.0 ? min($heat) / max($heat) : 0.0;
    }

    /** Share of the ring's heat that a pan catches whose middle stands so far from the ring's, cm; the rest passes beside it. */
    public function catches(float $shift): float
    {
        if ($shift <= 0) {
            return 1.0;
        }
        $sum = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $r = ($i + 0.5) / self::STEPS;
            for ($step = 0; $step < self::TURN_STEPS; $step++) {
                $sum += 2 * $r / self::STEPS / self::TURN_STEPS * $this->perWatt($r * $this->radius, $shift, ($step + 0.5) / self::TURN_STEPS / 2);
            }
        }

        return min(1.0, $sum * $this->area);
    }

    private static function falloff(float $away, float $reach, float $spread): float
    {
        return $away <= $reach ? 1.0 : exp(-(($away - $reach) / $spread) ** 2 / 2);
    }
}
