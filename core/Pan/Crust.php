<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/**
 * What happens at the bottom of a pan once it is bare: a drying front.
 *
 * The heat of the ring goes into the metal; from there through a crust of dry rice, thin at first, to the wet rice
 * above, which stays at the boil. What arrives there dries the next grains, so the crust grows from below and holds
 * back ever more heat, and the metal under it grows ever hotter: that is why the last minute browns more than all
 * those before. Off the heat it goes on, since metal and crust are still hot.
 *
 * One place of the floor at a time. The equations and constants are in docs/model.md, "The crust". Between steps the
 * temperature is exponential with the crust held as thick as it will be half-way, browning is summed by Simpson's
 * rule; tests/Reference has the same equations integrated by an outside library.
 */
final class Crust
{
    /** Browning, minutes at 150 °C (our estimates, as all of the crust that names no source). */
    public const GOLD = 1.0;

    public const DARK = 2.5;

    public const BURNT = 4.5;

    /** From here on it looks gold, not pale. */
    public const SHOWS = 0.5;

    /** From metal to rice that fries on it, m²·K/W (contact while frying, 200 to 500 W/(m²·K); from memory). */
    public const CONTACT = 0.0045;

    /** Dry, oily rice conducts, W/(m·K) (oily dry starch 0.15 to 0.25; from memory). */
    public const CONDUCTS = 0.20;

    /** The heat that it holds, J/(m³·K). */
    private const HOLDS = 5.2e5;

    /** A place without fire loses this to the room, W/(m²·K). */
    public const LOSES_OFF = 20.0;

    /** Cooked rice, kg/m³, of which the front turns the water into steam. */
    private const COOKED = 790.0;

    /** The latent heat of what dries, J/kg. */
    private const LATENT = 2.257e6;

    /** Browning of a bread's crust, J/mol (from memory). */
    private const ENERGY = 75000.0;

    private const GAS_CONSTANT = 8.314462618;

    /** The minutes of browning are minutes at 150 °C. */
    private const REFERENCE_K = 423.15;

    private const ZERO_C_IN_K = 273.15;

    /** Nothing browns below, °C. */
    private const BROWNS_FROM = 110.0;

    /** A step is so short that the metal warms by no more than this, K, the crust holds back no more than this share more, and it takes no longer than this, s. */
    private const WARMS_PER_STEP = 12.0;

    private const THICKENS_PER_STEP = 0.1;

    private const SHORTEST_STEP = 0.5;

    private const LONGEST_STEP = 10.0;

    /** Off the heat it browns on for so long at most, s. */
    public const GOES_ON = 180.0;

    /** Nothing is followed for longer, s. */
    public const LONGEST = 900.0;

    /** Browning that no pan comes back from; going on has no meaning. */
    private const CHARCOAL = 60.0;

    /** Water in the wet rice, kg/m³. */
    private readonly float $water;

    /** A still pan is looked at again from stretches of so long, s. */
    private const STRETCH = 10.0;

    /** @var array<string, non-empty-list<float>> heat for each watt, 1/m², where it was asked for before */
    private array $perWatt = [];

    /** @var array<int|string, non-empty-list<FloorPlace>> by heat, W/m²: a place after each stretch of it, as far as it was followed before */
    private array $followed = [];

    /**
     * @param  float  $boiling  °C
     * @param  float  $room  °C
     * @param  float  $drunk  by the rice above, g per g raw, > 0
     * @param  float  $browns  how fast it browns against what is here, > 0
     */
    public function __construct(private readonly Floor $floor, private readonly float $boiling, private readonly float $room, float $drunk, private readonly float $browns = 1.0)
    {
        $this->water = self::waterIn($drunk);
    }

    /**
     * Water in rice that has drunk so much, kg/m³.
     *
     * @param  float  $drunk  g per g raw
     */
    public static function waterIn(float $drunk): float
    {
        return self::COOKED * $drunk / (1 + $drunk);
    }

    /**
     * From metal to wet rice, m²·K/W.
     *
     * @param  float  $thickness  of dry rice, m
     */
    public static function holdsBack(float $thickness): float
    {
        return self::CONTACT + $thickness / self::CONDUCTS;
    }

    /**
     * What one kelvin more takes, J/(m²·K).
     *
     * @param  float  $metal  J/(m²·K)
     * @param  float  $thickness  of dry rice, m
     */
    public static function takes(float $metal, float $thickness): float
    {
        return $metal + self::HOLDS * $thickness / 2;
    }

