<?php

declare(strict_types=1);

namespace Velko\Core\Method;

use Velko\Core\Pan\State;

/**
 * A school of adding stock in stages: when the next dose is due, and how much it is.
 *
 * Asked between stretches of the simulation, never inside its loop. The last dose is not the school's: the planner
 * solves it, so that the rice is as loose as wanted at the table.
 */
interface DoseSchool
{
    public function name(): string;

    /** Due when the free liquid is down to this, g; negative when only the clock counts. */
    public function dueAt(Load $load, State $state): float;

    /** Due after so many seconds at the latest; INF when only the sign counts. */
    public function dueAfter(): float;

    /**
     * @param  int  $given  doses given before
     *
     * @return float mL, in amounts that the ladle in hand can measure
     */
    public function dose(Load $load, State $state, int $given): float;
}
