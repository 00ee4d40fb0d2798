<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Live\Ahead\Ahead;
use Velko\Core\Live\Ahead\Coming;
use Velko\Core\Live\Ahead\PanRiceAhead;
use Velko\Core\Live\Ahead\RisottoAhead;
use Velko\Core\Live\Ahead\SoupyRiceAhead;
use Velko\Core\Method\Family;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\PanRice\CrustPlan;
use Velko\Core\Planning\Standing;
use Velko\Core\Rice\Bite;

/**
 * What a pan on the fire will come to, and what to do from now on: the whole cook is replayed with what really happened,
 * and goes on from there.
 */
final readonly class Forecast
{
    /** Sooner than this is now, s. */
    private const AT_ONCE = 1.0;

    /**
     * @param  list<Step>  $steps  still to do, in order of time
     * @param  State  $now  the pan as it must be, at the moment from which the rest is counted
     * @param  array{float, float}  $stockSpread  mL still to pour, were the ring one standard deviation weaker or stronger
     * @param  array{float, float}  $pullSpread  minute of the pull, likewise
     * @param  float  $shift  min that tasting moved the doneness clock
     * @param  Standing|null  $standing  from off the heat on
     * @param  string  $mark  where the knob stands
     * @param  CrustNow|null  $floor  while it takes its colour
     */
    private function __construct(
        public Ask $ask,
        public array $steps,
        public State $now,
        public Coming $coming,
        public Estimate $estimate,
        public array $stockSpread,
        public array $pullSpread,
        public float $shift,
        public ?Standing $standing,
        public string $mark,
        public ?CrustNow $floor = null,
    ) {}

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
        $estimate = Estimating::of($ask, $heat, $replay);
        $said = max(0.0, 60 * ($replay->minute($last->at) ?? 0.0));
        $nowSecond = max($said, min(Played::LONGEST, 60 * ($replay->minute($now) ?? 0.0)));
        $current = self::at($ask, $heat, $replay, $estimate, $said, $nowSecond);
        $first = $current->steps[0] ?? null;
        if ($first === null || $replay->minuteOf('off') !== null || $nowSecond <= $said || 60 * $first->minute > $nowSecond + self::AT_ONCE) {
            return $current;
        }

        // It is due, or overdue: when it was due is known from what was said last.
        return $current->with(self::stepsFrom($ask, $heat, $replay, $estimate, $said));
    }

    /**
     * The same, its first step due when these say.
     *
     * @param  list<Step>  $before  as they were when something was said last
     */
    private function with(array $before): self
    {
        $first = $this->steps[0] ?? null;
        $same = array_filter($before, static fn (Step $step): bool => $step->stage === $first?->stage && $step->kind === $first?->kind);
        $due = array_values($same)[0] ?? null;
        if ($first === null || $due === null || $due->minute >= $first->minute) {
            return $this;
        }
        $steps = [new Step($first->stage, $due->minute, $first->kind, $first->say, $first->volume, $first->mark), ...array_slice($this->steps, 1)];

        return new self($this->ask, $steps, $this->now, $this->coming, $this->estimate, $this->stockSpread, $this->pullSpread, $this->shift, $this->standing, $this->mark, $this->floor);
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
        $played = new Played($ask, $heat, $replay, $estimate);
        $state = $played->until($second);

        return (new Steps($replay, self::ahead($played, $replay, $second)->from($state), $second / 60, $second / 60))->all();
    }

    /** Free liquid per raw rice at the table, g/g. */
    public function looseness(): float
    {
        return $this->coming->atTable->free / $this->ask->rice();
    }

    public function bite(): Bite
    {
        return Bite::of($this->ask->grain, $this->coming->atTable->doneness, $this->coming->atTable->drunk);
    }

    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  float  $said  s, when something was said last
     * @param  float  $second  from which the rest is counted: now
     */
    private static function at(Ask $ask, array $heat, Replay $replay, Estimate $estimate, float $said, float $second): self
    {
        $played = new Played($ask, $heat, $replay, $estimate);
        $state = $played->until($second);
        if ($replay->minuteOf('off') !== null) {
            return self::offTheHeat($ask, $played, $replay, $state, $estimate, $second);
        }
        $ahead = self::ahead($played, $replay, $second);
        $coming = $ahead->from($state);
        $crust = $ahead instanceof PanRiceAhead ? $ahead->crust() : null;
        [$weak, $strong] = array_map(static function (int $deviations) use ($ask, $heat, $replay, $estimate, $second, $crust): Coming {
            $played = new Played($ask, $heat, $replay, $estimate->off($deviations));

            return self::ahead($played, $replay, $second, $crust)->from($played->until($second));
        }, [-1, 1]);

        return new self(
            $ask, (new Steps($replay, $coming, $said / 60, $second / 60))->all(), $state, $coming, $estimate,
            self::spread($coming->lacks, [$weak->lacks, $strong->lacks], $played->pouredUnknown($second)),
            [min($weak->pulled->minute(), $coming->pulled->minute(), $strong->pulled->minute()), max($weak->pulled->minute(), $coming->pulled->minute(), $strong->pulled->minute())],
            $played->shift, null, $played->markAt($second), $ahead instanceof PanRiceAhead ? $ahead->floor() : null,
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

    private static function ahead(Played $played, Replay $replay, float $second, ?CrustPlan $crust = null): Ahead
    {
        $mark = $played->markAt($second);

        return match ($played->ask->family) {
            Family::Risotto => new RisottoAhead($played->ask, $replay, $mark),
            Family::PanRice => new PanRiceAhead($played->ask, $replay, $mark, $crust),
            Family::SoupyRice => new SoupyRiceAhead($played->ask, $replay, $mark),
        };
    }

    /** @param  float  $second  now: what is not on the table yet is eaten then at the earliest */
    private static function offTheHeat(Ask $ask, Played $played, Replay $replay, State $pulled, Estimate $estimate, float $second): self
    {
        $track = new Track;
        $played->pan->record($track);
        $state = clone $pulled;
        $table = $pulled->second + 60 * ($played->pan->toPass() + $ask->target->minutesToTable);
        $played->pan->toTableAt($state, max($table, $second));
        $played->pan->record(null);
        $coming = new Coming([], [], [], [], 0.0, null, $pulled, $state, $state, $track);
        $minute = $pulled->minute();

        return new self(
            $ask, (new Steps($replay, $coming, $minute, $minute))->all(), $pulled, $coming, $estimate, [0.0, 0.0], [$minute, $minute],
            $played->shift, Standing::of($played->ask, $played->pan, $pulled), $played->markAt($pulled->second),
        );
    }
}
