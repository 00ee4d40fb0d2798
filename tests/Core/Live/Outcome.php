<?php

declare(strict_types=1);

namespace Tests\Core\Live;

use Velko\Core\Pan\State;
use Velko\Core\Planning\Plan;
use Velko\Core\Rice\Bite;

/** What came of a cook with rough hands. */
final readonly class Outcome
{
    /**
     * @param  State  $eaten  the true pan at the table
     * @param  bool  $ended  it got there
     * @param  int  $beyond  steps that the plan does not have
     * @param  list<string>  $wrong  what must never be seen at a stove
     */
    public function __construct(
        private Plan $plan,
        public State $eaten,
        public bool $ended,
        public float $minutes,
        public int $beyond,
        public array $wrong,
    ) {}

    /** The bite is right. */
    public function inItsBite(): bool
    {
        return $this->ended && Bite::of($this->plan->ask->grain, $this->eaten->doneness, $this->eaten->drunkAboveTheCrust($this->plan->ask->rice())) === Bite::Right;
    }

    /** The plate lies within one word of what was asked. */
    public function withinAWord(): bool
    {
        $looseness = $this->eaten->free / $this->plan->ask->rice();

        return $this->ended && abs($looseness - $this->plan->ask->target->looseness) <= $this->plan->ask->family->traits()->scale->step;
    }

    public function isGood(): bool
    {
        return $this->inItsBite() && $this->withinAWord();
    }
}
