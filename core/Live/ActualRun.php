<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Act\Act;
use Velko\Core\Act\Lift;
use Velko\Core\Act\Off;
use Velko\Core\Act\Run;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Season\Salt;
use Velko\Core\Season\SaltTaste;

/**
 * The pan as its touches say it ran: what was poured and lifted, where the knob and the lid were, and what the scale and
 * the tooth found. How strong the ring really is comes in as an estimate.
 */
final class ActualRun
{
    /** What the engine itself may be off by after the ring is fitted, one standard deviation, g per g rice (our estimate). */
    private const MODEL_SPREAD = 0.02;

    /** The doneness clock before anybody has tasted, one standard deviation, min (our estimate). */
    private const DONENESS_SPREAD = 1.5;

    /** Tasting moves the doneness clock by no more, min. */
    private const MOST_SHIFT = 2.5;

    /** The same ask on the ring as it is estimated, under the lids that were really put on. */
    public readonly Ask $ask;

    public readonly Cooking $cooking;

    /** How far tasting has moved the doneness clock so far, min. */
    public float $shift = 0.0;

    private float $shiftSpread = self::DONENESS_SPREAD;

    /** Of what is thought of the salt, percent of the plate. */
    private float $saltSpread = SaltTaste::THOUGHT_SPREAD;

    /** What is no longer unknown about what was poured, by scale and signs, g². */
    private float $pouredKnown = 0.0;

    /** @var non-empty-list<HeatChange> in order of time */
    private readonly array $heat;

    private readonly float $rice;

    private readonly PanWeighing $scale;

    /** @param  non-empty-list<HeatChange>  $heat  as planned */
    public function __construct(Ask $ask, array $heat, private readonly Replay $replay, Estimate $estimate = new Estimate)
    {
        $this->ask = $ask->on($ask->burner->times($estimate->power))->withMethod(['lid' => $this->lids($ask)]);
        $this->heat = $this->turns($heat[0], $ask);
        $this->cooking = new Cooking($this->ask->withFood((new AddedFood($ask, $replay))->soFar()), $this->heat);
        $this->scale = new PanWeighing($ask, $replay);
        $this->rice = $ask->rice();
    }

    /**
     * From the first liquid to a second of the cook, no further than off the heat.
     *
     * @param  callable(Touch, State): void|null  $look  at each touch, with the pan as it stands then, before what the touch corrects
     */
    public function until(float $second, ?Track $track = null, ?callable $look = null): State
    {
        $this->cooking->record($track);
        $state = $this->cooking->start();
        $pulled = $this->replay->minuteOf(StageKind::Off);
        $end = min($second, Replay::LONGEST, $pulled === null ? INF : 60 * $pulled);
        foreach ($this->replay->counted as $touch) {
            $at = 60 * ($this->replay->minute($touch->at) ?? 0.0);
            if ($at > $end) {
                break;
            }
            if ($at >= 0) {
                $this->cooking->runTo($state, $at);
            }
            if ($look !== null) {
                $look($touch, $state);
            } else {
                $this->correct($state, $touch);
            }
            $this->happen($state, $touch);
            $this->offAndOn($state, $touch);
            if ($track !== null && $touch->volume !== null && $at <= 0) {
                $track->add($state);
            }
        }
        $this->cooking->runTo($state, $end);
        if ($pulled !== null) {
            $this->atThePass($state, 60 * $pulled, min($second, Replay::LONGEST));
        }
        $this->cooking->record(null);

        return $state;
    }

    /**
     * As far as it has come: to the table, or to now.
     *
     * @param  int  $now  ms since 1970: a pan still on the heat is followed until here
     * @param  callable(Touch, State): void|null  $look  as in {@see until}
     * @param  Track  $track  that it goes into
     *
     * @return Run|null null before the first liquid
     */
    public function run(int $now, ?callable $look = null, Track $track = new Track): ?Run
    {
        if ($this->replay->pours() === []) {
            return null;
        }
        if ($this->replay->minuteOf(StageKind::Off) === null) {
            return new Run($track, null, $this->until(60 * ($this->replay->minute(max($now, $this->replay->last()->at ?? 0)) ?? 0.0), $track, $look));
        }
        $pulled = $this->until(Replay::LONGEST, $track, $look);
        $state = clone $pulled;
        $table = $this->replay->minuteOf(StageKind::Serve);
        $this->cooking->record($track);
        $table === null ? $this->cooking->toTable($state) : $this->cooking->toTableAt($state, max($state->second, min(60 * $table, Replay::LONGEST)));
        $this->cooking->record(null);

        return new Run($track, $pulled, $state);
    }

    /** What is not known any better about what was poured up to a second, one standard deviation, mL. */
    public function pouredUnknown(float $second): float
    {
        return sqrt(max(0.0, $this->replay->pouredSpread($second / 60) ** 2 - $this->pouredKnown));
    }

    /** What is not known of the liquid in the pan at a second, however strong the ring: what was poured, and what the engine itself may be off by. One standard deviation, g. */
    public function liquidUnknown(float $second): float
    {
        return hypot(self::MODEL_SPREAD * $this->rice, $this->pouredUnknown($second));
    }

