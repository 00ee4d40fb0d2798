<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/**
 * Finds a pan, a ring and a minute for every firing of a night.
 *
 * What was settled by hand goes first, then what is due first; each parcel takes the place at which it is least late, then
 * nearest to its time, then in the smallest pan. What is late is then moved ahead of the others as long as that makes the
 * night better. With and without shared pans, the better of the two. The same night always has the same answer.
 */
final readonly class Solver
{
    /** Nights that are filled to make one better, at most; and parcels that are placed for it. */
    private const MOST_TRIES = 160;

    private const MOST_PLACED = 2400;

    private const NOTHING = 1e-9;

    private Parcels $parcels;

    /** @var array<int, list<array{int, int, int}>> pan, ring and covers at most, by dish */
    private array $places;

    public function __construct(private Night $night, private Lengths $lengths)
    {
        $this->parcels = new Parcels($night, $lengths);
        $dishes = array_unique(array_map(static fn (Firing $one): int => $one->dish, array_values($night->firings)));
        $this->places = array_combine($dishes, array_map(static fn (int $dish): array => $night->placesFor($dish, $lengths), $dishes));
    }

    /** @param  int|null  $halved  a firing that is cooked in two pans though one would take it */
    public function solve(?int $halved = null): Solved
    {
        [$parcels, $tooBig] = $this->parcels->of($halved);
        $best = $this->improved($parcels, $tooBig);
        if ($this->night->merge && array_filter($parcels, static fn (Parcel $one): bool => count($one->serves) > 1) !== [] && ($best->lateCovers() > 0.0 || $best->notCooked !== [])) {
            [$apart, $tooBig] = (new Parcels($this->night->with(['merge' => false]), $this->lengths))->of($halved);
            $other = $this->improved($apart, $tooBig);
            $best = $other->isBetterThan($best) ? $other : $best;
        }

        return $best;
    }

    /**
     * The best place for one more parcel on a board; null where there is none.
     *
     * @param  'hands'|'ring'|'pan'|null  $but  what is not looked at
     */
    public function place(Board $board, Parcel $parcel, ?string $but = null): ?Cook
    {
        $best = null;
        $least = [INF, INF];
        $covers = $parcel->covers();
        foreach ($this->places[$parcel->dish] as [$pan, $ring, $most]) {
            $length = $most < $covers || $parcel->pinned?->mayBeAt($pan, $ring) === false ? null : $this->lengths->of($parcel->dish, $pan, $ring, $covers);
            $on = $length === null ? null : $this->minute($board, $parcel, $pan, $ring, $length, $but);
            if ($length === null || $on === null) {
                continue;
            }
            $cook = new Cook($parcel->serves, $parcel->dish, $pan, $ring, $on, $length);
            $cost = [max(0.0, $cook->table() - $parcel->until), floor(abs($cook->table() - $parcel->table) / Board::STEP)];
            if ($cost < $least) {
                [$best, $least] = [$cook, $cost];
            }
            if ($cost === [0.0, 0.0]) {
                break; // no larger pan is any better
            }
        }

        return $best;
    }

    /**
     * Minute of the night at which a pan goes on: in its window the nearest to its time, else as soon as it may after that.
     *
     * @param  'hands'|'ring'|'pan'|null  $but  what is not looked at
     */
    private function minute(Board $board, Parcel $parcel, int $pan, int $ring, Length $length, ?string $but): ?float
    {
        $pinned = $parcel->pinned?->on;
        if ($pinned !== null) {
            // What would be at the table before its window, or was to go on before now, has no place.
            return $pinned < $this->night->now || $pinned + $length->whole() < $parcel->from - self::NOTHING ? null : $board->first($pinned, $pinned, $pan, $ring, $length, $but);
        }
        $soonest = ceil(max($this->night->now, $parcel->from - $length->whole()) / Board::STEP - self::NOTHING) * Board::STEP;
        $wanted = max($soonest, floor(($parcel->table - $length->whole()) / Board::STEP + self::NOTHING) * Board::STEP);
        $last = floor(($parcel->until - $length->whole()) / Board::STEP + self::NOTHING) * Board::STEP;
        $end = $this->night->end() - $length->off + $length->on;
        $later = $board->first($wanted, $end, $pan, $ring, $length, $but);
        // Before its time only where that is nearer, or what comes after is late.
        for ($on = $wanted - Board::STEP; $on >= $soonest && ($later === null || $later > $last || $wanted - $on < $later - $wanted); $on -= Board::STEP) {
            if ($board->first($on, $on, $pan, $ring, $length, $but) !== null) {
                return $on;
            }
        }

        return $later;
    }

    /**
     * @param  list<Parcel>  $parcels
     * @param  list<int>  $tooBig
     */
    private function improved(array $parcels, array $tooBig): Solved
    {
        usort($parcels, static fn (Parcel $a, Parcel $b): int => [$a->pinned === null, $a->until, -$a->covers()] <=> [$b->pinned === null, $b->until, -$b->covers()]);
        $best = $this->filled($parcels, $tooBig);
        $most = min(self::MOST_TRIES, intdiv(self::MOST_PLACED, max(1, count($parcels))));
        for ($tries = 0, $moved = true; $moved && $tries < $most;) {
            $moved = false;
            foreach ($parcels as $at => $parcel) {
                if ($parcel->pinned !== null || ! $this->isWrong($best, $parcel)) {
                    continue;
                }
                for ($to = $at - 1; $to >= 0 && $tries < $most && $parcels[$to]->pinned === null; $to--) {
                    $other = [...array_slice($parcels, 0, $to), $parcel, ...array_slice($parcels, $to, $at - $to), ...array_slice($parcels, $at + 1)];
                    $solved = $this->filled($other, $tooBig);
                    $tries++;
                    if ($solved->isBetterThan($best)) {
                        [$best, $parcels, $moved] = [$solved, $other, true];
                        break 2;
                    }
                }
            }
        }

        return $best;
    }

    private function isWrong(Solved $solved, Parcel $parcel): bool
    {
        return array_filter(array_keys($parcel->serves), static fn (int $one): bool => $solved->tableOf($one) === null || $solved->lateOf($one) > 0.0) !== [];
    }

    /**
     * The night filled parcel by parcel, in this order.
     *
     * @param  list<Parcel>  $parcels
     * @param  list<int>  $tooBig
     */
    private function filled(array $parcels, array $tooBig): Solved
    {
        $board = new Board($this->night);
        $cooks = [];
        $not = $tooBig;
        foreach ($parcels as $parcel) {
            $cook = $this->place($board, $parcel);
            if ($cook === null) {
                array_push($not, ...array_keys($parcel->serves));
            } else {
                $board->put($cook);
                $cooks[] = $cook;
            }
        }
        // Half a table is no table: what of it has a place is not cooked either.
        $cooks = array_values(array_filter($cooks, static fn (Cook $cook): bool => array_intersect(array_keys($cook->serves), $not) === []));
        usort($cooks, static fn (Cook $a, Cook $b): int => [$a->on, $a->ring] <=> [$b->on, $b->ring]);
        $not = array_values(array_unique($not));
        sort($not);

        return new Solved($this->night, $cooks, $not);
    }
}