    /**
     * Browning of one place after these legs, minutes at 150 °C.
     *
     * @param  list<Leg>  $legs
     * @param  float  $radius  share of the floor's radius, 0 to 1
     * @param  float  $angle  turns
     */
    public function after(array $legs, float $radius, float $angle = 0.0): float
    {
        return $this->place($legs, $radius, $angle)->browning;
    }

    /**
     * One place after these legs.
     *
     * @param  list<Leg>  $legs
     * @param  float  $radius  share of the floor's radius, 0 to 1
     * @param  float  $angle  turns
     */
    public function place(array $legs, float $radius, float $angle = 0.0): FloorPlace
    {
        $first = array_shift($legs);

        return $first === null ? new FloorPlace($this->boiling) : $this->goOn($this->begun($first, $radius, $angle), $legs, $radius, $angle);
    }

    /**
     * A place that has come so far, after more legs.
     *
     * @param  FloorPlace  $place  moved on
     * @param  list<Leg>  $legs
     * @param  float  $radius  share of the floor's radius, 0 to 1
     * @param  float  $angle  turns
     */
    public function goOn(FloorPlace $place, array $legs, float $radius, float $angle = 0.0): FloorPlace
    {
        foreach ($legs as $leg) {
            $this->follow($place, $leg, $radius, $angle, INF);
        }

        return $place;
    }

    /**
     * Seconds from the first of these legs until one place has browned so much; null if not while they last, nor in a
     * quarter of an hour.
     *
     * @param  list<Leg>  $legs
     * @param  float  $radius  share of the floor's radius, 0 to 1
     * @param  float  $browning  minutes at 150 °C
     */
    public function reaches(array $legs, float $browning, float $radius, float $angle = 0.0): ?float
    {
        $place = new FloorPlace($this->boiling);
        foreach ($legs as $leg) {
            $this->follow($place, $leg, $radius, $angle, $browning);
            if ($place->browning >= $browning) {
                return $place->second;
            }
        }

        return null;
    }

    /** One place after a first leg: who looks for a time asks again and again, so a still pan goes on from the stretch it was followed to. */
    private function begun(Leg $leg, float $radius, float $angle): FloorPlace
    {
        if ($leg->shift > 0) {
            return $this->goOn(new FloorPlace($this->boiling), [$leg], $radius, $angle);
        }
        $heat = $leg->net * $this->perWatt(0.0, $radius, 0.0)[0];
        $key = (string) $heat;
        $seconds = min($leg->seconds, self::LONGEST);
        $whole = (int) floor($seconds / self::STRETCH + 1e-9);
        $this->followed[$key] ??= [new FloorPlace($this->boiling)];
        for ($stretch = count($this->followed[$key]); $stretch <= $whole; $stretch++) {
            $place = clone $this->followed[$key][$stretch - 1];
            $this->bake($place, $heat, $leg->net > 0, self::STRETCH, INF);
            $this->followed[$key][] = $place;
        }
        $place = clone $this->followed[$key][$whole];
        $this->bake($place, $heat, $leg->net > 0, max(0.0, $seconds - $whole * self::STRETCH), INF);

        return $place;
    }

    /** @return non-empty-list<float> heat into one place for each watt, 1/m², in each step of turning the pan; one where it stands still */
    private function perWatt(float $shift, float $radius, float $angle): array
    {
        return $this->perWatt["$shift $radius $angle"] ??= array_map(
            fn (int $step): float => $this->floor->perWatt($radius * $this->floor->radius, $shift, $angle - $step / Floor::TURN_STEPS),
            $shift > 0 ? range(0, Floor::TURN_STEPS - 1) : [0],
        );
    }

    /** One place through one leg, turned step by step if the pan is. */
    private function follow(FloorPlace $place, Leg $leg, float $radius, float $angle, float $until): void
    {
        $left = min($leg->seconds, self::LONGEST + self::GOES_ON - $place->second);
        $perWatt = $leg->net > 0 ? $this->perWatt($leg->shift, $radius, $leg->shift > 0 ? $angle : 0.0) : [0.0];
        $every = $leg->shift > 0 ? $leg->every : $left;
        for ($step = 0; $left > 1e-9 && $place->browning < $until; $step++) {
            $this->bake($place, $leg->net * $perWatt[$step % count($perWatt)], $leg->net > 0, min($every, $left), $until);
            $left -= $every;
        }
    }

