<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Root;

/** One remedy tried on a pan as it stands. */
final readonly class Trial
{
    private const LONGEST = 3600.0;

    private const MOST_PULLS = 6;

    private const DONENESS_TOLERANCE = 0.05;

    /** For a first guess: what a covered rest adds, minutes at 100 °C. */
    private const RESTS_ON = 1.5;

    private const LOOSENESS_TOLERANCE = 0.01;

    private Cooking $pan;

    private float $rice;

    private float $wanted;

    /** @param  string  $mark  where the knob stands meanwhile */
    public function __construct(private Ask $ask, private State $from, string $mark)
    {
        $this->pan = new Cooking($ask->withMethod(['lid' => []]), [new HeatChange(0.0, $mark)]);
        $this->rice = $ask->rice();
        $this->wanted = $ask->grain->window->middle();
    }

    /**
     * Until it is done enough to be right at the table.
     *
     * @param  float  $pour  mL of stock at once
     * @param  float  $covered  min under a lid, from now
     *
     * @return array{float, State} minutes on the heat from now, and the pan at the table
     */
    public function untilDone(float $pour = 0.0, float $covered = 0.0): array
    {
        $pull = $this->wanted - 0.7 * ($this->pan->toPass() + $this->ask->target->minutesToTable);
        $pulledAt = $this->from->second;
        $state = $this->from;
        for ($try = 0; $try < self::MOST_PULLS; $try++) {
            $state = $this->begun($pour, $covered, $pull);
            $this->pan->runTo($state, $this->from->second + self::LONGEST, -1.0, $pull);
            $pulledAt = $state->second;
            $pulled = clone $state;
            $this->pan->toTable($state);
            $late = Cooking::landed($pulled, $state) - $this->wanted;
            if (abs($late) <= self::DONENESS_TOLERANCE || $pulledAt <= $this->from->second) {
                break;
            }
            $pull -= $late;
        }

        return [($pulledAt - $this->from->second) / 60, $state];
    }

    /**
     * Until it is dry, or far past done.
     *
     * @return array{float, State} minutes from now until dry, and the pan at the table
     */
    public function untilDry(float $pour = 0.0, float $covered = 0.0): array
    {
        $state = $this->begun($pour, $covered, INF);
        $this->pan->runTo($state, $this->from->second + self::LONGEST, Simulation::DRY * $this->rice, $this->ask->grain->window->high + 4);
        $minutes = ($state->second - $this->from->second) / 60;
        $this->pan->toTable($state);

        return [$minutes, $state];
    }

    /**
     * Until so little is free, or far past done.
     *
     * @param  float  $free  g
     *
     * @return array{float, State} minutes from now, and the pan on the heat then
     */
    public function untilDownTo(float $free): array
    {
        $state = $this->begun(0.0, 0.0, INF);
        $this->pan->runTo($state, $this->from->second + self::LONGEST, $free, $this->ask->grain->window->high + 4);

        return [($state->second - $this->from->second) / 60, $state];
    }

    /** mL that bring it to the table as loose as asked, pulled when it is done. */
    public function pourForLooseness(float $covered = 0.0): float
    {
        $target = $this->ask->target->looseness;

        return Root::of(fn (float $v): float => $this->untilDone($v, $covered)[1]->free / $this->rice, $target, $target * $this->rice, 1 / $this->rice, 0.0, self::LOOSENESS_TOLERANCE) ?? 0.0;
    }

    /** mL that a dry pan needs under a cover, so that they are gone just when the rice is done. */
    public function pourForDoneness(): float
    {
        $dry = Simulation::DRY * $this->rice;

        return Root::of(fn (float $v): float => $this->coveredUntilDone($v)[2]->free, $dry, 0.3 * $this->rice, 1.0, 0.0, self::LOOSENESS_TOLERANCE * $this->rice) ?? 0.0;
    }

    /**
     * Under a cover all the while, until it is done enough to be right at the table.
     *
     * @param  float  $pour  mL of stock at once
     *
     * @return array{float, State, State} minutes from now, the pan at the table, and as it comes off
     */
    public function coveredUntilDone(float $pour): array
    {
        $pull = $this->wanted - self::RESTS_ON;
        $pulled = $state = $this->from;
        for ($try = 0; $try < self::MOST_PULLS; $try++) {
            $state = clone $this->from;
            $this->pan->set($state, $this->pan->markAt($state->second));
            $this->pan->pourStock($state, $pour);
            $this->pan->cover($state, true);
            $this->pan->runTo($state, $this->from->second + self::LONGEST, -1.0, $pull);
            $pulled = clone $state;
            $this->pan->toTable($state);
            $late = Cooking::landed($pulled, $state) - $this->wanted;
            if (abs($late) <= self::DONENESS_TOLERANCE || $pulled->second <= $this->from->second) {
                break;
            }
            $pull -= $late;
        }

        return [($pulled->second - $this->from->second) / 60, $state, $pulled];
    }

    /** Off the heat, standing covered for so long, then to the table. */
    public function standing(float $minutes): State
    {
        $state = clone $this->from;
        $rested = new Cooking($this->ask->withMethod(['lid' => [], 'rest' => $minutes, 'restCovered' => true]), [new HeatChange(0.0, $this->ask->burner->weakest())]);
        $rested->toTable($state);

        return $state;
    }

    private function begun(float $pour, float $covered, float $until): State
    {
        $state = clone $this->from;
        $this->pan->set($state, $this->pan->markAt($state->second));
        $this->pan->pourStock($state, $pour);
        if ($covered > 0) {
            $this->pan->cover($state, true);
            $this->pan->runTo($state, $state->second + 60 * $covered, -1.0, $until);
            $this->pan->cover($state, false);
        }

        return $state;
    }
}
