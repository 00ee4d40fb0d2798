<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Outcome;
use Velko\Core\Planning\RightAtTheTable;
use Velko\Core\Planning\RootFinder;

/** One remedy tried on a pan as it stands. */
final readonly class Trial
{
    private const LONGEST = 3600.0;

    private const MOST_PULLS = 6;

    private const DONENESS_TOLERANCE = 0.05;

    /** For a first guess: what a covered rest adds, minutes at 100 °C. */
    private const RESTS_ON = 1.5;

    private const LOOSENESS_TOLERANCE = 0.01;

    /** For a first guess: liquid that an open pan of a gram of rice boils and drinks in a minute, g. */
    private const G_AND_MINUTE = 0.12;

    /** Free liquid under a cover at which the rice has had its drink, g per g rice: more than a dry pan has by {@see LOOSENESS_TOLERANCE}. */
    private const NEARLY_GONE = 0.02;

    private Cooking $cooking;

    private float $rice;

    private float $wanted;

    private RightAtTheTable $right;

    /** @param  string  $mark  where the knob stands meanwhile */
    public function __construct(private Ask $ask, private State $from, string $mark)
    {
        $this->cooking = new Cooking($ask->withMethod(['lid' => []]), [new HeatChange(0.0, $mark)]);
        $this->rice = $ask->rice();
        $this->wanted = $ask->grain->window->middle();
        $this->right = new RightAtTheTable($ask, self::DONENESS_TOLERANCE, self::LOOSENESS_TOLERANCE, self::MOST_PULLS);
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
        $outcome = $this->done($pour, $covered);

        return [$this->minutes($outcome->pulled), $outcome->atTable];
    }

    private function done(float $pour, float $covered): Outcome
    {
        return $this->right->pulled(function (float $pull) use ($pour, $covered): Outcome {
            $state = $this->begun($pour, $covered, $pull);
            $this->cooking->runTo($state, $this->from->second + self::LONGEST, -1.0, $pull);

            return $this->cooking->land($state);
        }, $this->right->firstPull(), $this->from->second);
    }

    /**
     * Until it is dry, or far past done.
     *
     * @return array{float, State} minutes from now until dry, and the pan at the table
     */
    public function untilDry(float $pour = 0.0, float $covered = 0.0): array
    {
        $state = $this->begun($pour, $covered, INF);
        $this->cooking->runTo($state, $this->from->second + self::LONGEST, Simulation::DRY * $this->rice, $this->ask->grain->window->high + 4);
        $minutes = $this->minutes($state);
        $this->cooking->toTable($state);

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
        $this->cooking->runTo($state, $this->from->second + self::LONGEST, $free, $this->ask->grain->window->high + 4);

        return [$this->minutes($state), $state];
    }

    /** The stock that brings it to the table as loose as asked, mL, if it is pulled when it is done. */
    public function pourForLooseness(float $covered = 0.0): float
    {
        [$volume] = $this->right->stock(fn (float $v): Outcome => $this->done($v, $covered), $this->ask->target->looseness * $this->rice) ?? [0.0];

        return $volume;
    }

    /**
     * The stock that a dry pan needs under a cover, so that it is gone just when the rice is done, mL.
     *
     * A little is left at that moment: any lesser pour is gone too by then, and leaves the rice without a drink.
     */
    public function pourForDoneness(): float
    {
        $nearlyGone = self::NEARLY_GONE * $this->rice;

        return RootFinder::of(fn (float $v): float => $this->coveredDone($v)->pulled->free, $nearlyGone, 0.3 * $this->rice, 1.0, 0.0, self::LOOSENESS_TOLERANCE * $this->rice) ?? 0.0;
    }

    /** The stock that an open pan needs to fall dry just when the rice is done, mL. */
    public function pourToFallDry(): float
    {
        return RootFinder::of(fn (float $v): float => $this->untilDry($v)[1]->doneness, $this->wanted, 0.0, 1 / (self::G_AND_MINUTE * $this->rice), 0.0, self::DONENESS_TOLERANCE) ?? 0.0;
    }

    /**
     * Under a cover all the while, until it is done enough to be right at the table.
     *
     * @param  float  $pour  mL of stock at once
     *
     * @return array{float, State} minutes from now, and the pan at the table
     */
    public function coveredUntilDone(float $pour): array
    {
        $outcome = $this->coveredDone($pour);

        return [$this->minutes($outcome->pulled), $outcome->atTable];
    }

    private function coveredDone(float $pour): Outcome
    {
        return $this->right->pulled(function (float $pull) use ($pour): Outcome {
            $state = clone $this->from;
            $this->cooking->set($state, $this->cooking->markAt($state->second));
            $this->cooking->pourStock($state, $pour);
            $this->cooking->cover($state, true);
            $this->cooking->runTo($state, $this->from->second + self::LONGEST, -1.0, $pull);

            return $this->cooking->land($state);
        }, $this->wanted - self::RESTS_ON, $this->from->second);
    }

    /** From now until then. */
    private function minutes(State $then): float
    {
        return ($then->second - $this->from->second) / 60;
    }

    /** Off the heat, standing covered for so long, then to the table. */
    public function afterStanding(float $minutes): State
    {
        $state = clone $this->from;
        $rested = new Cooking($this->ask->withMethod(['lid' => [], 'rest' => $minutes, 'restCovered' => true]), [new HeatChange(0.0, $this->ask->burner->weakest())]);
        $rested->toTable($state);

        return $state;
    }

    private function begun(float $pour, float $covered, float $until): State
    {
        $state = clone $this->from;
        $this->cooking->set($state, $this->cooking->markAt($state->second));
        $this->cooking->pourStock($state, $pour);
        if ($covered > 0) {
            $this->cooking->cover($state, true);
            $this->cooking->runTo($state, $state->second + 60 * $covered, -1.0, $until);
            $this->cooking->cover($state, false);
        }

        return $state;
    }
}
