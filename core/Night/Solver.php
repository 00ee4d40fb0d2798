<?php

declare(strict_types=1);

namespace Velko\Core\Night;

use ArrayObject;
use Random\Randomizer;
use WeakMap;

/**
 * Finds a pan, a ring and a minute for every firing of a night.
 *
 * Each parcel takes the place at which it is least late, then nearest to its time, then in the smallest pan; {@see LocalSearch} finds
 * the order, and what has to make room. With and without shared pans, the better of the two. The same night always has the same
 * answer.
 */
final readonly class Solver
{
    private const NOTHING = 1e-9;

    /** A pan that stood somewhere stays there though its minute has gone by so long ago: a hand is on its way to it, min (our estimate). */
    private const OVERDUE = 2.0;

    private Jobs $parcels;

    /** The last minute at which anybody is there. */
    private float $end;

    /** @var WeakMap<Job, ArrayObject<int, Timetable|false>> how long a parcel takes at each of its places; false where it cannot be cooked there */
    private WeakMap $known;

    /** @var array<int, list<array{int, int, float}>> pan, ring and g raw at most, by dish */
    private array $places;

    public function __construct(private Night $night, private Timetables $lengths)
    {
        $this->parcels = new Jobs($night, $lengths);
        $this->end = $night->end();
        $this->known = new WeakMap;
        $dishes = array_unique(array_map(static fn (Firing $firing): int => $firing->dish, array_values($night->firings)));
        $this->places = array_combine($dishes, array_map(static fn (int $dish): array => $night->placesFor($dish, $lengths), $dishes));
    }

    /**
     * @param  Schedule|null  $before  the same night as it was filled before something about it changed: what still can stay stays, as long as nothing better is found
     * @param  float  $share  of the looking for something better, 0 to 1
     */
    public function solve(?Schedule $before = null, float $share = 1.0): Schedule
    {
        [$parcels, $tooBig] = $this->parcels->of();
        $best = (new LocalSearch($this->night, $this, $parcels, $tooBig, $share))->best($before);
        if ($this->night->merge && array_filter($parcels, static fn (Job $job): bool => count($job->serves) > 1) !== [] && ($best->lateCovers() > 0.0 || $best->notCooked !== [])) {
            [$apart, $tooBig] = (new Jobs($this->night->with(['merge' => false]), $this->lengths))->of();
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
    public function soonest(Schedule $solved, Firing $walkIn): ?float
    {
        $asked = $walkIn->with(['table' => $this->night->now, 'early' => 0.0, 'late' => 0.0]);
        [$parcels, $tooBig] = (new Jobs($this->night->with(['firings' => [$asked], 'running' => []]), $this->lengths))->of();
        $board = new Occupancy($this->night);
        foreach ($solved->cooks as $cook) {
            if (! in_array($cook, $this->night->running, true)) {
                $board->put($cook);
            }
        }
        $table = $tooBig === [] ? 0.0 : null;
        foreach ($parcels as $parcel) {
            $cook = $this->place($board, $parcel);
            if ($cook === null || $table === null) {
                return null;
            }
            $board->put($cook);
            $table = max($table, $cook->table());
        }

        return $table;
    }

    /**
     * The best place for one more parcel on a board; null where there is none.
     *
     * @param  'hands'|'ring'|'pan'|null  $but  what is not looked at
     * @param  Randomizer|null  $chance  begins at any of the places, and takes the first at which it is not late, or no later
     * @param  bool  $soon  as soon as it may in its window, not near to its time
     * @param  float  $most  min late, more than which is of no use
     */
    public function place(Occupancy $board, Job $parcel, ?string $but = null, ?Randomizer $chance = null, bool $soon = false, float $most = INF): ?Placement
    {
        $best = null;
        $least = [$most + self::NOTHING, INF];
        $places = $this->placesOf($parcel->dish);
        $begin = $chance === null || $places === [] ? 0 : $chance->getInt(0, count($places) - 1);
        for ($i = 0, $count = count($places); $i < $count; $i++) {
            $at = ($begin + $i) % $count;
            [$pan, $ring] = $places[$at];
            $length = $this->length($parcel, $at, $places[$at]);
            $on = $length === null ? null : $this->minute($board, $parcel, $pan, $ring, $length, $but, $soon, $parcel->until + $least[0]);
            if ($length === null || $on === null) {
                continue;
            }
            $cook = new Placement($parcel->serves, $parcel->dish, $parcel->rice, $pan, $ring, $on, $length, $board->beside($on, $ring, $length) ?? []);
            $cost = [max(0.0, $cook->table() - $parcel->until), $chance === null ? floor(abs($cook->table() - $parcel->table) / Occupancy::STEP) : 0.0];
            if ($cost < $least) {
                [$best, $least] = [$cook, $cost];
            }
            if ($cost === [0.0, 0.0]) {
                break; // no other is any better
            }
        }

        return $best;
    }

    /** The same place again, where it is still free; else null. What was to be begun beside it by now is taken to be begun. */
    public function again(Occupancy $board, Job $parcel, Placement $cook): ?Placement
    {
        foreach ($this->placesOf($parcel->dish) as [$pan, $ring, $most]) {
            if ($pan === $cook->pan && $ring === $cook->ring && $most >= $parcel->rice - 1e-6 && $parcel->pinned?->mayBeAt($pan, $ring) !== false) {
                $length = $this->lengths->of($parcel->dish, $pan, $ring, $parcel->covers(), $parcel->rice);
                $fits = $length !== null && ($parcel->pinned->on ?? $cook->on) === $cook->on && $cook->on >= $this->night->now - self::OVERDUE && $cook->on + $length->whole >= $parcel->from - self::NOTHING;

                return $fits && $board->first($cook->on, $cook->on, $pan, $ring, $length) !== null ? new Placement($parcel->serves, $parcel->dish, $parcel->rice, $pan, $ring, $cook->on, $length, $board->beside($cook->on, $ring, $length, $cook->besideOn) ?? []) : null;
            }
        }

        return null;
    }

    /**
     * How long a parcel takes at a place of its dish; null where it is not cooked there.
     *
     * @param  array{int, int, float}  $place
     */
    private function length(Job $parcel, int $at, array $place): ?Timetable
    {
        $known = $this->known[$parcel] ??= new ArrayObject;
        if (! isset($known[$at])) {
            [$pan, $ring, $most] = $place;
            $known[$at] = $most < $parcel->rice - 1e-6 || $parcel->pinned?->mayBeAt($pan, $ring) === false ? false : $this->lengths->of($parcel->dish, $pan, $ring, $parcel->covers(), $parcel->rice) ?? false;
        }

        return $known[$at] === false ? null : $known[$at];
    }

    /** @return list<array{int, int, float}> pan, ring and g raw at most */
    private function placesOf(int $dish): array
    {
        return $this->places[$dish] ?? $this->night->placesFor($dish, $this->lengths);
    }

    /**
     * Minute of the night at which a pan goes on: in its window the nearest to its time, else as soon as it may after that.
     *
     * @param  'hands'|'ring'|'pan'|null  $but  what is not looked at
     * @param  bool  $soon  as soon as it may
     * @param  float  $by  min of the night, later than which at the table is of no use
     */
    private function minute(Occupancy $board, Job $parcel, int $pan, int $ring, Timetable $length, ?string $but, bool $soon, float $by): ?float
    {
        $pinned = $parcel->pinned?->on;
        if ($pinned !== null) {
            // What would be at the table before its window, or was to go on before now, has no place.
            return $pinned < $this->night->now + $length->lead - self::NOTHING || $pinned + $length->whole < $parcel->from - self::NOTHING ? null : $board->first($pinned, $pinned, $pan, $ring, $length, $but);
        }
        $soonest = ceil(max($this->night->now + $length->lead, $parcel->from - $length->whole) / Occupancy::STEP - self::NOTHING) * Occupancy::STEP;
        $wanted = max($soonest, floor(($parcel->table - $length->whole) / Occupancy::STEP + self::NOTHING) * Occupancy::STEP);
        $last = floor(($parcel->until - $length->whole) / Occupancy::STEP + self::NOTHING) * Occupancy::STEP;
        $end = min($by - $length->whole + self::NOTHING, $this->end - $length->off + $length->on);
        if ($soon) {
            return $board->first($soonest, $end, $pan, $ring, $length, $but);
        }
        $later = $board->first($wanted, $end, $pan, $ring, $length, $but);
        // Before its time only where that is nearer, or what comes after is late.
        for ($on = $wanted - Occupancy::STEP; $on >= $soonest && ($later === null || $later > $last || $wanted - $on < $later - $wanted); $on -= Occupancy::STEP) {
            if ($board->first($on, $on, $pan, $ring, $length, $but) !== null) {
                return $on;
            }
        }

        return $later;
    }
}
