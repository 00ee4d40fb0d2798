<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** What a solved night lacks: for each firing that is late or not cooked the thing it waits for, and the one change that mends most. */
final readonly class Clashes
{
    /** So many firings are looked at again, with all there are for each change of each clash: in a full night only its first clashes are offered one. */
    private const MOST_AGAIN = 400;

    /** Of the looking for a better night, for what one change is worth. */
    private const LOOKED = 0.1;

    /** Tables that are looked at for what would be if their rice were part-cooked. */
    private const MOST_AHEAD = 3;

    /** Of its lateness, what an offer takes away at least (our choice): one minute of seventy-three is no way out. */
    private const WORTH_IT = 0.1;

    /** Less than this is nothing, cover-minutes. */
    private const ROUNDING = 1e-6;

    private Night $night;

    public function __construct(private Schedule $schedule, private Timetables $timetables)
    {
        $this->night = $schedule->night;
    }

    /**
     * @param  bool  $withOffers  which take as many nights filled again
     *
     * @return list<Clash> in order of the night
     */
    public function all(bool $withOffers = true): array
    {
        $clashes = [];
        $numbers = array_keys($this->night->firings);
        usort($numbers, fn (int $a, int $b): int => [$this->night->firings[$a]->table, $a] <=> [$this->night->firings[$b]->table, $b]);
        $offered = ! $withOffers ? 0 : max(1, intdiv(self::MOST_AGAIN, max(1, count($numbers))));
        foreach ($numbers as $firing) {
            if ($this->schedule->tableOf($firing) === null || $this->schedule->lateOf($firing) > 0.0) {
                $clashes[] = $this->of($firing, count($clashes) < $offered);
            }
        }
        usort($clashes, static fn (Clash $a, Clash $b): int => [$a->at, $a->firings] <=> [$b->at, $b->firings]);

        return $clashes;
    }

    private function of(int $firing, bool $offered): Clash
    {
        $lateFiring = $this->night->firings[$firing];
        $late = $lateFiring->covers * $this->schedule->lateOf($firing);
        [$jobs, $tooBig] = (new Jobs($this->night->with(['merge' => false, 'firings' => [$firing => $lateFiring]]), $this->timetables))->of();
        if ($tooBig !== []) {
            return new Clash('too-big', $lateFiring->table, [$firing], $late, []);
        }
        if ($jobs === []) {
            return new Clash('behind', $lateFiring->until(), [$firing], $late, $offered ? $this->offers($firing, 'behind') : []);
        }
        $alone = $this->aloneOf($jobs);
        $on = $alone === null ? $lateFiring->table : $lateFiring->until() - $alone->table() + $alone->on;
        $code = $this->code($jobs, $firing, $alone);

        return new Clash($code, $on, [$firing], $late, $offered ? $this->offers($firing, $code) : []);
    }

    /**
     * The first of its parts in a kitchen that has nothing else to do.
     *
     * @param  non-empty-list<Job>  $jobs
     * @param  'hands'|null  $except  what is not looked at
     */
    private function aloneOf(array $jobs, ?string $except = null): ?Placement
    {
        $empty = $this->night->with(['running' => [], 'taken' => []]);

        return (new Solver($empty, $this->timetables))->place(new Occupancy($empty), $jobs[0], $except);
    }

    /**
     * @param  non-empty-list<Job>  $jobs
     *
     * @return 'hands'|'ring'|'pan'|'too-soon'
     */
    private function code(array $jobs, int $firing, ?Placement $alone): string
    {
        if ($alone === null) {
            if ($this->night->firings[$firing]->on !== null) {
                return 'too-soon';
            }

            return $this->night->rings === [] ? 'ring' : ($this->night->pans === [] ? 'pan' : 'hands');
        }
        $until = $this->night->firings[$firing]->until();
        if ($alone->table() > $until + self::ROUNDING) {
            // Nobody is there, or there is no time: whichever makes it the later.
            $byTime = max(0.0, ($this->aloneOf($jobs, 'hands')?->table() ?? INF) - $until);

            return $alone->table() - $until - $byTime > $byTime ? 'hands' : 'too-soon';
        }
        // Of several parts the last one waits, for its own firing's pans too.
        $last = $this->lastOf($firing);
        $occupancy = new Occupancy($this->night);
        foreach ($this->schedule->placements as $placement) {
            if ($placement !== $last && ! in_array($placement, $this->night->running, true)) {
                $occupancy->put($placement);
            }
        }
        $solver = new Solver($this->night, $this->timetables);
        $least = INF;
        $code = 'hands';
        foreach (['ring', 'pan', 'hands'] as $except) {
            $placement = $solver->place($occupancy, $jobs[0], $except);
            $late = $placement === null ? INF : max(0.0, $placement->table() - $jobs[0]->until);
            if ($late < $least - self::ROUNDING) {
                [$least, $code] = [$late, $except];
            }
        }

        return $code;
    }

    /** The pan of a firing that is at the table last; null if none is to come. */
    private function lastOf(int $firing): ?Placement
    {
        $last = null;
        foreach ($this->schedule->placements as $placement) {
            $isLater = $last === null || $placement->table() > $last->table();
            if (isset($placement->serves[$firing]) && $isLater && ! in_array($placement, $this->night->running, true)) {
                $last = $placement;
            }
        }

        return $last;
    }

    /** @return list<Offer> that take a good part of the firing's lateness away, or cook more; the best first */
    private function offers(int $firing, string $code): array
    {
        $lateFiring = $this->night->firings[$firing];
        $late = $this->schedule->lateOf($firing);
        $largest = $this->largest($lateFiring);
        $offers = array_filter([
            $code === 'hands' ? $this->moreHands() : null,
            $code === 'ring' && $largest !== null ? $this->oneMore(null, $largest[1]) : null,
            $code === 'pan' && $largest !== null ? $this->oneMore($largest[0], null) : null,
            $late > 0.0 ? $this->changed('later', ['firings' => $this->withFiring($firing, ['table' => $lateFiring->table + ceil($late - self::ROUNDING)])], minutes: ceil($late - self::ROUNDING)) : null,
            $code !== 'behind' && $lateFiring->covers > 1 && ! $lateFiring->isPinned() ? $this->changed('split', ['firings' => $this->withFiring($firing, ['parts' => 2])]) : null,
            $code !== 'behind' ? $this->aheadNearby($firing) : null,
            $this->night->merge ? null : $this->changed('merge', ['merge' => true]),
        ]);
        $most = $this->schedule->lateCovers() - self::WORTH_IT * $lateFiring->covers * $late + self::ROUNDING;
        $offers = array_filter($offers, static fn (Offer $offer): bool => $offer->lateAfter <= $most);
        usort($offers, static fn (Offer $a, Offer $b): int => $a->lateAfter <=> $b->lateAfter);

        return $offers;
    }

    /** A pair of hands more for as long as it is needed. */
    private function moreHands(): ?Offer
    {
        $end = max($this->night->end(), ...array_map(static fn (Firing $firing): float => $firing->until(), array_values($this->night->firings)));
        $all = (new Solver($this->night->with(['hands' => [...$this->night->hands, new Shift($this->night->now, $end, 1)]]), $this->timetables))->solve($this->schedule, self::LOOKED);
        $short = (new Hands($this->night))->short($all->placements);
        if ($short === null) {
            return null;
        }
        [$from, $to] = $short;

        return $this->changed('more-hands', ['hands' => [...$this->night->hands, new Shift($from, $to, 1)]], from: $from, to: $to);
    }

    /** It, or one about as early, part-cooked ahead of the service: the one with which least is late. */
    private function aheadNearby(int $firing): ?Offer
    {
        $can = array_filter(array_keys($this->night->firings), fn (int $number): bool => $this->timetables->toOrder($this->night->firings[$number]->dish) !== null && $this->night->open($number) === $this->night->firings[$number]->covers);
        $far = fn (int $number): float => abs($this->night->firings[$number]->table - $this->night->firings[$firing]->table);
        usort($can, static fn (int $a, int $b): int => [$far($a), $a] <=> [$far($b), $b]);
        $best = null;
        foreach (array_slice($can, 0, self::MOST_AHEAD) as $number) {
            $offer = $this->changed('ahead', ['firings' => $this->withFiring($number, ['dish' => $this->timetables->toOrder($this->night->firings[$number]->dish)])], firing: $number);
            $best = $offer !== null && $offer->lateAfter < ($best->lateAfter ?? INF) ? $offer : $best;
        }

        return $best;
    }

    /** One more of a pan, or of a ring. */
    private function oneMore(?int $pan, ?int $ring): ?Offer
    {
        $changes = $pan !== null ? ['pans' => [...$this->night->pans, OneResourceMore::MORE]] : ['rings' => [...$this->night->rings, OneResourceMore::MORE]];

        return $this->changed($pan !== null ? 'other-pan' : 'other-ring', $changes, new OneResourceMore($this->timetables, $pan, $ring), like: $pan ?? $ring);
    }

    /**
     * @param  array<string, mixed>  $changes  of a firing
     *
     * @return array<int, Firing>
     */
    private function withFiring(int $firing, array $changes): array
    {
        return array_replace($this->night->firings, [$firing => $this->night->firings[$firing]->with($changes)]);
    }

    /**
     * An offer, where the night filled again with it is better.
     *
     * @param  'more-hands'|'other-pan'|'other-ring'|'later'|'split'|'merge'|'ahead'  $code
     * @param  array<string, mixed>  $changes  of the night
     */
    private function changed(string $code, array $changes, ?Timetables $timetables = null, ?float $from = null, ?float $to = null, ?float $minutes = null, ?int $like = null, ?int $firing = null): ?Offer
    {
        $after = (new Solver($this->night->with($changes), $timetables ?? $this->timetables))->solve($this->schedule, self::LOOKED);

        return [$after->coversNotCooked(), round($after->lateCovers(), 6)] < [$this->schedule->coversNotCooked(), round($this->schedule->lateCovers(), 6)]
            ? new Offer($code, $after->lateCovers(), $after->late(), $from, $to, $minutes, $like, $firing)
            : null;
    }

    /** @return array{int, int}|null the pan and the ring that take most of it */
    private function largest(Firing $firing): ?array
    {
        $best = null;
        $most = 0.0;
        foreach ($this->night->placesFor($firing->dish, $this->timetables) as [$pan, $ring, $takes]) {
            if ($takes > $most) {
                [$most, $best] = [$takes, [$pan, $ring]];
            }
        }

        return $best;
    }
}
