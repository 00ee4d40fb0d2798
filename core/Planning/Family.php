<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\Replay;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Fit;

/** A way of cooking rice in measured stock. Each is a folder of core/Family; nothing else asks for one by its name. */
interface Family
{
    public function traits(): Traits;

    /** What a pan must offer, to be chosen for it. */
    public function fit(Grain $grain, float $looseness): Fit;

    /** @param  Plan|null  $alike  a plan for other covers of the same dish in the same pan on the same ring: what does not depend on the covers is taken from it */
    public function plan(Ask $ask, ?Plan $alike = null): Plan;

    /**
     * How a pan on the fire goes on.
     *
     * @param  string  $mark  where the knob stands
     * @param  list<array{second: float, mark: string}>  $bare  where it stood since the floor fell dry
     * @param  Continuation|null  $alike  the same pan on a stronger or a weaker ring: what does not depend on that is taken from it
     */
    public function continuation(Ask $ask, Replay $replay, string $mark, array $bare = [], ?Continuation $alike = null): Continuation;
}