    /** What was beaten in or lifted off between off the heat and a second; it counts from off the heat on. */
    private function atThePass(State $state, float $off, float $second): void
    {
        foreach ($this->replay->counted as $touch) {
            $at = 60 * ($this->replay->minute($touch->at) ?? 0.0);
            if ($at > $off && $at <= $second && in_array($touch->kind, [TouchKind::Splash, TouchKind::Lift], true)) {
                $this->happen($state, $touch);
            } elseif ($at > $off && $at <= $second && $touch->salted !== null) {
                $this->correct($state, $touch);
            }
        }
    }

    /**
     * Where the knob stood since the pan fell dry: the mark then, and each turn after.
     *
     * @param  float  $second  now
     *
     * @return list<array{second: float, mark: string}> empty while it is wet
     */
    public function bareSince(float $second): array
    {
        $track = new Track;
        (clone $this)->until($second, $track);
        $dry = Simulation::DRY * $this->rice;
        $since = null;
        foreach ($track->free as $row => $free) {
            $since = $free > $dry ? null : $since ?? 60 * $track->minute[$row];
        }
        if ($since === null || $track->minute[count($track->minute) - 1] <= 0.0) {
            return [];
        }
        $bare = [['second' => $since, 'mark' => $this->cooking->markAt($since)]];
        foreach ($this->heat as $change) {
            if (60 * $change->fromMinute > $since && 60 * $change->fromMinute <= $second) {
                $bare[] = ['second' => 60 * $change->fromMinute, 'mark' => $change->mark];
            }
        }

        return $bare;
    }

    /** The knob at a second. */
    public function markAt(float $second): string
    {
        return $this->cooking->markAt($second);
    }

    /** What a touch did to the pan; null where it did nothing to it. */
    private function act(Touch $touch): ?Act
    {
        $volume = $touch->volume;

        return match (true) {
            $volume === null => null,
            $touch->kind === TouchKind::Lift => new Lift($volume),
            $touch->kind === TouchKind::Splash => $touch->water ? $this->cooking->water($volume) : $this->cooking->stock($volume),
            $touch->stage === null || ($this->replay->done[$touch->stage] ?? null) !== $touch => null,
            $this->replay->stages[$touch->stage]->kind === StageKind::Wine => $this->cooking->wine($volume),
            default => $touch->at === $this->replay->firstLiquidAt ? $this->cooking->firstStock($volume) : $this->cooking->stock($volume),
        };
    }

    /** Off the heat by mistake it cools, open, until it is back on. */
    private function offAndOn(State $state, Touch $touch): void
    {
        foreach ($this->replay->offByMistake as [$off, $back]) {
            if ($touch->id === $off->id) {
                $this->cooking->do($state, new Off(false));
            } elseif ($touch->id === $back->id) {
                $this->cooking->backOn($state);
            }
        }
    }

    private function happen(State $state, Touch $touch): void
    {
        $act = $this->act($touch);
        if ($act !== null) {
            $this->cooking->do($state, $act);
        }
    }

    /** What the scale and the tooth say outweighs what the engine made of the pan, as far as each can be trusted. */
    private function correct(State $state, Touch $touch): void
    {
        if ($touch->weighing !== null && ! $this->scale->isTheTare($touch)) {
            [$off, $spread] = $this->scale->off($touch->weighing, $state);
            $this->hasInIt($state, $touch, $off, $spread);
        }
        $free = $touch->sign?->free($state->drunk, $state->free / $this->rice, $this->ask->family->traits()->scale);
        if ($touch->sign !== null && $free !== null) {
            $this->hasInIt($state, $touch, $this->rice * $free - $state->free, $this->rice * $touch->sign->spread());
        }
        if ($touch->kind === TouchKind::NotYet && $touch->stage !== null) {
            // There is at least as much as the sign stands for.
            $sign = Measurements::signOf($this->ask, $this->replay->stages[$touch->stage]->kind ?? null, $state);
            $sign === null || $sign <= $state->free ? null : $this->hasInIt($state, $touch, $sign - $state->free, $this->rice * Measurements::NOT_YET_SPREAD);
        }
        if ($touch->salted !== null) {
            $plates = $this->rice * (1 + $state->drunk) + $state->free;
            $thought = Salt::percent($state->salt, $plates);
            $gain = $this->saltSpread ** 2 / ($this->saltSpread ** 2 + SaltTaste::SPREAD ** 2);
            $state->salt += $gain * ($touch->salted->percent($this->ask->seasoning, $thought) - $thought) / 100 * $plates;
            $this->saltSpread *= sqrt(1 - $gain);
        }
        if ($touch->taste !== null) {
            $gain = $this->shiftSpread ** 2 / ($this->shiftSpread ** 2 + Taste::SPREAD ** 2);
            $wanted = $this->shift + $gain * ($touch->taste->doneness($this->ask->grain->tooth(), $state->doneness) - $state->doneness);
            $shift = max(-self::MOST_SHIFT, min(self::MOST_SHIFT, $wanted));
            $state->doneness = max(0.0, $state->doneness + $shift - $this->shift);
            $this->shift = $shift;
            $this->shiftSpread *= sqrt(1 - $gain);
        }
    }

