<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Load;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Rice\Grain;
use Velko\Core\Water\Steam;

/** What the scale, the eye and the ear found in a pan on the fire, against what it would hold were things as they are thought. */
final readonly class Measurements
{
    /** A pan that is no further under the boil than this boils, K. */
    private const BOILS_WITHIN = 0.3;

    /** A sign that is so many standard deviations off counts a quarter. */
    private const BELIEVED = 4.0;

    /** "Not yet" said of a sign: the sign's spread, g per g rice. */
    public const NOT_YET_SPREAD = 0.10;

    private PanWeighing $scale;

    /**
     * @param  non-empty-list<HeatChange>  $heat  as planned
     * @param  bool  $isToLearn  What a ladle and a base are off by is then no part of an error: learning has parameters for them.
     */
    public function __construct(private Ask $ask, private array $heat, private Replay $replay, private bool $isToLearn = false)
    {
        $this->scale = new PanWeighing($ask, $replay, $isToLearn);
    }

    /**
     * How far each measurement is from what such a ring would give, in standard deviations.
     *
     * @param  Estimate  $estimate  how strong it is thought to be
     * @param  float  $until  s
     *
     * @return list<array{float, float}> each with the weight it has, 0 to 1
     */
    public function misses(Estimate $estimate, float $until): array
    {
        $misses = [];
        $track = $this->ask->family->traits()->turnsAt === Sign::Boils ? new Track : null; // when it came to the boil is looked up in it
        (new ActualRun($this->ask, $this->heat, $this->replay, $estimate))->until($until, $track, function (Touch $touch, State $state) use (&$misses, $track): void {
            $miss = $this->miss($touch, $state, $track);
            if ($miss !== null) {
                $misses[] = [$miss, $touch->weighing === null ? self::trusted($miss) : 1.0];
            }
        });

        return $misses;
    }

    /**
     * How far something that was seen is believed: hardly, where it is far off all that is known of the pan. A sign is
     * coarse, so one that is many times its spread off was seen or said wrongly.
     *
     * @param  float  $miss  in standard deviations
     *
     * @return float 0 to 1
     */
    public static function trusted(float $miss): float
    {
        return 1 / (1 + ($miss / self::BELIEVED) ** 2) ** 2;
    }

    /**
     * How unlikely something is that was seen, with that belief: what a normal one would have, as long as it is near.
     *
     * @param  float  $miss  in standard deviations
     *
     * @return float >= 0, in the logarithm
     */
    public static function unlikely(float $miss): float
    {
        return $miss ** 2 / 2 / (1 + ($miss / self::BELIEVED) ** 2);
    }

    /** How far the base is from what it would weigh, in standard deviations; null where it was not weighed. */
    public function missOfTheBase(): ?float
    {
        [$off, $spread] = $this->scale->baseOff() ?? [null, 1.0];

        return $off === null ? null : -$off / $spread;
    }

    /**
     * How far one of them is from what the pan holds then, in standard deviations; null where it measures nothing.
     *
     * @param  Track|null  $track  how it got there
     */
    public function miss(Touch $touch, State $state, ?Track $track): ?float
    {
        $said = $this->said($touch, $state, $track);
        if ($said !== null) {
            [$thought, $from, $to, $spread] = $said;

            return ($thought - max($from, min($to, $thought))) / $spread;
        }
        $poured = $this->pouredSpread($touch);
        if ($touch->weighing !== null) {
            if ($this->scale->isTheTare($touch)) {
                return null;
            }
            [$off, $spread] = $this->scale->off($touch->weighing, $state);

            return -$off / hypot($spread, $poured);
        }
        if ($touch->sign === Sign::Boils) {
            return $this->pastTheBoil($state, $track) / $touch->sign->spread();
        }
        $rice = $this->ask->rice();
        $free = $touch->sign?->free($state->drunk, $state->free / $rice, $this->ask->family->traits()->scale);

        return $touch->sign === null || $free === null ? null : ($state->free / $rice - $free) / hypot($touch->sign->spread(), $poured / $rice);
    }

    /**
     * What was said of the pan that is no measurement but a range: how it falls from a spoon, and a sign that was not there yet.
     *
     * @param  Track|null  $track  how it got there
     *
     * @return array{float, float, float, float}|null what the pan is thought to be, from where it would be said, to where (-INF and INF for no end), and one standard deviation; all in g free per g rice, of a boil in K past it
     */
    public function said(Touch $touch, State $state, ?Track $track): ?array
    {
        $rice = $this->ask->rice();
        $traits = $this->ask->family->traits();
        $poured = $this->pouredSpread($touch) / $rice;
        $falls = $touch->sign?->range($traits->scale);
        if ($touch->sign !== null && $falls !== null) {
            return [$state->free / $rice, ...$falls, hypot($touch->sign->spread(), $poured)];
        }
        if ($touch->kind !== TouchKind::NotYet || $touch->stage === null) {
            return null;
        }
        $kind = ($this->replay->stages[$touch->stage] ?? null)?->kind;
        if ($traits->turnsAt === Sign::Boils && $kind === StageKind::Heat) {
            return [$this->pastTheBoil($state, $track), -INF, 0.0, Sign::Boils->spread()]; // the knob is turned when it boils again
        }
        $sign = self::signOf($this->ask, $kind, $state);

        return $sign === null ? null : [$state->free / $rice, $sign / $rice, INF, hypot(self::NOT_YET_SPREAD, $poured)];
    }

    /** What is found in the pan tells of the ring only as far as it is known what went in: one standard deviation, mL. */
    private function pouredSpread(Touch $touch): float
    {
        return $this->isToLearn ? 0.0 : $this->replay->pouredSpread($this->replay->minute($touch->at) ?? 0.0);
    }

    /** One standard deviation of a weighing against the pan as it is thought to be, g; null if it is no weighing, or the tare. */
    public function grams(Touch $touch, State $state): ?float
    {
        return $touch->weighing === null || $this->scale->isTheTare($touch) ? null : $this->scale->off($touch->weighing, $state)[1];
    }

    /**
     * How far the heat that went in is past the boil: K still to go, negative; or what has boiled off since it came to the boil, as if
     * it had warmed. What the open pan gave off while it was only hot is no boiling.
     */
    private function pastTheBoil(State $state, ?Track $track): float
    {
        $conditions = $this->ask->conditions();
        $rice = $this->ask->rice();
        $water = $state->free + $rice * $state->drunk;
        $capacity = $conditions->metal + Grain::SPECIFIC_HEAT * $rice + Steam::SPECIFIC_HEAT * $water;
        $cameToIt = $track === null || $state->temperature < $conditions->boiling - self::BOILS_WITHIN ? $water : $track->waterWhenLastBelow($conditions->boiling - self::BOILS_WITHIN, $rice) ?? $water;

        return $state->temperature - $conditions->boiling + max(0.0, $cameToIt - $water) * Steam::LATENT_HEAT / $capacity;
    }

    /** Free liquid at which the sign that a stage waits for shows, g; null when it waits for none. */
    public static function signOf(Ask $ask, ?StageKind $kind, State $state): ?float
    {
        $rice = $ask->rice();
        $school = $ask->method->doses;

        return match ($kind) {
            StageKind::Pour => $state->poured <= $ask->wine ? Sign::WINE_GONE * $rice : ($school === null || is_finite($school->dueAfter()) ? null
                : $school->dueAt(new Load($rice, $ask->pan->baseArea(), $state->net, $ask->grain, $ask->ladle), $state)),
            StageKind::Heat => $ask->family->traits()->turnsAt === Sign::GrainsShow ? Grain::gaps($rice, $state->drunk) : null,
            StageKind::Crust => Simulation::DRY * $rice,
            default => null,
        };
    }
}