    /** So long under so much heat, W/m², or until it has browned so much. */
    private function bake(FloorPlace $place, float $heat, bool $fire, float $seconds, float $until): void
    {
        // Everything the loop touches is a local variable: property reads cost more than the arithmetic.
        $boiling = $this->boiling;
        $metal = $this->floor->metal;
        $browns = $this->browns;
        $grows = 1 / ($this->water * self::LATENT);
        $loses = $fire ? 0.0 : self::LOSES_OFF;
        $t = $place->temperature;
        $s = $place->thickness;
        $brown = $place->browning;
        $rate = $t > self::BROWNS_FROM ? self::rate($t) : 0.0;
        $mostHeld = self::THICKENS_PER_STEP * self::CONDUCTS / $grows;
        $done = 0.0;
        while ($done < $seconds - 1e-9 && $brown < self::CHARCOAL) {
            if (! $fire && $t <= self::BROWNS_FROM) {
                // It browns no more; what the metal still holds dries some rice while it cools.
                $resistance = self::CONTACT + $s / self::CONDUCTS;
                $out = 1 / $resistance + $loses;
                $end = ($heat + $boiling / $resistance + $loses * $this->room) / $out;
                $tau = ($metal + self::HOLDS * $s / 2) / $out;
                $left = $seconds - $done;
                $hot = $t <= $boiling ? 0.0 : ($end < $boiling ? min($left, $tau * log(($t - $end) / ($boiling - $end))) : $left);
                $s += $grows / $resistance * (($end - $boiling) * $hot + $tau * ($t - $end) * (1 - exp(-$hot / $tau)));
                $t = $end + ($t - $end) * exp(-$left / $tau);
                $done = $seconds;
                break;
            }
            $resistance = self::CONTACT + $s / self::CONDUCTS;
            $flux = $t > $boiling ? ($t - $boiling) / $resistance : 0.0;
            $warms = ($heat - ($t - $boiling) / $resistance - $loses * ($t - $this->room)) / ($metal + self::HOLDS * $s / 2);
            $step = max(self::SHORTEST_STEP, min(self::LONGEST_STEP, self::WARMS_PER_STEP / max(0.1, abs($warms)), $mostHeld * $resistance / max(1.0, $flux, $heat)));
            if ($step > $seconds - $done) {
                $step = $seconds - $done;
            }
            // As thick as it will be half-way.
            $mid = $s + $grows * $step / 2 * max(0.0, $flux + $warms * $step / 4 / $resistance);
            $resistance = self::CONTACT + $mid / self::CONDUCTS;
            $out = 1 / $resistance + $loses;
            $end = ($heat + $boiling / $resistance + $loses * $this->room) / $out;
            $tau = ($metal + self::HOLDS * $mid / 2) / $out;
            $half = exp(-$step / $tau / 2);
            $next = $end + ($t - $end) * $half * $half;
            if (($t - self::BROWNS_FROM) * ($next - self::BROWNS_FROM) < 0.0) {
                // Browning begins and ends at a temperature, so a step does too.
                $step = $tau * log(($t - $end) / (self::BROWNS_FROM - $end));
                $half = sqrt((self::BROWNS_FROM - $end) / ($t - $end));
                $next = self::BROWNS_FROM;
            }
            $between = $end + ($t - $end) * $half;
            $gain = 0.0;
            $nextRate = 0.0;
            if ($next >= self::BROWNS_FROM && $t >= self::BROWNS_FROM) {
                $nextRate = self::rate($next);
                $gain = $browns * (($rate > 0.0 ? $rate : self::rate($t)) + 4 * self::rate($between) + $nextRate) / 6 * $step / 60;
            }
            $s += $grows * $step / $resistance * max(0.0, ($t + 4 * $between + $next) / 6 - $boiling);
            $t = $next;
            $rate = $nextRate;
            if ($brown + $gain >= $until) {
                $done += $step * ($gain > 0 ? ($until - $brown) / $gain : 0.0);
                $brown = $until;
                break;
            }
            $brown += $gain;
            $done += $step;
        }
        $place->second += $done;
        $place->temperature = $t;
        $place->thickness = $s;
        $place->browning = $brown;
    }

    /** Browning per minute at a temperature, relative to 150 °C. */
    private static function rate(float $celsius): float
    {
        return exp(-self::ENERGY / self::GAS_CONSTANT * (1 / ($celsius + self::ZERO_C_IN_K) - 1 / self::REFERENCE_K));
    }
}
