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
    /** A step so much overdue is taken as not done yet, and the pan followed to now without it, s. */
    private const OVERDUE = 20.0;

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
        $second = max(0.0, 60 * ($replay->minute($last->at) ?? 0.0));
        $nowSecond = min(Played::LONGEST, 60 * ($replay->minute($now) ?? 0.0));
        $first = self::at($ask, $heat, $replay, $estimate, $second);
        $due = $first->steps[0] ?? null;
        if ($due === null || $nowSecond - 60 * $due->minute < self::OVERDUE || $replay->minuteOf('off') !== null) {
            return $first;
        }
        // Nobody has done it yet: the pan goes on without it. When it was due stays said.
        $late = self::at($ask, $heat, $replay, $estimate, max($second, $nowSecond));
        $steps = $late->steps;
        if (($steps[0]->stage ?? null) === $due->stage && isset($steps[0])) {
            $steps[0] = new Step($due->stage, $due->minute, $steps[0]->kind, $steps[0]->say, $steps[0]->volume, $steps[0]->mark);
        }

        return new self($ask, $steps, $late->now, $late->coming, $late->estimate, $late->stockSpread, $late->pullSpread, $late->shift, $late->standing, $late->mark, $late->floor);
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
     * @param  float  $second  from which the rest is counted
     */
    private static function at(Ask $ask, array $heat, Replay $replay, Estimate $estimate, float $second): self
    {
        $played = new Played($ask, $heat, $replay, $estimate);
        $state = $played->until($second);
        if ($replay->minuteOf('off') !== null) {
            return self::offTheHeat($ask, $played, $replay, $state, $estimate);
        }
        $ahead = self::ahead($played, $replay, $second);
        $coming = $ahead->from($state);
        $crust = $ahead instanceof PanRiceAhead ? $ahead->crust() : null;
        [$weak, $strong] = array_map(static function (int $deviations) use ($ask, $heat, $replay, $estimate, $second, $crust): Coming {
            $played = new Played($ask, $heat, $replay, $estimate->off($deviations));

            return self::ahead($played, $replay, $second, $crust)->from($played->until($second));
        }, [-1, 1]);

        return new self(
            $ask, (new Steps($replay, $coming, $second / 60))->all(), $state, $coming, $estimate,
            [min($weak->lacks, $coming->lacks, $strong->lacks), max($weak->lacks, $coming->lacks, $strong->lacks)],
            [min($weak->pulled->minute(), $coming->pulled->minute(), $strong->pulled->minute()), max($weak->pulled->minute(), $coming->pulled->minute(), $strong->pulled->minute())],
            $played->shift, null, $played->markAt($second), $ahead instanceof PanRiceAhead ? $ahead->floor() : null,
        );
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

    private static function offTheHeat(Ask $ask, Played $played, Replay $replay, State $pulled, Estimate $estimate): self
    {
        $track = new Track;
        $played->pan->record($track);
        $state = clone $pulled;
        $played->pan->toTable($state);
        $played->pan->record(null);
        $coming = new Coming([], [], [], [], 0.0, null, $pulled, $state, $state, $track);
        $minute = $pulled->minute();

        return new self(
            $ask, (new Steps($replay, $coming, $minute))->all(), $pulled, $coming, $estimate, [0.0, 0.0], [$minute, $minute],
            $played->shift, Standing::of($played->ask, $played->pan, $pulled), $played->markAt($pulled->second),
        );
    }
}
