<?php

declare(strict_types=1);

namespace Velko\Core\Night;

use ArrayObject;
use Random\Randomizer;
use WeakMap;

/**
 * Finds a pan, a ring and a minute for every firing of a night.
 *
 * Each job takes the place at which it is least late, then nearest to its time, then in the smallest pan; {@see LocalSearch} finds
 * the order, and what has to make room. With and without shared pans, the better of the two. The same night always has the same
 * answer.
 */
final readonly class Solver
{
    /** A pan that stood somewhere stays there though its minute has gone by so long ago: a hand is on its way to it, min (our estimate). */
    private const OVERDUE = 2.0;

    private Jobs $jobs;

    /** The last minute at which anybody is there. */
    private float $end;

    /** @var WeakMap<Job, ArrayObject<int, Timetable|false>> how long a job takes at each of its places; false where it cannot be cooked there */
    private WeakMap $known;

    /** @var array<int, list<array{int, int, float}>> pan, ring and g raw at most, by dish */
    private array $places;

    public function __construct(private Night $night, private Timetables $timetables)
    {
        $this->jobs = new Jobs($night, $timetables);
        $this->end = $night->end();
        $this->known = new WeakMap;
        $dishes = array_unique(array_map(static fn (Firing $firing): int => $firing->dish, array_values($night->firings)));
        $this->places = array_combine($dishes, array_map(static fn (int $dish): array => $night->placesFor($dish, $timetables), $dishes));
    }

    /**
     * @param  Schedule|null  $before  the same night as it was filled before something about it changed: what still can stay stays, as long as nothing better is found
     * @param  float  $share  of the looking for something better, 0 to 1
     */
    public function solve(?Schedule $before = null, float $share = 1.0): Schedule
    {
        [$jobs, $tooBig] = $this->jobs->of();
        $best = (new LocalSearch($this->night, $this, $jobs, $tooBig, $share))->best($before);
        if ($this->night->merge && array_filter($jobs, static fn (Job $job): bool => count($job->serves) > 1) !== [] && ($best->lateCovers() > 0.0 || $best->notCooked !== [])) {
            [$apart, $tooBig] = (new Jobs($this->night->with(['merge' => false]), $this->timetables))->of();
            $other = (new LocalSearch($this->night, $this, $apart, $tooBig, $share))->best($before);
            $best = $other->isBetterThan($best) ? $other : $best;
        }

        return $best;
    }

    /**
     * The first minute of the night at which a firing that nobody counted on can be at the table, with all else as it is.
     *
     * @param  Firing  $walkIn  of a dish of the night; its time is not looked at
     *
     * @return float|null null where it cannot be cooked tonight
     */
    public function soonest(Schedule $schedule, Firing $walkIn): ?float
    {
        $asked = $walkIn->with(['table' => $this->night->now, 'early' => 0.0, 'late' => 0.0]);
        [$jobs, $tooBig] = (new Jobs($this->night->with(['firings' => [$asked], 'running' => []]), $this->timetables))->of();
        $occupancy = new Occupancy($this->night);
        foreach ($schedule->placements as $placement) {
            if (! in_array($placement, $this->night->running, true)) {
                $occupancy->put($placement);
            }
        }
        $table = $tooBig === [] ? 0.0 : null;
        foreach ($jobs as $job) {
            $placement = $this->place($occupancy, $job);
            if ($placement === null || $table === null) {
                return null;
            }
            $occupancy->put($placement);
            $table = max($table, $placement->table());
        }

        return $table;
    }

    /**
     * The best place for one more job on a board; null where there is none.
     *
     * @param  'hands'|'ring'|'pan'|null  $except  what is not looked at
     * @param  Randomizer|null  $chance  begins at any of the places, and takes the first at which it is not late, or no later
     * @param  bool  $soon  as soon as it may in its window, not near to its time
     * @param  float  $most  min late, more than which is of no use
     */
    public function place(Occupancy $occupancy, Job $job, ?string $except = null, ?Randomizer $chance = null, bool $soon = false, float $most = INF): ?Placement
    {
        $best = null;
        $least = [$most + Night::EPSILON, INF];
        $places = $this->placesOf($job->dish);
        $begin = $chance === null || $places === [] ? 0 : $chance->getInt(0, count($places) - 1);
        for ($i = 0, $count = count($places); $i < $count; $i++) {
            $at = ($begin + $i) % $count;
            [$pan, $ring] = $places[$at];
            $timetable = $this->timetable($job, $at, $places[$at]);
            $on = $timetable === null ? null : $this->minute($occupancy, $job, $pan, $ring, $timetable, $except, $soon, $job->until + $least[0]);
            if ($timetable === null || $on === null) {
                continue;
            }
            $placement = new Placement($job->serves, $job->dish, $job->rice, $pan, $ring, $on, $timetable, $occupancy->ringsBeside($on, $ring, $timetable) ?? []);
            $cost = [max(0.0, $placement->table() - $job->until), $chance === null ? floor(abs($placement->table() - $job->table) / Occupancy::STEP) : 0.0];
            if ($cost < $least) {
                [$best, $least] = [$placement, $cost];
            }
            if ($cost === [0.0, 0.0]) {
                break; // no other is any better
            }
        }

        return $best;
    }

    /** The same place again, where it is still free; else null. What was to be begun beside it by now is taken to be begun. */
    public function restore(Occupancy $occupancy, Job $job, Placement $placement): ?Placement
    {
        foreach ($this->placesOf($job->dish) as [$pan, $ring, $most]) {
            if ($pan === $placement->pan && $ring === $placement->ring && $most >= $job->rice - 1e-6 && $job->pinned?->mayBeAt($pan, $ring) !== false) {
                $timetable = $this->timetables->of($job->dish, $pan, $ring, $job->covers(), $job->rice);
                $fits = $timetable !== null && ($job->pinned->on ?? $placement->on) === $placement->on && $placement->on >= $this->night->now - self::OVERDUE && $placement->on + $timetable->whole >= $job->from - Night::EPSILON;

                return $fits && $occupancy->first($placement->on, $placement->on, $pan, $ring, $timetable) !== null ? new Placement($job->serves, $job->dish, $job->rice, $pan, $ring, $placement->on, $timetable, $occupancy->ringsBeside($placement->on, $ring, $timetable, $placement->besideOn) ?? []) : null;
            }
        }

        return null;
    }

    /**
     * How long a job takes at a place of its dish; null where it is not cooked there.
     *
     * @param  array{int, int, float}  $place
     */
    private function timetable(Job $job, int $at, array $place): ?Timetable
    {
        $known = $this->known[$job] ??= new ArrayObject;
        if (! isset($known[$at])) {
            [$pan, $ring, $most] = $place;
            $known[$at] = $most < $job->rice - 1e-6 || $job->pinned?->mayBeAt($pan, $ring) === false ? false : $this->timetables->of($job->dish, $pan, $ring, $job->covers(), $job->rice) ?? false;
        }

        return $known[$at] === false ? null : $known[$at];
    }

    /** @return list<array{int, int, float}> pan, ring and g raw at most */
    private function placesOf(int $dish): array
    {
        return $this->places[$dish] ?? $this->night->placesFor($dish, $this->timetables);
    }

    /**
     * Minute of the night at which a pan goes on: in its window the nearest to its time, else as soon as it may after that.
     *
     * @param  'hands'|'ring'|'pan'|null  $except  what is not looked at
     * @param  bool  $soon  as soon as it may
     * @param  float  $by  min of the night, later than which at the table is of no use
     */
    private function minute(Occupancy $occupancy, Job $job, int $pan, int $ring, Timetable $timetable, ?string $except, bool $soon, float $by): ?float
    {
        $pinned = $job->pinned?->on;
        if ($pinned !== null) {
            // What would be at the table before its window, or was to go on before now, has no place.
            return $pinned < $this->night->now + $timetable->lead - Night::EPSILON || $pinned + $timetable->whole < $job->from - Night::EPSILON ? null : $occupancy->first($pinned, $pinned, $pan, $ring, $timetable, $except);
        }
        $soonest = ceil(max($this->night->now + $timetable->lead, $job->from - $timetable->whole) / Occupancy::STEP - Night::EPSILON) * Occupancy::STEP;
        $wanted = max($soonest, floor(($job->table - $timetable->whole) / Occupancy::STEP + Night::EPSILON) * Occupancy::STEP);
        $last = floor(($job->until - $timetable->whole) / Occupancy::STEP + Night::EPSILON) * Occupancy::STEP;
        $end = min($by - $timetable->whole + Night::EPSILON, $this->end - $timetable->off + $timetable->on);
        if ($soon) {
            return $occupancy->first($soonest, $end, $pan, $ring, $timetable, $except);
        }
        $later = $occupancy->first($wanted, $end, $pan, $ring, $timetable, $except);
        // Before its time only where that is nearer, or what comes after is late.
        for ($on = $wanted - Occupancy::STEP; $on >= $soonest && ($later === null || $later > $last || $wanted - $on < $later - $wanted); $on -= Occupancy::STEP) {
            if ($occupancy->first($on, $on, $pan, $ring, $timetable, $except) !== null) {
                return $on;
            }
        }

        return $later;
    }
}
