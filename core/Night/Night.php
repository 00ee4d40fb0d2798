<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** What is asked of a night: its firings, what there is to cook them with, and who is there. Minutes count from its start. */
final readonly class Night
{
    /** Two moments or two shares of a hand that differ by less are equal: min, or hands. */
    public const EPSILON = 1e-9;

    /**
     * @param  array<int, Firing>  $firings
     * @param  list<int>  $pans  numbers
     * @param  list<int>  $rings  numbers
     * @param  list<Shift>  $hands
     * @param  float  $wash  min until a pan that was eaten from can go on again
     * @param  bool  $merge  whether firings of one dish may share a pan
     * @param  float  $now  min of the night before which nothing goes on any more
     * @param  list<Placement>  $running  pans that are on already, or were, as they really go
     * @param  list<RingBooking>  $taken  rings that something else stands on
     */
    public function __construct(public array $firings, public array $pans, public array $rings, public array $hands, public float $wash, public bool $merge = true, public float $now = 0.0, public array $running = [], public array $taken = []) {}

    /** What stands beside the pans that are on has a ring too, as far as there is one. */
    public function withRingsBeside(): self
    {
        $occupancy = new Occupancy($this);
        $running = [];
        foreach ($this->running as $placement) {
            $occupancy->take($placement);
            $running[] = $placement = $placement->withRingsBeside($occupancy->ringsBeside($placement->on, $placement->ring, $placement->timetable, $placement->besideOn) ?? []);
            $occupancy->put($placement);
        }

        return $this->with(['running' => $running]);
    }

    /** Covers of a firing that are in no pan yet. */
    public function open(int $firing): int
    {
        return max(0, $this->firings[$firing]->covers - array_sum(array_map(static fn (Placement $placement): int => $placement->serves[$firing] ?? 0, $this->running)));
    }

    /** @param  array<string, mixed>  $changes  by property */
    public function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /**
     * Where a dish may be cooked tonight, the smallest pan first.
     *
     * @param  Firing|null  $pinned  by whom pan or ring was settled
     *
     * @return list<array{int, int, float}> pan, ring, g raw at most
     */
    public function placesFor(int $dish, Timetables $timetables, ?Firing $pinned = null): array
    {
        return array_values(array_filter($timetables->places($dish), fn (array $place): bool => in_array($place[0], $this->pans, true) && in_array($place[1], $this->rings, true) && ($pinned === null || $pinned->mayBeAt($place[0], $place[1]))));
    }

    /** The last minute at which anybody is there. */
    public function end(): float
    {
        return array_reduce($this->hands, static fn (float $end, Shift $shift): float => max($end, $shift->to), 0.0);
    }
}
