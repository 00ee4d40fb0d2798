<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Risotto;

use Velko\Core\Method\DoseSchool;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Load;
use Velko\Core\Method\Schools;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Root;
use Velko\Core\Planning\Standing;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Vessel\Fit;

/**
 * Works out a risotto: the doses by the school's rule, and the last one solved.
 *
 * Two numbers are unknown and found together. The last dose: so much that the rice is as loose as wanted at the
 * table, after finish, rest and walk. The pull point: so early that the bite is right at the table, since the grain
 * goes on cooking on its own heat. Both are read off simulated cooks; the doses before the last one do not depend on
 * either, so only the tail from the last dose on is run again and again.
 */
final class RisottoPlanner
{
    /** The last dose goes in at least so long before the pull, minutes at 100 °C. */
    private const LAST_DOSE_LEAD = 1.25;

    /** The dose before the last keeps so far away from it, minutes at 100 °C. */
    private const BETWEEN_DOSES = 0.6;

    /** No cook is followed for longer than this, s. */
    private const LONGEST_COOK = 5400.0;

    private const MOST_DOSES = 240;

    /** Between looks at whether the next dose is due, s. */
    private const LOOK_EVERY = 20.0;

    private const LOOSENESS_TOLERANCE = 0.003;

    /** Free liquid, g per g rice, with which nothing cooks on. */
    private const BONE_DRY = 0.004;

    /** Nobody waits with a dose for longer than until the pan is about to be dry, g/g. */
    private const NEARLY_DRY = 1.2 * Simulation::DRY;

    /** How far a last dose that is too small to finish the rice counts as below the target, g/g per minute missing. */
    private const DRY_COSTS_PER_MINUTE = 0.1;

    private const DONENESS_TOLERANCE = 0.03;

    private const MOST_PULLS = 8;

    /** Rounding the last dose may move looseness by this much, g/g. */
    private const ROUNDING = 0.01;

    private readonly Cooking $pan;

    private readonly float $rice;

    /** @var non-empty-list<HeatChange> */
    private readonly array $heat;

    private readonly Load $load;

    private readonly DoseSchool $school;

    private function __construct(private readonly Ask $ask)
    {
        $this->rice = $ask->rice();
        $this->school = $ask->method->doses ?? Schools::all()[Schools::DEFAULT];
        $this->heat = $ask->method->heat ?? [new HeatChange(0.0, $this->lazyBubble())];
        $this->pan = new Cooking($ask, $this->heat);
        $this->load = new Load($this->rice, $ask->pan->baseArea(), $this->pan->netAt(INF), $ask->grain, $ask->ladle);
    }

    public static function plan(Ask $ask): Plan
    {
        return (new self($ask))->solve();
    }

    private function solve(): Plan
    {
        $wanted = $this->ask->grain->window->middle();
        $doses = $this->dosesUntil($wanted);
        [$given, $last, $pullAt] = $this->lastDoseAndPull($doses, $wanted);

        $last = Rounding::to($last, max(Rounding::JUG, Rounding::step(self::ROUNDING * $this->rice)));
        if ($last <= 0.0 && count($given) > 1) {
            // What is left to add is too little to measure: the dose before is the last, as the school gave it.
            $given = [$given[0], ...array_slice($given, 1, -1)];
            $last = $given[count($given) - 1]->volume;
        }
        $seconds = array_map(static fn (Dose $dose): float => $dose->second, $given);
        $volumes = array_map(static fn (Dose $dose): float => $dose->volume, $given);
        $volumes[count($volumes) - 1] = $last;

        return $this->asPlanned($seconds, $volumes, $pullAt);
    }

    /**
     * The school at work from the first liquid until the rice is as done as wanted.
     *
     * @return non-empty-list<Dose>
     */
    private function dosesUntil(float $doneness): array
    {
        $school = $this->school;
        $state = $this->pan->atFirstStock();
        $doses = [];

        while ($state->doneness < $doneness && $state->second < self::LONGEST_COOK && count($doses) < self::MOST_DOSES) {
            $volume = $school->dose($this->load, $state, count($doses));
            $doses[] = new Dose($state->second, $volume, clone $state);
            $this->pan->pourStock($state, $volume);
            $latest = $state->second + $school->dueAfter();
            do {
                $look = min($latest, $state->second + self::LOOK_EVERY, self::LONGEST_COOK);
                $this->pan->runTo($state, $look, $school->dueAt($this->load, $state), $doneness);
                $due = $state->free <= $school->dueAt($this->load, $state) || $state->second >= $latest - 0.5;
            } while (! $due && $state->doneness < $doneness && $state->second < self::LONGEST_COOK - 0.5);
        }

        return $doses === [] ? [new Dose($state->second, 0.0, clone $state)] : $doses;
    }

