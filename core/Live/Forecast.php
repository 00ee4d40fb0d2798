<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Crust\CrustNow;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Continuation;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\ExtraStep;
use Velko\Core\Planning\HoldingAtPass;
use Velko\Core\Planning\PlateContents;
use Velko\Core\Planning\Projection;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Bite;

/**
 * What a pan on the fire will come to, and what to do from now on: the whole cook is replayed with what really happened,
 * and goes on from there.
 */
final readonly class Forecast
{
    /** A plate that is off by less than this share of a word is left as it is. */
    private const NOT_TOLD = 0.6;

    /** A pan that nobody comes back to is followed for so many minutes after its pull. */
    private const LEFT_ALONE_FOR = 12;

    /** More than so many words cannot be put right off the heat. */
    private const MOST_AT_THE_PASS = 1.5;

    /** Sooner than this is now, s: at once is worked out to the next whole second and a half. */
    public const AT_ONCE = 2.0;

    /**
     * @param  list<Step>  $steps  still to do, in order of time
     * @param  State  $now  the pan as it must be, at the moment from which the rest is counted
     * @param  array{float, float}  $stockSpread  mL still to pour, were the ring one standard deviation weaker or stronger
     * @param  array{float, float}  $pullSpread  minute of the pull, likewise
     * @param  float  $shift  min that tasting moved the doneness clock
     * @param  HoldingAtPass|null  $standing  from off the heat on
     * @param  string  $mark  where the knob stands
     * @param  CrustNow|null  $floor  while it takes its colour
     * @param  float  $waterSpread  of the water in the pan now, free and drunk, one standard deviation, g
     * @param  float  $early  s by which the cook is called early
     */
    private function __construct(
        public Ask $ask,
        public array $steps,
        public State $now,
        public Projection $projection,
        public Estimate $estimate,
        public array $stockSpread,
        public array $pullSpread,
        public float $shift,
        public ?HoldingAtPass $standing,
        public string $mark,
        public ?CrustNow $floor = null,
        public float $waterSpread = 0.0,
        public float $early = 0.0,
    ) {}

    /** What it will be served as, if it goes on so; of that its salt, as the tongue has moved it. */
    public function onThePlates(): PlateContents
    {
        return new PlateContents($this->ask, $this->projection->atTable);
    }

    /**
     * @param  non-empty-list<HeatChange>  $heat  as planned
     * @param  int  $now  ms since 1970
     *
     * @return self|null null before the first liquid, and once it is at the table
     */
    public static function of(Ask $ask, array $heat, Replay $replay, int $now): ?self
    {
        $last = $replay->last();
        if ($replay->firstLiquidAt === null || $last === null || $replay->status !== Status::Cooking) {
            return null;
        }
        $estimate = Estimator::of($ask, $heat, $replay);
        $said = max(0.0, 60 * ($replay->minute($last->at) ?? 0.0));
        $nowSecond = max($said, min(Replay::LONGEST, 60 * ($replay->minute($now) ?? 0.0)));
        $current = self::at($ask, $heat, $replay, $estimate, $said, $nowSecond);
        $steps = $current->steps;
        if ($steps === [] || $replay->minuteOf(StageKind::Off) !== null) {
            return $current;
        }
        $called = $nowSecond + self::AT_ONCE;
        if ($nowSecond > $said && 60 * $steps[0]->minute <= $called) {
            $steps = self::dueSince($steps, $called / 60, self::stepsFrom($ask, $heat, $replay, $estimate, $said));
        }
        // Where "not yet" was said of it, not before the sign has had its time.
        $until = $steps[0]->stage === null ? null : NotYet::until($replay, $steps[0]->stage, $ask);
        $steps[0] = $steps[0]->dueAt(max($steps[0]->minute, $until ?? 0.0));

        return new self(
            $ask, $steps, $current->now, $current->projection, $estimate, $current->stockSpread, $current->pullSpread,
            $current->shift, $current->standing, $current->mark, $current->floor, $current->waterSpread, $current->early,
        );
    }

    /**
     * What is due, or overdue, has been due since what was said last made it so, and what fell due first stays first: a step that
     * is waited with does not fall behind one that the waiting has drawn nearer.
     *
     * @param  non-empty-list<Step>  $steps  as of now
     * @param  float  $called  minute of the cook up to which they are called
     * @param  list<Step>  $before  as of what was said last
     *
     * @return non-empty-list<Step>
     */
    private static function dueSince(array $steps, float $called, array $before): array
    {
        $due = [];
        foreach ($before as $step) {
            $due[$step->place()] ??= $step->minute;
        }
        $was = static fn (Step $step): float => $due[$step->place()] ?? $step->minute;
        $calling = array_filter($steps, static fn (Step $step): bool => $step->minute <= $called);
        usort($calling, static fn (Step $a, Step $b): int => $was($a) <=> $was($b));
        $earliest = -INF;
        foreach ($calling as $i => $step) {
            $steps[$i] = $step->dueAt($earliest = max($earliest, min($step->minute, $was($step))));
        }

        return array_values($steps);
    }

    /**
     * What was to be done, as it stood at a second.
     *
     * @param  non-empty-list<HeatChange>  $heat
     *
     * @return list<Step>
     */
    private static function stepsFrom(Ask $ask, array $heat, Replay $replay, Estimate $estimate, float $second): array
    {
        $actual = new ActualRun($ask, $heat, $replay, $estimate);
        $state = $actual->until($second);

        return (new Steps($replay, self::continuation($actual, $replay, $state, $second)->from($state), $second / 60, $second / 60, new AddedFood($ask, $replay), Lateness::of($replay)))->all();
    }

    /**
     * What would come to the table if nobody did anything more, by the minute at which it comes off: true without asking again.
     *
     * @return array<int, State> by whole minutes of the cook; empty once it is off the heat
     */
    public function leftAlone(): array
    {
        if ($this->standing !== null) {
            return [];
        }
        $cooking = new Cooking($this->ask->on($this->ask->burner->times($this->estimate->power)), [new HeatChange(0.0, $this->mark)]);
        $state = clone $this->now;
        $rows = [];
        $last = (int) ceil(max($this->now->minute(), $this->projection->pulled->minute())) + self::LEFT_ALONE_FOR;
        for ($minute = max((int) ceil($this->now->minute()), (int) floor($this->projection->pulled->minute()) - 1); $minute <= $last; $minute++) {
            $cooking->runTo($state, 60 * $minute);
            $rows[$minute] = clone $state;
            $cooking->toTable($rows[$minute]);
        }

        return $rows;
    }

    /** Free liquid per raw rice at the table, g/g. */
    public function looseness(): float
    {
        return $this->projection->atTable->free / $this->ask->rice();
    }

    public function bite(): Bite
    {
        return Bite::of($this->ask->grain, $this->projection->atTable->doneness, $this->projection->atTable->drunkAboveTheCrust($this->ask->rice()));
    }

    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  float  $said  s, when something was said last
     * @param  float  $second  from which the rest is counted: now
     */
    private static function at(Ask $ask, array $heat, Replay $replay, Estimate $estimate, float $said, float $second): self
    {
        $actual = new ActualRun($ask, $heat, $replay, $estimate);
        $state = $actual->until($second);
        if ($replay->minuteOf(StageKind::Off) !== null) {
            return self::offTheHeat($ask, $actual, $replay, $state, $estimate, $second);
        }
        $continuation = self::continuation($actual, $replay, $state, $second);
        $projection = $continuation->from($state);
        $water = [0.0, 0.0];
        [$weak, $strong] = array_map(static function (int $deviations) use ($ask, $heat, $replay, $estimate, $second, $continuation, &$water): Projection {
            $actual = new ActualRun($ask, $heat, $replay, $estimate->off($deviations));

            $state = $actual->until($second);
            $water[$deviations < 0 ? 0 : 1] = $state->free + $ask->rice() * $state->drunk;

            return self::continuation($actual, $replay, $state, $second, $continuation)->from($state);
        }, [-1, 1]);

        return new self(
            $ask, (new Steps($replay, $projection, $said / 60, $second / 60, new AddedFood($ask, $replay), Lateness::of($replay)))->all(), $state, $projection, $estimate,
            self::spread($projection->lacks, [$weak->lacks, $strong->lacks], $actual->pouredUnknown($second)),
            [min($weak->pulled->minute(), $projection->pulled->minute(), $strong->pulled->minute()), max($weak->pulled->minute(), $projection->pulled->minute(), $strong->pulled->minute())],
            $actual->shift, null, $actual->markAt($second), $continuation->floor(), hypot(($water[1] - $water[0]) / 2, $actual->liquidUnknown($second)),
            Lateness::of($replay),
        );
    }

    /**
     * What a number may be: by the ring, and by what is not known about what went in.
     *
     * @param  list<float>  $byTheRing
     * @param  float  $unknown  one standard deviation
     *
     * @return array{float, float}
     */
    private static function spread(float $value, array $byTheRing, float $unknown): array
    {
        return [$value - hypot($value - min($value, ...$byTheRing), $unknown), $value + hypot(max($value, ...$byTheRing) - $value, $unknown)];
    }

    /** @return list<array{second: float, mark: string}> where the knob stood since a pan rice fell dry */
    private static function bare(ActualRun $actual, State $state, float $second): array
    {
        $dry = $actual->ask->family->traits()->driesOut && $state->poured > 0 && $state->free <= Simulation::DRY * $actual->ask->rice();

        return $dry ? $actual->bareSince($second) : [];
    }

    private static function continuation(ActualRun $actual, Replay $replay, State $state, float $second, ?Continuation $alike = null): Continuation
    {
        $ask = $actual->ask;
        $lidOffAt = $replay->lidOffAt();
        if ($lidOffAt !== null) {
            $ask = $ask->withMethod(['lid' => [...$ask->method->lid, new LidChange(max($lidOffAt, ($second + self::AT_ONCE) / 60), false)]]);
        }

        return $ask->family->continuation($ask, $replay, $actual->markAt($second), self::bare($actual, $state, $second), $alike);
    }

    /**
     * What is put right while it is finished: a splash for a plate that would be too tight, and off the top what is too much.
     *
     * @return list<ExtraStep>
     */
    private static function atThePass(Ask $ask, Replay $replay, State $pulled, State $eaten): array
    {
        $off = $eaten->free / $ask->rice() - $ask->target->looseness;
        $step = $ask->family->traits()->scale->step;
        if (! $ask->family->traits()->isPlated || $replay->beyond() >= Replay::MOST_BEYOND || $replay->minuteOf(StageKind::Finish) !== null || $replay->minuteOf(StageKind::Rest) !== null || abs($off) <= self::NOT_TOLD * $step) {
            return [];
        }
        $volume = Rounding::to(min(abs($off), self::MOST_AT_THE_PASS * $step) * $ask->rice(), Rounding::step(self::NOT_TOLD / 2 * $step * $ask->rice()));

        return [$off < 0
            ? new ExtraStep($pulled->second, StageKind::Pour, Fact::of('say.beaten-in'), $volume)
            : new ExtraStep($pulled->second, StageKind::Lift, Fact::of('say.off-the-top'), min($volume, $pulled->free))];
    }

    /** @param  float  $second  now: what is not on the table yet is eaten then at the earliest */
    private static function offTheHeat(Ask $ask, ActualRun $actual, Replay $replay, State $pulled, Estimate $estimate, float $second): self
    {
        $track = new Track;
        $actual->cooking->record($track);
        $state = clone $pulled;
        $table = $pulled->second + 60 * ($actual->cooking->toPass() + $ask->target->minutesToTable);
        $actual->cooking->toTableAt($state, max($table, $second));
        $actual->cooking->record(null);
        $projection = new Projection([], [], self::atThePass($ask, $replay, $pulled, $state), [], 0.0, null, $pulled, $state, $state, $track);
        $minute = $pulled->minute();

        return new self(
            $ask, (new Steps($replay, $projection, $minute, $minute, new AddedFood($ask, $replay), Lateness::of($replay)))->all(), $pulled, $projection, $estimate, [0.0, 0.0], [$minute, $minute],
            $actual->shift, HoldingAtPass::of($actual->ask, $actual->cooking, $pulled), $actual->markAt($pulled->second), early: Lateness::of($replay),
        );
    }
}
