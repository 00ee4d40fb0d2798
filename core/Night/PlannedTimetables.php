<?php

declare(strict_types=1);

namespace Velko\Core\Night;

use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;
use Velko\Core\Vessel\PanChoice;

/** Lengths by the planner, each plan worked out when it is first asked for and kept; each cover has the rice its dish says. */
final class PlannedTimetables implements Timetables
{
    /** @var array<string, Timetable|null> by dish, pan, ring, covers and rice */
    private array $kept = [];

    /** @var array<int, list<array{int, int, float}>> by dish */
    private array $places = [];

    /**
     * @param  array<int, Ask>  $dishes  each in whatever pan and for whatever covers it was asked
     * @param  array<int, Pan>  $pans
     * @param  array<int, Burner>  $rings
     */
    public function __construct(private readonly array $dishes, private readonly array $pans, private readonly array $rings) {}

    public function places(int $dish): array
    {
        return $this->places[$dish] ??= $this->placesOf($this->dishes[$dish]);
    }

    /** @return list<array{int, int, float}> */
    private function placesOf(Ask $ask): array
    {
        $fit = $ask->family->fit($ask->grain, $ask->target->looseness)->withRoomFor($ask->roomOfFood() / $ask->rice());
        $places = [];
        foreach (PanChoice::pairs($this->pans, $this->rings, $fit) as [$pan, $ring]) {
            $places[] = [$pan, $ring, $fit->mostRice($this->pans[$pan])];
        }

        return $places;
    }

    public function toOrder(int $dish): null
    {
        return null;
    }

    public function of(int $dish, int $pan, int $ring, int $covers, float $rice): ?Timetable
    {
        $key = "$dish $pan $ring $covers $rice";
        if (! array_key_exists($key, $this->kept)) {
            $plan = Planner::plan($this->dishes[$dish]->in($this->pans[$pan], $this->rings[$ring])->forCovers($covers));
            $this->kept[$key] = $plan->isPossible() ? Timetable::of($plan) : null;
        }

        return $this->kept[$key];
    }
}