    /**
     * Which dose is the last, how much it is, and when the pan comes off.
     *
     * @param  non-empty-list<Dose>  $doses
     *
     * @return array{non-empty-list<Dose>, float, float} the doses given, the last one's mL, the second of the pull
     */
    private function lastDoseAndPull(array $doses, float $wanted): array
    {
        $pull = $wanted - $this->carryOverGuess();
        $volume = null;
        $given = $doses;
        $pulledAt = 0.0;

        for ($try = 0; $try < self::MOST_PULLS; $try++) {
            [$given, $volume] = $this->solveLastDose($doses, $pull, $volume);
            [$atTable, $pulledAt] = $this->tail($given[count($given) - 1]->before, $volume, $pull);
            $late = $atTable->doneness - $wanted;
            if (abs($late) <= self::DONENESS_TOLERANCE) {
                break;
            }
            $pull = max(0.5, $pull - $late);
        }

        return [$given, $volume ?? 0.0, $pulledAt];
    }

    /**
     * The last dose goes in as late as it can, so that it need not be large. Where the pan is too wet for one even
     * then, an earlier dose becomes the last, and smaller.
     *
     * @param  non-empty-list<Dose>  $doses
     *
     * @return array{non-empty-list<Dose>, float}
     */
    private function solveLastDose(array $doses, float $pull, ?float $guess): array
    {
        $latest = max(0.0, $pull - self::LAST_DOSE_LEAD);
        $byTheClock = is_finite($this->school->dueAfter());
        $n = count($doses);
        while ($n > 1 && $doses[$n - 1]->before->doneness > $latest - ($byTheClock ? 0.0 : self::BETWEEN_DOSES)) {
            $n--;
        }
        $candidates = [$doses[0], ...array_slice($doses, 1, $n - 1)];
        if (! $byTheClock && $doses[0]->before->doneness < $latest) {
            $candidates[] = $this->doseAt($candidates[$n - 1], $latest);
        }

        for ($last = count($candidates); $last >= 1; $last--) {
            $from = $candidates[$last - 1];
            $volume = Root::of(
                fn (float $v): float => $this->loosenessAfter($from->before, $v, $pull),
                $this->ask->target->looseness,
                $guess ?? $this->ask->target->looseness * $this->rice,
                1 / $this->rice,
                0.0,
                self::LOOSENESS_TOLERANCE,
            );
            if ($volume !== null) {
                return [[$candidates[0], ...array_slice($candidates, 1, $last - 1)], $volume];
            }
            $guess = null;
        }

        return [[$candidates[0]], 0.0];
    }

    /** A dose of its own at a doneness, after the one given before. */
    private function doseAt(Dose $after, float $doneness): Dose
    {
        $state = clone $after->before;
        $this->pan->pourStock($state, $after->volume);
        $this->pan->runTo($state, self::LONGEST_COOK, self::NEARLY_DRY * $this->rice, $doneness);

        return new Dose($state->second, 0.0, $state);
    }

    /** Free liquid per raw rice at the table, g/g; below nothing when the pan is dry before the rice is done. */
    private function loosenessAfter(State $before, float $volume, float $pull): float
    {
        [$atTable, , $missing] = $this->tail($before, $volume, $pull);

        return $atTable->free / $this->rice - $missing * self::DRY_COSTS_PER_MINUTE;
    }

    /**
     * From one dose to the table. A pan that runs dry comes off there: its rice would not get done any more.
     *
     * @return array{State, float, float} the pan when it is eaten, the second it came off, minutes of doneness missing then
     */
    private function tail(State $before, float $volume, float $pull): array
    {
        $state = clone $before;
        $this->pan->pourStock($state, $volume);
        $this->pan->runTo($state, self::LONGEST_COOK, self::BONE_DRY * $this->rice, $pull);
        $pulledAt = $state->second;
        $missing = max(0.0, $pull - $state->doneness);
        $this->pan->toTable($state);

        return [$state, $pulledAt, $missing];
    }

    /**
     * The finished plan, run once more from the start with its rounded doses, so that what it says is what it does.
     *
     * @param  non-empty-list<float>  $seconds
     * @param  non-empty-list<float>  $volumes
     */
    private function asPlanned(array $seconds, array $volumes, float $pullAt): Plan
    {
        $walked = $this->pan->walk($seconds, $volumes, $pullAt);
        $plan = new Plan(
            $this->ask, array_sum($volumes), $this->heat, RisottoStages::of($this->ask, $this->heat, $seconds, $volumes, $walked),
            $walked, Standing::of($this->ask, $this->pan, $walked->pulled), $this->pan->cost(),
        );

        return $plan->with(RisottoChecks::of($plan));
    }

    private function lazyBubble(): string
    {
        return $this->ask->burner->nearest(Fit::LAZY_BUBBLE * $this->ask->pan->baseArea());
    }

    private function carryOverGuess(): float
    {
        $method = $this->ask->method;

        return 0.7 * ($method->finish + $method->rest + $this->ask->target->minutesToTable);
    }
}
