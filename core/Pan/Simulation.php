<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Kinetics;
use Velko\Core\Water\Steam;

/**
 * The one loop: how a pan of rice changes from second to second. Planning, live forecasts and the console all run it.
 *
 * Explicit steps of one second. Per step, in this order: the rice drinks and softens; the heat warms the contents or,
 * at the boiling point, makes steam; an open surface gives off vapour; a bare floor passes its heat on through a crust
 * alone, and that dries the rice above it ({@see Crust}); off the heat the pan cools. Halving the step moves any reported result by less than 0.5 % (tests/Core/Pan).
 */
final class Simulation
{
    /** Free liquid, g per g rice, under which the floor is bare and the pan counts as dry. */
    public const DRY = 0.004;

    /** Off the heat a bare floor that is no hotter than so much over the rice dries none of it to speak of, K. */
    private const NO_HOTTER = 2.0;

    /** A crust grows so slowly that how it lets heat through is worked out every so many steps. */
    private const CRUST_STEPS = 4;

    /** So far from where they were worked out, pace and vapour pressure follow their tangent: within 0.04 %, K. */
    private const LINE_K = 0.25;

    /** Food gives its water so slowly that it is let go every so many steps. */
    private const GIVING_STEPS = 5;

    /** With more than this liquid is seen between the grains of a pan that should be dry, g per g rice (our estimate). */
    public const WET = 0.1;

    /** A fire that falls by itself is taken for steady for so long, s. */
    private const FADES_EVERY = 20.0;

    /** Rice and metal when the first liquid comes, °C, toasted in fat (common practice: "as hot as the stock"). */
    public const HOT_PAN_C = 100.0;

    /** Share of the vapour of an open surface that a lid or a cloth holds back below the boil (our estimate). */
    public const COVERED = 0.85;

    /** Heat lost off the ring, W/(m²·K), covered and open (usual values for still air with radiation; from memory). */
    private const LOSS_COVERED = 15.0;

    private const LOSS_OPEN = 30.0;

    /** What a lid over a boiling pan gives to the room, W/(m²·K) of its area (usual value for still air with radiation; from memory). */
    private const LID_LOSES = 12.0;

    /** A warm dinner plate, J/K: some 500 g of porcelain (our estimate). */
    private const PLATE_J_PER_K = 420.0;

    /** What lies on one plate shows so much to the air, m²: a round of 24 cm (our estimate). */
    private const PLATE_M2 = 0.045;

    /** The step of the loop, s. */
    public const STEP_S = 1.0;

    private float $step;

    /** Of its seal a grain keeps this share after a step. */
    private readonly float $opening;

    /** The steam that an open surface gives off, g/(s·m²·Pa). */
    private readonly float $givenOff;

    private ?Track $track = null;

    /** Seconds simulated so far, over all states: what a plan costs. */
    private float $cost = 0.0;

    /**
     * @param  float  $rice  g raw, > 0
     * @param  float  $step  s; 1 but for the test that halves it
     */
    public function __construct(
        private readonly Grain $grain,
        private readonly Conditions $conditions,
        private readonly float $rice,
        float $step = self::STEP_S,
        private readonly float $fades = 0.0,
    ) {
        $this->step = $step;
        $this->opening = exp(-$step / (60 * Kinetics::SEAL_MINUTES));
        $this->givenOff = Steam::givenOffPerPascal();
    }

    /**
     * The pan at the moment before the first liquid.
     *
     * @param  float  $temperature  of rice and metal, °C
     * @param  bool  $sealed  Toasted in fat: it drinks slowly at first.
     * @param  float  $soaked  min in cold water before; the water it took up counts as drunk and gives it a start
     */
    public function start(float $temperature, bool $sealed, float $soaked = 0.0): State
    {
        $water = $this->grain->soaked($soaked);
        $state = new State($temperature, $sealed, $water, $this->grain->minutesToDrink($water));
        $state->vessel = $this->conditions->metal;
        $state->surface = $this->conditions->area;

        return $state;
    }