    /**
     * Liquid that was found more, or less, than thought: some of it is put right, by what is known better.
     *
     * @param  float  $off  g found more than thought
     * @param  float  $spread  g, of the finding
     */
    private function hasInIt(State $state, Touch $touch, float $off, float $spread): void
    {
        $poured = $this->replay->pouredSpread($this->replay->minute($touch->at) ?? 0.0);
        $engine = (self::MODEL_SPREAD * $this->rice) ** 2 + max(0.0, $poured ** 2 - $this->pouredKnown);
        $gain = $engine / ($engine + $spread ** 2);
        if ($touch->weighing === null) {
            $gain *= Measurements::trusted($off / sqrt($engine + $spread ** 2 + ($this->ask->burner->fire->spread() * $state->boiledOff) ** 2));
        }
        $this->pouredKnown = $poured ** 2 - (1 - $gain) * max(0.0, $poured ** 2 - $this->pouredKnown);
        $moved = max(-$state->free, $gain * $off);
        $state->free += $moved;
        // The books stay closed: it boiled off less than thought; and where that is not enough, more was poured than was said.
        $steam = min($state->boiledOff, $moved);
        $state->boiledOff -= $steam;
        $state->poured += $moved - $steam;
    }

    /**
     * Where the knob really was: as planned at first, then as it was turned. A turn that was passed over unsaid counts at
     * the minute it was planned for.
     *
     * @return non-empty-list<HeatChange>
     */
    private function turns(HeatChange $first, Ask $ask): array
    {
        $turns = [];
        $floor = Floor::of($ask->pan, $ask->burner->ring);
        $passed = $this->passed();
        foreach ($passed as [$minute, $mark, $shift]) {
            if ($mark !== null && $ask->burner->has($mark)) {
                $turns[] = new HeatChange($minute, $mark, $floor->catches($shift));
            }
        }
        foreach ($this->replay->counted as $touch) {
            $minute = $this->replay->minute($touch->at) ?? 0.0;
            if ($touch->kind === TouchKind::Heat && $touch->mark !== null && $ask->burner->has($touch->mark)) {
                $before = array_filter($passed, static fn (array $stage): bool => $stage[0] <= $minute);
                $turns[] = new HeatChange($minute, $touch->mark, $floor->catches($before === [] ? 0.0 : $before[array_key_last($before)][2]));
            }
        }
        $turns = array_map($this->notWhileOff(...), $turns);
        usort($turns, static fn (HeatChange $a, HeatChange $b): int => $a->fromMinute <=> $b->fromMinute);
        foreach ($turns as $turn) {
            if ($turn->fromMinute <= 0) {
                $first = new HeatChange(0.0, $turn->mark);
            }
        }

        return [$first, ...array_values(array_filter($turns, static fn (HeatChange $turn): bool => $turn->fromMinute > 0))];
    }

    /** A knob that is turned while the pan is off the heat counts from when it is back on. */
    private function notWhileOff(HeatChange $turn): HeatChange
    {
        foreach ($this->replay->offByMistake as [$off, $back]) {
            [$from, $to] = [$this->replay->minute($off->at) ?? 0.0, $this->replay->minute($back->at) ?? 0.0];
            if ($turn->fromMinute > $from && $turn->fromMinute < $to) {
                return new HeatChange($to, $turn->mark, $turn->catches);
            }
        }

        return $turn;
    }

    /** @return list<LidChange> as they were put on and taken off, and as they are planned from then on */
    private function lids(Ask $ask): array
    {
        $planned = $ask->method->lid;
        $lids = [];
        $touched = false;
        foreach ($this->replay->counted as $touch) {
            if ($touch->kind === TouchKind::Lid && $touch->on !== null) {
                $touched = true;
                $lids[] = new LidChange($this->replay->minute($touch->at) ?? 0.0, $touch->on);
            }
        }
        if ($touched) {
            // Whoever moves the lid by hand decides about it from there on.
            $since = $lids[0]->fromMinute;
            $planned = array_values(array_filter($planned, static fn (LidChange $lidChange): bool => $lidChange->fromMinute < $since));
        }
        $lids = [...$planned, ...$lids];
        usort($lids, static fn (LidChange $a, LidChange $b): int => $a->fromMinute <=> $b->fromMinute);

        return $lids;
    }

    /**
     * Stages that turn the knob and are done or passed over.
     *
     * @return list<array{float, string|null, float}> the minute at which each counts, where the knob went, and how far the pan is shifted from then on, cm
     */
    private function passed(): array
    {
        $furthest = $this->replay->done === [] ? -1 : array_key_last($this->replay->done);
        $passed = [];
        foreach ($this->replay->stages as $i => $stage) {
            if ($i > $furthest) {
                break;
            }
            if ($stage->kind->turnsTheKnob()) {
                $touch = $this->replay->done[$i] ?? null;
                $passed[] = [$touch === null ? $stage->minute : $this->replay->minute($touch->at) ?? $stage->minute, $touch->mark ?? $stage->mark, $stage->shift ?? 0.0];
            }
        }

        return $passed;
    }
}
