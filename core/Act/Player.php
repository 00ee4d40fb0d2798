<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Closure;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Stop;

/**
 * Plays acts over the one loop, each at its second.
 *
 * A stretch ends with whatever falls on its end, or within half a step of it. A pan keeps how far it has been played, so
 * that nothing is done to it twice, wherever it is stopped, looked ahead from and gone on with.
 */
final readonly class Player
{
    private const HALF_A_STEP = Simulation::STEP_S / 2;

    /** @var list<Timed> in order of time; those of one second as they were given */
    private array $acts;

    /**
     * @param  list<Timed>  $acts  in any order
     * @param  (Closure(State, float): void)|null  $run  how a pan gets from one act to the next, for whoever looks on; null: by the loop
     * @param  list<Due>  $dues  what goes in when it is time for it
     */
    public function __construct(private Simulation $simulation, array $acts, private ?Closure $run = null, private array $dues = [])
    {
        usort($acts, static fn (Timed $a, Timed $b): int => $a->second <=> $b->second);
        $this->acts = $acts;
    }

    /** What is done up to now, without time passing. */
    public function begin(State $state): void
    {
        foreach ($this->acts as $timed) {
            if ($timed->second > $state->second) {
                break;
            }
            $timed->act->on($this->simulation, $state);
        }
        $state->played = $state->second;
    }

    /** On until a second, doing what falls between; stops as {@see Simulation::run} does. */
    public function goOn(State $state, float $second, float $freeDownTo = -1.0, float $doneness = INF, float $downToPerDrunk = 0.0): Stop
    {
        while (true) {
            $open = $this->addWhatIsDue($state);
            if ($open === []) {
                return $this->play($state, $second, $freeDownTo, $doneness, $downToPerDrunk);
            }
            // While the gaps of a swelling bed are waited for, there is more in the pan than anything waits for.
            $level = $downToPerDrunk > 0.0 ? $freeDownTo : max($freeDownTo, ...array_map(static fn (Due $due): float => $due->level($state), $open));
            $until = min($second, ...array_map(static fn (Due $due): float => $due->second, $open));
            $done = min($doneness, ...array_map(static fn (Due $due): float => $due->doneness, $open));
            $stop = $this->play($state, $until, $level, $done, $downToPerDrunk);
            $isTheirs = match ($stop) {
                Stop::Time => $until >= $second,
                Stop::Done => $state->doneness >= $doneness,
                Stop::Dry => $state->free <= $freeDownTo + $downToPerDrunk * $state->drunk,
            };
            if ($isTheirs) {
                return $stop;
            }
        }
    }

    /** The pan comes off: what still waits for its minute or its sign goes in now, or it would never go in. */
    public function addTheRest(State $state): void
    {
        foreach ($this->dues as $due) {
            if ($due->isOpen($state) && $due->waits()) {
                $due->add->on($this->simulation, $state);
                $state->addedAt[$due->number] = $state->second;
            }
        }
    }

    /** @return list<Due> what is still to go in */
    private function addWhatIsDue(State $state): array
    {
        $open = [];
        foreach ($this->dues as $due) {
            if ($due->isOpen($state)) {
                if ($due->isDue($state, self::HALF_A_STEP)) {
                    $due->add->on($this->simulation, $state);
                    $state->addedAt[$due->number] = $state->second;
                } else {
                    $open[] = $due;
                }
            }
        }

        return $open;
    }

    private function play(State $state, float $second, float $freeDownTo, float $doneness, float $downToPerDrunk): Stop
    {
        $from = $state->played;
        foreach ($this->acts as $timed) {
            if ($timed->second > $second + self::HALF_A_STEP) {
                break;
            }
            if ($timed->second <= $from) {
                continue;
            }
            $stop = $this->run($state, $timed->second, $freeDownTo, $doneness, $downToPerDrunk);
            if ($state->second >= $timed->second - self::HALF_A_STEP) {
                $timed->act->on($this->simulation, $state);
                $state->played = $timed->second;
            }
            if ($stop !== Stop::Time) {
                return $stop;
            }
        }

        $stop = $this->run($state, $second, $freeDownTo, $doneness, $downToPerDrunk);
        $state->played = max($state->played, $state->second);

        return $stop;
    }

    private function run(State $state, float $second, float $freeDownTo, float $doneness, float $downToPerDrunk): Stop
    {
        if ($this->run === null) {
            return $this->simulation->run($state, $second, $freeDownTo, $doneness, $downToPerDrunk);
        }
        ($this->run)($state, $second);

        return Stop::Time;
    }
}