    /**
     * The pan on its ring, hot from what was sweated in it: the rice toasted there, or put in as it comes, dry or soaked.
     *
     * @param  float|null  $toasted  °C that toasting in fat has brought the grain to; null: not toasted
     * @param  float  $soaked  min in cold water before
     */
    public function onTheRing(?float $toasted, float $soaked = 0.0): State
    {
        if ($toasted !== null) {
            return $this->start(min(self::HOT_PAN_C, $toasted), true, $soaked);
        }
        $metal = $this->conditions->metal;
        $rice = $this->rice * (Grain::SPECIFIC_HEAT + Steam::SPECIFIC_HEAT * $this->grain->soaked($soaked));

        return $this->start(($metal * self::HOT_PAN_C + $rice * $this->conditions->room) / ($metal + $rice), false, $soaked);
    }

    /** The pan with part-cooked rice in it, cold as it was kept: what is loose in that counts as poured, what is in the grain as brought along. */
    public function fromPartCooked(PartCooked $part): State
    {
        $state = new State($part->temperature, false, $part->drunk, $part->doneness);
        $state->free = $state->poured = $part->free * $this->rice;
        $state->salt = $part->salt * $this->rice;
        $state->surface = $this->conditions->area;
        $held = $this->capacity($state);
        $state->vessel = $this->conditions->metal;
        $state->temperature = ($held * $part->temperature + $state->vessel * $this->conditions->room) / ($held + $state->vessel);

        return $state;
    }

    /**
     * Out of the pan and onto a tray, which is no heavier than what lies on it would notice.
     *
     * @param  float  $area  m²
     * @param  float  $losing  W/K, to the air on both sides
     */
    public function spread(State $state, float $area, float $losing): void
    {
        $state->vessel = 0.0;
        $state->floor = 0.0;
        $state->surface = $area;
        $state->net = 0.0;
        $state->cover = 0.0;
        $state->losing = $losing;
    }

    /** From here on, rows go into this track; null to stop. */
    public function record(?Track $track): void
    {
        $this->track = $track;
    }

    /** Pan-seconds simulated so far. */
    public function cost(): float
    {
        return $this->cost;
    }

    /**
     * Pours: mixes at once. Nothing liquid is hotter than the local boiling point, whatever it is said to be.
     *
     * @param  float  $volume  mL, ≥ 0
     * @param  float  $temperature  °C
     * @param  float  $saltShare  g salt per g
     */
    public function pour(State $state, float $volume, float $temperature, float $saltShare = 0.0): void
    {
        $held = $this->capacity($state);
        $added = Steam::SPECIFIC_HEAT * $volume;
        if ($held + $added > 0) {
            $state->temperature = ($held * $state->temperature + $added * min($temperature, $this->conditions->boiling)) / ($held + $added);
        }
        $this->wet($state, $volume);
        $state->poured += $volume;
        $state->salt += $saltShare * $volume;
    }

    /**
     * So much of what is free has gone as steam before.
     *
     * @param  float  $grams  no more of it goes than there is
     */
    public function steamOff(State $state, float $grams): void
    {
        $gone = min($grams, $state->free);
        $state->free -= $gone;
        $state->boiledOff += $gone;
    }

    /**
     * Something else goes in: mixes at once, and gives and takes its water in time.
     *
     * @param  float  $capacity  J/K
     * @param  float  $temperature  °C
     * @param  float  $gives  g of water to come out; below nothing to go in
     * @param  float  $tau  min, > 0 where anything does
     * @param  float  $atOnce  g of water that are free liquid at once
     * @param  float  $salt  g
     */
    public function add(State $state, float $capacity, float $temperature, float $gives, float $tau, float $atOnce, float $salt): void
    {
        $this->beatIn($state, $capacity, $temperature, $atOnce);
        $this->wet($state, 0.0);
        $state->salt += $salt;
        if ($gives !== 0.0) {
            $state->gives[] = $gives;
            $state->givesShare[] = 1 - exp(-self::GIVING_STEPS * $this->step / (60 * $tau));
        }
    }

    /** So much more liquid; over a floor that was bare its crust drinks, and the metal is as warm as what lies on it. */
    private function wet(State $state, float $volume): void
    {
        $state->free += $volume;
        if ($state->free > self::DRY * $this->rice) {
            $state->floor = 0.0;
            $state->dried = 0.0;
        }
    }

    /**
     * Beats something cold or warm into the contents, butter and cheese: it takes heat and holds it. Its own water and
     * fat are counted apart from the free liquid, but for what is itself liquid, as cream.
     *
     * @param  float  $capacity  J/K
     * @param  float  $temperature  °C
     * @param  float  $liquid  g of water that is free at once
     */
    public function beatIn(State $state, float $capacity, float $temperature, float $liquid = 0.0): void
    {
        $held = $this->capacity($state);
        if ($held + $capacity > 0) {
            $state->temperature = ($held * $state->temperature + $capacity * $temperature) / ($held + $capacity);
        }
        $state->extras += $capacity - Steam::SPECIFIC_HEAT * $liquid;
        $state->free += $liquid;
        $state->brought += $liquid;
    }

