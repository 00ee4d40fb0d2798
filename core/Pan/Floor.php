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

    /** and holds it, J/(m³·K) (usual value; from memory). */
    private const METAL_HOLDS = 3.9e6;

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
     * @param  float  $mean  of the unscaled heat over the floor, with the pan in the middle
     */
    private function __construct(
        public float $radius,
        private float $reach,
        public float $spread,
        private float $area,
        private float $mean,
    ) {}

    /** @param  float  $ring  diameter, cm */
    public static function of(Pan $pan, float $ring): self
    {
        $radius = $pan->base / 2;
        $reach = $ring / 2;
        $wall = M_PI * ($pan->base + $pan->rim) / 200 * hypot($pan->height, ($pan->rim - $pan->base) / 2) / 100;
        $thickness = $pan->metal / self::METAL_HOLDS / ($pan->baseArea() + $wall);
        $spread = max(self::LEAST_SPREAD, min(self::MOST_SPREAD, 100 * sqrt(self::CONDUCTS * $thickness / Crust::LOSS)));

        $sum = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $r = ($i + 0.5) / self::STEPS;
            $sum += 2 * $r / self::STEPS * self::falloff($r * $radius, $reach, $spread);
        }

        return new self($radius, $reach, $spread, $pan->baseArea(), $sum);
    }

    /** W/m² */
    public function heat(Leg $leg, float $radius, float $angle = 0.0): float
    {
        return $leg->net * $this->perWatt($leg->shift, $radius, $angle);
    }

    /**
     * Heat into one place of the floor for each watt into the pan, 1/m². Over a shifted pan that is turned step by step it is the mean over the
     * steps: the layer of rice takes two minutes to follow, a step takes seconds.
     *
     * @param  float  $shift  of the pan's middle from the ring's, cm
     * @param  float  $radius  of the place, cm from the pan's middle
     * @param  float  $angle  of the place, turns
     */
    public function perWatt(float $shift, float $radius, float $angle): float
    {
        $full = 1 / ($this->area * $this->mean);
        if ($shift <= 0) {
            return $full * self::falloff($radius, $this->reach, $this->spread);
        }
        $sum = 0.0;
        for ($step = 0; $step < self::TURN_STEPS; $step++) {
            $away = sqrt(max(0.0, $radius ** 2 + $shift ** 2 - 2 * $radius * $shift * cos(2 * M_PI * ($angle - $step / self::TURN_STEPS))));
            $sum += self::falloff($away, $this->reach, $this->spread);
        }

        return $full * $sum / self::TURN_STEPS;
    }

    private static function falloff(float $away, float $reach, float $spread): float
    {
        return $away <= $reach ? 1.0 : exp(-(($away - $reach) / $spread) ** 2 / 2);
    }
}
