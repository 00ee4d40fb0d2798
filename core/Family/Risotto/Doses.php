<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Method\DoseSchool;
use Velko\Core\Method\Load;
use Velko\Core\Method\PullEstimate;
use Velko\Core\Method\Schools;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Outcome;
use Velko\Core\Planning\RightAtTheTable;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Rice\Kinetics;

/**
 * The doses of a risotto from a moment on: by the school's rule, and the last one solved together with the pull.
 *
 * The last dose: so much that the rice is as loose as wanted at the table, after finish, rest and walk. The pull point:
 * so early that the bite is right at the table, since the grain goes on cooking on its own heat. Both are read off
 * simulated cooks; the doses before the last one do not depend on either, so only the tail from the last dose on is run
 * again and again. A plan begins at the first stock; a pan on the fire goes on from wherever it is.
 */
final readonly class Doses
{
    /** The last dose goes in at least so long before the pull, minutes at 100 °C. */
    private const LAST_DOSE_LEAD = 1.25;

    /** Nothing is poured any more so shortly before the pull, minutes at 100 °C. */
    private const TOO_LATE = 0.5;

    /** The dose before the last keeps so far away from it, minutes at 100 °C. */
    private const BETWEEN_DOSES = 0.6;

    private const MOST_DOSES = 240;

    /** Between looks at whether the next dose is due, s. */
    private const LOOK_EVERY = 20.0;

    private const LOOSENESS_TOLERANCE = 0.003;

    /** Nobody waits with a dose for longer than until the pan is about to be dry, g/g. */
    private const NEARLY_DRY = 0.06;

    private const DONENESS_TOLERANCE = 0.03;

    /** For a first look at the way to the table: what rice has drunk of what it would in ample liquid, and g/g that the table takes. */
    private const OF_AMPLE = 0.93;

    private const TABLE_TAKES = 0.2;

    private const MOST_PULLS = 8;

    /** Rounding the last dose may move looseness by this much, g/g. */
    private const ROUNDING = 0.01;

    /** A last dose that is less than this share of the one before is no dose of its own. */
    private const WORTH_A_DOSE = 0.3;

    /** A pan that is so little too tight is left alone, g/g. */
    private const NEAR_ENOUGH = 0.04;

    private float $rice;

    private Load $load;

    private PullEstimate $landing;

    private DoseSchool $school;

    private float $wanted;

    private RightAtTheTable $right;

    /** @param  float  $net  W, on the setting the cook runs at */
    public function __construct(private Ask $ask, private Cooking $cooking, float $net)
    {
        $this->rice = $ask->rice();
        $this->school = $ask->method->doses ?? Schools::all()[Schools::DEFAULT];
        $this->wanted = $ask->grain->window->middle();
        $this->right = new RightAtTheTable($ask, self::DONENESS_TOLERANCE, self::LOOSENESS_TOLERANCE, self::MOST_PULLS);
        $this->landing = $this->landing();
        $this->load = new Load($this->rice, $ask->pan->baseArea(), $net, $ask->grain, $ask->ladle, $this->landing);
    }

    /** From the first stock, which goes in at once. */
    public function fromTheFirst(State $state): DoseSequence
    {
        $doses = $this->until($state);

        return $this->solved($doses === [] ? [new Dose($state->second, 0.0, clone $state)] : $doses, $state, 1);
    }

    /**
     * From the middle of a cook.
     *
     * @param  int  $given  doses given so far
     * @param  float  $since  s, of the last of them
     * @param  int  $most  doses that may still be asked for
     */
    public function goingOn(State $state, int $given, float $since, int $most = self::MOST_DOSES): DoseSequence
    {
        $start = clone $state;
        $state = clone $state;
        if ($given === 0) {
            $this->cooking->untilWineIsGone($start);

            return $this->fromTheFirst($start);
        }
        $due = $most > 0 && $this->runUntilDue($state, $since);

        return $this->solved($due ? $this->until($state, $given, $most) : [], $start, 0, $most);
    }

    /**
     * The school at work until the rice is as done as wanted; the first dose goes in at once.
     *
     * @return list<Dose>
     */
    private function until(State $from, int $given = 0, int $most = self::MOST_DOSES): array
    {
        $state = clone $from;
        $doses = [];
        while ($state->doneness < $this->wanted && $state->second < Cooking::LONGEST && count($doses) < $most) {
            $volume = $this->dose($state, $given + count($doses), $most - count($doses));
            $doses[] = new Dose($state->second, $volume, clone $state);
            $this->cooking->pourStock($state, $volume);
            if (! $this->runUntilDue($state, $state->second)) {
                break;
            }
        }

        return $doses;
    }

    /**
     * The school's dose; more where a late hand let the pan fall behind, or where more steps than may be asked for would be
     * needed. In what a ladle can measure.
     *
     * @param  int  $given  doses given before
     * @param  int  $left  doses that may still be asked for, this one too
     */
    private function dose(State $state, int $given, int $left): float
    {
        $school = $this->school->dose($this->load, $state, $given);
        if ($given === 0) {
            return $school;
        }
        $half = $this->ask->ladle->ml / 2;
        $behind = is_finite($this->school->dueAfter()) ? 0.0 : $this->school->dueAt($this->load, $state) - $state->free;
        $minutes = max(0.0, $this->landing->doneness - $state->doneness) / Kinetics::pace($this->ask->conditions()->boiling);
        $toCome = ($this->landing->free + $minutes * $this->load->usePerMinute() - $state->free) / $left;

        return $school + $half * max(0.0, floor(max($behind, $toCome - $school) / $half));
    }

    /**
     * On until the school's next dose is due.
     *
     * @param  float  $since  s, of the dose before
     *
     * @return bool false when the rice is done first
     */
    private function runUntilDue(State $state, float $since): bool
    {
        $latest = $since + $this->school->dueAfter();
        $due = false;
        while (! $due && $state->doneness < $this->wanted && $state->second < Cooking::LONGEST - 0.5) {
            $look = min(max($latest, $state->second), $state->second + self::LOOK_EVERY, Cooking::LONGEST);
            $this->cooking->runTo($state, $look, $this->school->dueAt($this->load, $state), $this->wanted);
            $due = $state->free <= $this->school->dueAt($this->load, $state) || $state->second >= $latest - 0.5;
        }

        return $due && $state->doneness < $this->wanted;
    }

    /**
     * Which dose is the last, how much it is, and when the pan comes off.
     *
     * @param  list<Dose>  $doses  by the school
     * @param  State  $start  the pan as it stands
     * @param  int  $least  doses that go in whatever comes
     * @param  int  $most  doses that may be asked for
     */
    private function solved(array $doses, State $start, int $least, int $most = self::MOST_DOSES): DoseSequence
    {
        $given = $doses;
        $volume = null;
        $lastBefore = self::MOST_DOSES;
        $outcome = $this->right->pulled(function (float $pull) use ($doses, $start, $least, $most, &$given, &$volume, &$lastBefore): Outcome {
            [$given, $volume, $outcome] = $this->withLast($doses, $start, $least, $most, $pull, $volume, $lastBefore);
            $lastBefore = count($given);

            return $outcome ?? $this->tail($given === [] ? $start : $given[count($given) - 1]->before, $volume, $pull);
        }, $this->landing->doneness);

        return $this->measured($given, $volume ?? 0.0, $outcome, $least);
    }

    /**
     * The last dose goes in as late as it can, so that it need not be large. Where the pan is too wet for one even
     * then, an earlier dose becomes the last, and smaller.
     *
     * @param  list<Dose>  $doses
     * @param  int  $lastBefore  which was the last for another pull: it is looked for near that
     *
     * @return array{list<Dose>, float, Outcome|null} the doses given, the last one's mL, and how they land where that was looked at
     */
    private function withLast(array $doses, State $start, int $least, int $most, float $pull, ?float $guess, int $lastBefore): array
    {
        if ($least === 0 && ($most === 0 || $start->doneness > $pull - self::TOO_LATE)) {
            // Off before anything else: what is missing loosens it at the pass.
            return [[], 0.0, null];
        }
        $latest = max(0.0, $pull - self::LAST_DOSE_LEAD);
        $byTheClock = is_finite($this->school->dueAfter());
        $n = count($doses);
        while ($n > $least && $doses[$n - 1]->before->doneness > $latest - ($byTheClock ? 0.0 : self::BETWEEN_DOSES)) {
            $n--;
        }
        $candidates = array_slice($doses, 0, $n);
        if ($n === 0 && $this->looseEnough($start, $pull)) {
            return [[], 0.0, null];
        }
        $begins = $candidates[0]->before ?? $start;
        if (! $byTheClock && $begins->doneness < $latest && $n < $most) {
            $before = $candidates[count($candidates) - 1] ?? null;
            $candidates[] = $before === null ? $this->doseFrom(clone $start, $latest) : $this->doseAfter($before, $latest);
        } elseif ($n === 0) {
            $candidates[] = new Dose($start->second, 0.0, $start);
        }

        for ($last = min(count($candidates), max(1, $lastBefore + 1)); $last >= 1; $last--) {
            $before = $candidates[$last - 1]->before;
            $found = $this->right->stock(fn (float $v): Outcome => $this->tail($before, $v, $pull), $guess ?? $this->ask->target->looseness * $this->rice);
            if ($found !== null) {
                return [array_slice($candidates, 0, $last), ...$found];
            }
            $guess = null;
        }

        return [array_slice($candidates, 0, $least), 0.0, null];
    }

    private function looseEnough(State $start, float $pull): bool
    {
        return $this->right->looseness($this->tail($start, 0.0, $pull)) >= $this->ask->target->looseness - self::NEAR_ENOUGH;
    }

    /** A dose of its own at a doneness, after the one given before. */
    private function doseAfter(Dose $after, float $doneness): Dose
    {
        $state = clone $after->before;
        $this->cooking->pourStock($state, $after->volume);

        return $this->doseFrom($state, $doneness);
    }

    private function doseFrom(State $state, float $doneness): Dose
    {
        $this->cooking->runTo($state, Cooking::LONGEST, self::NEARLY_DRY * $this->rice, $doneness);

        return new Dose($state->second, 0.0, $state);
    }

    /** From one dose to the table. A pan that runs dry comes off there: its rice would not get done any more. */
    private function tail(State $before, float $volume, float $pull): Outcome
    {
        $state = clone $before;
        $this->cooking->pourStock($state, $volume);
        $this->cooking->runTo($state, Cooking::LONGEST, Cooking::BONE_DRY * $this->rice, $pull);

        return $this->cooking->land($state, $pull);
    }

    /**
     * The last dose in what a jug can measure; where too little of it is left to measure, the dose before is the last.
     *
     * @param  list<Dose>  $given
     */
    private function measured(array $given, float $last, Outcome $outcome, int $least): DoseSequence
    {
        [$atTable, $pullAt] = [$outcome->atTable, $outcome->pulled->second];
        $last = Rounding::to($last, max(Rounding::JUG, Rounding::step(self::ROUNDING * $this->rice)));
        $solved = $given[count($given) - 1] ?? null;
        if ($solved === null) {
            return new DoseSequence([], $pullAt, $atTable);
        }
        $before = array_slice($given, 0, -1);
        $dose = $before[count($before) - 1] ?? null;
        if ($dose !== null && count($given) > $least && $last < self::WORTH_A_DOSE * $dose->volume) {
            // Nobody pours a drop: it goes in with the dose before.
            return new DoseSequence([...array_slice($before, 0, -1), new Dose($dose->second, $dose->volume + $last, $dose->before)], $pullAt, $atTable);
        }

        return new DoseSequence($last <= 0.0 && count($given) > $least ? $before : [...$before, new Dose($solved->second, $last, $solved->before)], $pullAt, $atTable);
    }

    /** Roughly where it is to leave the heat: a pan that is about done, carried to the table once. */
    private function landing(): PullEstimate
    {
        $pulled = $this->cooking->start();
        $pulled->temperature = $this->ask->conditions()->boiling;
        $pulled->doneness = $this->wanted - $this->ask->gainsOffTheHeat();
        $pulled->drunk = $this->ask->grain->drunkInAmpleLiquid($pulled->doneness) * self::OF_AMPLE;
        $pulled->sealed = 0.0;
        $pulled->free = ($this->ask->target->looseness + self::TABLE_TAKES) * $this->rice;
        // Everything else is in it by then.
        $pulled->addedAt = array_fill_keys(array_keys($this->ask->food), 0.0);
        $eaten = clone $pulled;
        $this->cooking->toTable($eaten);

        return new PullEstimate(
            $this->wanted - min(Ask::MOST_OFF_THE_HEAT, $eaten->doneness - $pulled->doneness),
            $this->ask->target->looseness * $this->rice + $pulled->free - $eaten->free,
        );
    }
}
