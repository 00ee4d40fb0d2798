<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/**
 * What happens at the bottom of a pan once it is dry: the lowest layer of rice heats beyond the boil and browns.
 *
 * One place of the floor at a time: the layer takes the heat of the ring and gives part of it to the moist rice
 * above. Between changes of the heat its temperature has a closed form; browning is summed up over short steps. All
 * constants are our estimates, chosen so that the two schools come out as cooks know them: a minute or two on
 * medium-high, two to four on the lowest heat (common practice, no single source).
 */
final class Crust
{
    /** Browning, minutes at 150 °C. */
    public const GOLD = 1.0;

    public const DARK = 2.0;

    public const BURNT = 3.0;

    /** From here on it looks gold, not pale. */
    public const SHOWS = 0.5;

    /** Layer of rice that browns, m. */
    private const THICKNESS = 0.003;

    /** J/(m³·K) */
    private const HOLDS = 2.8e6;

    /** To the moist rice above, W/(m²·K). */
    public const LOSS = 62.0;

    /** J/mol */
    private const ENERGY = 110000.0;

    private const GAS_CONSTANT = 8.314462618;

    private const REFERENCE_K = 423.0;

    private const ZERO_C_IN_K = 273.15;

    /** Steps of browning are so short that the layer warms by no more than this, K; and between these, s. */
    private const WARMS_PER_STEP = 3.0;

    private const SHORTEST_STEP = 0.5;

    private const LONGEST_STEP = 6.0;

    /** Nothing is followed for longer, s. */
    public const LONGEST = 900.0;

    /** Browning that no pan comes back from; going on has no meaning. */
    private const CHARCOAL = 60.0;

    /** @var array<string, float> heat for each watt, 1/m², where it was asked for before */
    private array $perWatt = [];

    public function __construct(private readonly Floor $floor, private readonly float $boiling) {}

    /**
     * Browning of one place after these legs, minutes at 150 °C.
     *
     * @param  list<Leg>  $legs
     * @param  float  $radius  share of the floor's radius, 0 to 1
     * @param  float  $angle  turns
     */
    public function after(array $legs, float $radius, float $angle = 0.0): float
    {
        $temperature = $this->boiling;
        $brown = 0.0;
        foreach ($legs as $leg) {
            $perWatt = $this->perWatt["$leg->shift $radius $angle"] ??= $this->floor->perWatt($leg->shift, $radius * $this->floor->radius, $angle);
            $this->bake($leg->net * $perWatt, $leg->seconds, INF, $temperature, $brown);
        }

        return $brown;
    }

    /**
     * Minutes from dry until one place is so brown, with the pan in the middle of the ring; null if not in a quarter
     * of an hour.
     *
     * @param  float  $net  W
     * @param  float  $radius  share of the floor's radius, 0 to 1
     * @param  float  $browning  minutes at 150 °C
     */
    public function minutes(float $net, float $radius, float $browning): ?float
    {
        $temperature = $this->boiling;
        $brown = 0.0;
        $seconds = $this->bake($this->floor->heat(new Leg(0.0, $net), $radius * $this->floor->radius), self::LONGEST, $browning, $temperature, $brown);

        return $brown >= $browning ? $seconds / 60 : null;
    }

    /** @return float s until the browning was reached, or all of them */
    private function bake(float $heat, float $seconds, float $until, float &$temperature, float &$brown): float
    {
        $end = $this->boiling + $heat / self::LOSS;
        $long = max(self::SHORTEST_STEP, min(self::LONGEST_STEP, self::WARMS_PER_STEP * self::THICKNESS * self::HOLDS / max(1.0, $heat)));
        $keeps = exp(-$long * self::LOSS / (self::THICKNESS * self::HOLDS));
        $rate = self::rate($temperature);
        for ($done = 0.0; $done < $seconds - 1e-9 && $brown < self::CHARCOAL; $done += $step) {
            $step = $long;
            if ($step > $seconds - $done) {
                $step = $seconds - $done;
                $keeps = exp(-$step * self::LOSS / (self::THICKNESS * self::HOLDS));
            }
            $temperature = $end + ($temperature - $end) * $keeps;
            $next = self::rate($temperature);
            $gain = ($rate + $next) / 2 * $step / 60;
            if ($brown + $gain >= $until) {
                $share = $gain > 0 ? ($until - $brown) / $gain : 0.0;
                $brown = $until;

                return $done + $step * $share;
            }
            $brown += $gain;
            $rate = $next;
        }

        return $seconds;
    }

    /** Browning per minute at a temperature, relative to 150 °C. */
    private static function rate(float $celsius): float
    {
        return exp(-self::ENERGY / self::GAS_CONSTANT * (1 / ($celsius + self::ZERO_C_IN_K) - 1 / self::REFERENCE_K));
    }
}