    /**
     * Lifts liquid out.
     *
     * @param  float  $volume  mL; no more than there is
     *
     * @return float mL lifted
     */
    public function liftOut(State $state, float $volume): float
    {
        $lifted = min($volume, $state->free);
        if ($state->free > 0) {
            $inLiquid = $state->free + $this->rice * ($state->drunk - $state->soaked);
            $state->salt -= $state->salt * ($inLiquid > 0 ? $lifted / $inLiquid : 0.0);
        }
        $state->free -= $lifted;
        $state->liftedOut += $lifted;

        return $lifted;
    }

    /**
     * @param  float  $net  W
     * @param  bool  $steady  of a heat that does not fall with the fire: an oven's
     */
    public function heat(State $state, float $net, bool $steady = false): void
    {
        $state->net = $steady ? $net : $net * exp(-$this->fades * max(0.0, $state->second) / 60);
        $state->steady = $steady;
        $state->losing = 0.0;
    }

    public function cover(State $state, bool $on): void
    {
        $state->cover = $on ? self::COVERED : 0.0;
        if ($state->losing > 0) {
            $this->off($state, $on);
        }
    }

    /** Takes the pan off the heat. */
    public function off(State $state, bool $covered): void
    {
        $state->net = 0.0;
        $state->cover = $covered ? self::COVERED : 0.0;
        $state->losing = (($covered ? self::LOSS_COVERED : self::LOSS_OPEN) + $this->conditions->windTakes) * $state->surface;
    }

    /**
     * Out of the pan and onto plates: it mixes with them, and from then on cools on them.
     *
     * @param  int  $plates  ≥ 1
     * @param  float  $temperature  of the plates, °C
     */
    public function plate(State $state, int $plates, float $temperature): void
    {
        $state->vessel = 0.0;
        $state->floor = 0.0;
        $held = $this->capacity($state);
        $state->vessel = self::PLATE_J_PER_K * $plates;
        $state->temperature = ($held * $state->temperature + $state->vessel * $temperature) / ($held + $state->vessel);
        $state->surface = self::PLATE_M2 * $plates;
        $this->off($state, false);
    }

    /** Heat that warms pan and contents by one kelvin, J/K. */
    public function capacity(State $state): float
    {
        return $state->vessel + $state->extras + Grain::SPECIFIC_HEAT * $this->rice
            + Steam::SPECIFIC_HEAT * ($state->free + $this->rice * $state->drunk);
    }

    /**
     * Runs on until a time, or until the liquid is down to an amount, or until the rice is so far; whichever is first.
     *
     * @param  float  $second  since the first liquid
     * @param  float  $freeDownTo  g; negative for never
     * @param  float  $doneness  minutes at 100 °C
     * @param  float  $downToPerDrunk  g more to be down to for each g per g the rice has drunk: the gaps of a swelling bed
     */
    public function run(State $state, float $second, float $freeDownTo = -1.0, float $doneness = INF, float $downToPerDrunk = 0.0): Stop
    {
        if ($this->fades <= 0.0 || $state->steady || $state->net <= 0.0) {
            return $this->runSteadily($state, $second, $freeDownTo, $doneness, $downToPerDrunk);
        }
        do {
            [$from, $net] = [$state->second, $state->net];
            $piece = min($second, $from + self::FADES_EVERY) - $from;
            $state->net = $net * exp(-$this->fades * $piece / 120); // as it is in the middle of it
            $stop = $this->runSteadily($state, $from + $piece, $freeDownTo, $doneness, $downToPerDrunk);
            $state->net = $net * exp(-$this->fades * ($state->second - $from) / 60);
        } while ($stop === Stop::Time && $state->second < $second - $this->step / 2);

        return $stop;
    }

