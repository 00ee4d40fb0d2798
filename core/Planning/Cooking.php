<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Rehearsal;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Stop;
use Velko\Core\Pan\Track;

/** The simulated pan of one ask: its heat track, its stock, its way to the table. */
final class Cooking
{
    private const WINE_C = 20.0;

    private readonly Simulation $simulation;

    /** @param  non-empty-list<HeatChange>  $heat  in order of time */
    public function __construct(private readonly Ask $ask, private readonly array $heat)
    {
        $this->simulation = new Simulation($ask->grain, $ask->conditions(), $ask->rice());
    }

    /** The pan at the moment before the first liquid, on its ring. */
    public function start(): State
    {
        $sealed = $this->ask->method->sealed;
        $state = $this->simulation->start($sealed ? Rehearsal::TOASTED_C : $this->ask->room, $sealed);
        $this->simulation->heat($state, $this->netAt(0.0));

        return $state;
    }

    public function pourWine(State $state, float $volume): void
    {
        $this->simulation->pour($state, $volume, self::WINE_C);
    }

    public function pourStock(State $state, float $volume): void
    {
        $this->simulation->pour($state, $volume, $this->ask->stockTemperature, $this->ask->stockSaltPercent / 100);
    }

    /** Runs on under the heat track, turning the knob where it says; stops as {@see Simulation::run} does. */
    public function runTo(State $state, float $second, float $freeDownTo = -1.0, float $doneness = INF): void
    {
        foreach ($this->heat as $change) {
            $turn = $change->fromMinute * 60;
            if ($turn > $state->second && $turn < $second) {
                if ($this->simulation->run($state, $turn, $freeDownTo, $doneness) !== Stop::Time) {
                    return;
                }
                $this->simulation->heat($state, $this->netAt($turn));
            }
        }
        $this->simulation->run($state, $second, $freeDownTo, $doneness);
    }

    /** Off the heat, finished, rested and carried to the table as the method says. */
    public function toTable(State $state): void
    {
        $method = $this->ask->method;
        $this->toTableAt($state, $state->second + 60 * ($method->finish + $method->rest + $this->ask->minutesToTable));
    }

    /** The same, eaten at a given second. */
    public function toTableAt(State $state, float $table): void
    {
        $method = $this->ask->method;
        $this->simulation->off($state, false);
        $this->simulation->run($state, min($table, $state->second + 60 * $method->finish));
        $this->simulation->cover($state, $method->restCovered);
        $this->simulation->run($state, min($table, $state->second + 60 * $method->rest));
        $this->simulation->cover($state, false);
        $this->simulation->run($state, $table);
    }

    /** Net power on the heat track at a second, W; the first mark's before the track begins. */
    public function netAt(float $second): float
    {
        $mark = $this->heat[0]->mark;
        foreach ($this->heat as $change) {
            if ($change->fromMinute * 60 <= $second) {
                $mark = $change->mark;
            }
        }

        return $this->ask->burner->net[$mark];
    }

    public function record(?Track $track): void
    {
        $this->simulation->record($track);
    }

    /** Pan-seconds simulated so far. */
    public function cost(): float
    {
        return $this->simulation->cost();
    }
}