    /** The same on a heat that stays as it is. */
    private function runSteadily(State $state, float $second, float $freeDownTo, float $doneness, float $downToPerDrunk): Stop
    {
        // Everything the loop touches is a local variable: property reads cost more than the arithmetic.
        $dt = $this->step;
        $rice = $this->rice;
        $boiling = $this->conditions->boiling;
        $room = $this->conditions->room;
        $airVapour = $this->conditions->airVapour;
        $metal = $state->vessel + $state->extras + Grain::SPECIFIC_HEAT * $rice;
        $rate = $this->grain->rate * $dt / 60;
        $hot = $this->grain->hot;
        $halfWet = Kinetics::HALF_WET * $rice;
        $opening = $this->opening;
        $surface = $this->givenOff * $this->conditions->vapourTimes * $state->surface * (1 - $state->cover) * $dt;
        $dryPace = $state->cover > 0.0 ? Kinetics::DRY_PACE_COVERED : Kinetics::DRY_PACE_OPEN;
        // At the boil a lid gives back only what it can lose to the room itself.
        $lidLoses = $state->cover > 0.0 && $state->losing <= 0.0 ? (self::LID_LOSES + $this->conditions->windTakes) * $this->conditions->rimArea * ($boiling - $room) * $dt : 0.0;
        $heat = $state->net * $dt;
        $bare = self::DRY * $rice;
        $floor = $state->floor;
        $dried = $state->dried;
        $area = $this->conditions->area;
        $loses = $heat > 0.0 ? 0.0 : Crust::LOSES_OFF;
        $ontoTheFloor = $state->net / $area + $loses * $room;
        $resistance = $out = $keeps = $mean = 1.0;
        $bareSteps = 0;
        $losing = $state->losing * $dt;
        $track = $this->track;
        $gives = $state->gives;
        $shares = $state->givesShare;
        $foods = count($gives);
        $stepsToGive = self::GIVING_STEPS - (int) round($state->second / $dt) % self::GIVING_STEPS;
        $brought = 0.0;

        $t = $state->second;
        $free = $state->free;
        $drunk = $state->drunk;
        $temperature = $state->temperature;
        $done = $state->doneness;
        $sealed = $state->sealed;
        $boiledOff = $state->boiledOff;
        $lost = $state->lost;
        $end = $second - $dt / 2;
        $stop = Stop::Time;
        $from = $t;
        $was = $at = -Kinetics::ZERO_C_IN_K;
        $pace = $paceAt = $paceSlope = $most = $pressure = $pressureAt = $pressureSlope = 0.0;

        while ($t < $end) {
            $wet = $free > 0.0 ? $free / ($free + $halfWet) : 0.0;
            if ($temperature !== $was) {
                // A pan at the boil stands at one temperature; off it, what follows from a temperature near by is drawn on as a line.
                $off = $temperature - $at;
                if ($off > self::LINE_K || $off < -self::LINE_K || $temperature >= $boiling) {
                    $at = $temperature;
                    $paceAt = Kinetics::pace($temperature);
                    $paceSlope = $paceAt * Kinetics::paceSlope($temperature);
                    $pressureAt = Steam::saturationPressure($temperature);
                    $pressureSlope = $pressureAt * Steam::pressureSlope($temperature);
                    $pressureAt -= $airVapour;
                    $off = 0.0;
                }
                $pace = $paceAt + $paceSlope * $off;
                $pressure = $pressureAt + $pressureSlope * $off;
                $most = $temperature >= Kinetics::DRINKS_FULLY_FROM_C ? $hot : Kinetics::equilibrium($temperature, $hot);
                $was = $temperature;
            }

            $drinks = 0.0;
            if ($free > 0.0) {
                $thirst = $most - $drunk;
                if ($thirst > 0.0) {
                    $drinks = $rice * $rate * $pace * $thirst * (1 - $sealed) * $wet;
                    if ($drinks > $free) {
                        $drinks = $free;
                    }
                }
                $sealed *= $opening;
            }
            if ($temperature > Kinetics::SOFTENS_FROM_C) {
                $touched = Kinetics::WET_MARGIN * $wet;
                if ($touched > 1.0) {
                    $touched = 1.0;
                } elseif ($touched < $dryPace && $drunk > Kinetics::COLD_UPTAKE) {
                    $touched = $dryPace;
                }
                $done += $pace * $touched * $dt / 60;
            }

            if ($foods > 0 && --$stepsToGive <= 0) {
                $stepsToGive = self::GIVING_STEPS;
                for ($food = 0; $food < $foods && $temperature > Kinetics::SOFTENS_FROM_C; $food++) {
                    $water = $gives[$food] * $shares[$food];
                    if ($water < $drinks - $free) {
                        $water = $drinks - $free;
                    }
                    $gives[$food] -= $water;
                    $free += $water;
                    $brought += $water;
                    $metal -= Steam::SPECIFIC_HEAT * $water;
                }
            }

            $vapour = $surface * $wet * $pressure;
            if ($vapour < 0.0) {
                $vapour = 0.0;
            }
            $capacity = $metal + Steam::SPECIFIC_HEAT * ($free + $rice * $drunk);
            $cools = $losing * ($temperature - $room);
            $lost += $cools;
            $warms = $heat;
            $dries = 0.0;
            $isBare = $free <= $bare && ($heat > 0.0 || $floor > $temperature + self::NO_HOTTER);
            if ($isBare) {
                if ($bareSteps++ % self::CRUST_STEPS === 0) {
                    [$resistance, $out, $keeps, $mean] = $this->crustOf($drunk, $dried, $loses);
                }
                // The metal goes to its end as an exponential.
                $hottest = ($ontoTheFloor + $temperature / $resistance) / $out;
                $off = ($floor > $temperature ? $floor : $temperature) - $hottest;
                $floor = $hottest + $off * $keeps;
                $over = $hottest + $off * $mean - $temperature;
                $warms = $over > 0.0 ? $over / $resistance * $area * $dt : 0.0;
            }
            $temperature += ($warms - $cools - $vapour * Steam::LATENT_HEAT) / $capacity;
            if ($temperature > $boiling) {
                // All heat beyond warming leaves as steam, but for what a lid loses.
                $beyond = ($temperature - $boiling) * $capacity;
                if ($lidLoses > 0.0) {
                    $throughTheLid = $beyond < $lidLoses ? $beyond : $lidLoses;
                    $lost += $throughTheLid;
                    $beyond -= $throughTheLid;
                }
                if ($isBare) {
                    $dries = $beyond / Steam::LATENT_HEAT;
                } else {
                    $vapour += $beyond / Steam::LATENT_HEAT;
                }
                $temperature = $boiling;
            }
            $left = $free - $drinks;
            if ($vapour > $left) {
                $vapour = $left;
            }
            $free = $left - $vapour;
            $boiledOff += $vapour;
            $drunk += $drinks / $rice;
            if ($dries > 0.0) {
                // The steam of a bare floor comes out of the grain just over its crust.
                if ($dries > $rice * $drunk) {
                    $dries = $rice * $drunk;
                }
                $dried += $dries;
                $boiledOff += $dries;
                $drunk -= $dries / $rice;
            }
            $t += $dt;

            if ($track !== null && fmod($t + 1e-6, Track::SPACING) < $dt - 1e-5) {
                $track->row($t, $free, $drunk, $temperature, $done);
            }
            if ($done >= $doneness) {
                $stop = Stop::Done;
                break;
            }
            if ($free <= $freeDownTo + $downToPerDrunk * $drunk) {
                $stop = Stop::Dry;
                break;
            }
        }

        $this->cost += $t - $from;
        $state->second = $t;
        $state->free = $free;
        $state->drunk = $drunk;
        $state->temperature = $temperature;
        $state->doneness = $done;
        $state->sealed = $sealed;
        $state->boiledOff = $boiledOff;
        $state->lost = $lost;
        $state->floor = $floor;
        $state->dried = $dried;
        if ($foods > 0) {
            $state->gives = array_values($gives);
            $state->brought += $brought;
            $state->extras -= Steam::SPECIFIC_HEAT * $brought;
        }

        return $stop;
    }

    /**
     * How a crust of this thickness lets heat through, one step of it, all of the floor taken alike.
     *
     * @param  float  $drunk  g per g
     * @param  float  $dried  out of the crust, g
     *
     * @return array{float, float, float, float} from metal to rice, m²·K/W; what the metal gives off, W/(m²·K); of what it is off its end, the share left after the step, and in the mean over it
     */
    private function crustOf(float $drunk, float $dried, float $loses): array
    {
        $crust = $dried > 0.0 ? $dried / 1000 / $this->conditions->area / Crust::waterIn($drunk + $dried / $this->rice) : 0.0;
        $resistance = Crust::holdsBack($crust);
        $out = 1 / $resistance + $loses;
        $tau = Crust::takes($this->conditions->floorMetal, $crust) / $out;
        $keeps = exp(-$this->step / $tau);

        return [$resistance, $out, $keeps, (1 - $keeps) * $tau / $this->step];
    }
}
