<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** What a solved night lacks: for each firing that is late or not cooked the thing it waits for, and the one change that mends most. */
final readonly class Clashes
{
    /** So many firings are looked at again, with all there are for each change of each clash: in a full night only its first clashes are offered one. */
    private const MOST_AGAIN = 400;

    /** Less than this is nothing, cover-minutes. */
    private const NOTHING = 1e-6;

    private Night $night;

    public function __construct(private Solved $solved, private Lengths $lengths)
    {
        $this->night = $solved->night;
    }

    /** @return list<Clash> in order of the night */
    public function all(): array
    {
        $clashes = [];
        $numbers = array_keys($this->night->firings);
        usort($numbers, fn (int $a, int $b): int => [$this->night->firings[$a]->table, $a] <=> [$this->night->firings[$b]->table, $b]);
        $offered = max(1, intdiv(self::MOST_AGAIN, max(1, count($numbers))));
        foreach ($numbers as $firing) {
            if ($this->solved->tableOf($firing) === null || $this->solved->lateOf($firing) > 0.0) {
                $clashes[] = $this->of($firing, count($clashes) < $offered);
            }
        }
        usort($clashes, static fn (Clash $a, Clash $b): int => [$a->at, $a->firings] <=> [$b->at, $b->firings]);

        return $clashes;
    }

    private function of(int $firing, bool $offered): Clash
    {
        $one = $this->night->firings[$firing];
        $late = $one->covers * $this->solved->lateOf($firing);
        [$parcels, $tooBig] = (new Parcels($this->night->with(['merge' => false, 'firings' => [$firing => $one]]), $this->lengths))->of();
        if ($tooBig !== []) {
            return new Clash('too-big', $one->table, [$firing], $late, []);
        }
        $alone = $this->aloneOf($parcels);
        $on = $alone === null ? $one->table : $one->until() - $alone->table() + $alone->on;
        $code = $this->code($parcels, $firing, $alone);

        return new Clash($code, max(0.0, $on), [$firing], $late, $offered ? $this->offers($firing, $code) : []);
    }

    /**
     * The first of its parts in a kitchen that has nothing else to do.
     *
     * @param  list<Parcel>  $parcels
     */
    private function aloneOf(array $parcels): ?Cook
    {
        return $parcels === [] ? null : (new Solver($this->night, $this->lengths))->place(new Board($this->night), $parcels[0]);
    }

    /**
     * @param  list<Parcel>  $parcels
     *
     * @return 'hands'|'ring'|'pan'|'too-big'|'too-soon'
     */
    private function code(array $parcels, int $firing, ?Cook $alone): string
    {
        if ($alone === null) {
            if ($this->night->firings[$firing]->on !== null) {
                return 'too-soon';
            }

            return $this->night->rings === [] ? 'ring' : ($this->night->pans === [] ? 'pan' : 'hands');
        }
        if ($alone->table() > $this->night->firings[$firing]->until() + self::NOTHING) {
            return 'too-soon';
        }
        $board = new Board($this->night);
        foreach ($this->solved->cooks as $cook) {
            if (! isset($cook->serves[$firing])) {
                $board->put($cook);
            }
        }
        $solver = new Solver($this->night, $this->lengths);
        $least = INF;
        $code = 'hands';
        foreach (['ring', 'pan', 'hands'] as $but) {
            $cook = $solver->place($board, $parcels[0], $but);
            $late = $cook === null ? INF : max(0.0, $cook->table() - $parcels[0]->until);
            if ($late < $least - self::NOTHING) {
                [$least, $code] = [$late, $but];
            }
        }

        return $code;
    }

    /** @return list<Offer> that leave less late than there is, or cook more */
    private function offers(int $firing, string $code): array
    {
        $one = $this->night->firings[$firing];
        $late = $this->solved->lateOf($firing);
        $changed = static fn (Night $night, Lengths $lengths, ?int $halved = null): Solved => (new Solver($night, $lengths))->solve($halved);
        $largest = $this->largest($one);
        $solved = array_filter([
            'more-hands' => $code === 'hands' ? $changed($this->night->with(['hands' => [...$this->night->hands, new HandsThere(0.0, max($this->night->end(), $one->until()), 1)]]), $this->lengths) : null,
            'other-ring' => $code === 'ring' && $largest !== null ? $changed($this->night->with(['rings' => [...$this->night->rings, Doubled::MORE]]), new Doubled($this->lengths, null, $largest[1])) : null,
            'other-pan' => $code === 'pan' && $largest !== null ? $changed($this->night->with(['pans' => [...$this->night->pans, Doubled::MORE]]), new Doubled($this->lengths, $largest[0], null)) : null,
            'later' => $late > 0.0 ? $changed($this->night->with(['firings' => array_replace($this->night->firings, [$firing => new Firing($one->dish, $one->covers, $one->table + ceil($late), $one->early, $one->late, $one->pan, $one->ring, $one->on)])]), $this->lengths) : null,
            'split' => $one->covers > 1 && ! $one->isPinned() ? $changed($this->night, $this->lengths, $firing) : null,
            'merge' => $this->night->merge ? null : $changed($this->night->with(['merge' => true]), $this->lengths),
        ]);
        $offers = [];
        foreach ($solved as $offered => $after) {
            if ([$after->coversNotCooked(), round($after->lateCovers(), 6)] < [$this->solved->coversNotCooked(), round($this->solved->lateCovers(), 6)]) {
                $offers[] = new Offer($offered, $after->lateCovers());
            }
        }
        usort($offers, static fn (Offer $a, Offer $b): int => $a->lateAfter <=> $b->lateAfter);

        return $offers;
    }

    /** @return array{int, int}|null the pan and the ring that take most of it */
    private function largest(Firing $one): ?array
    {
        $best = null;
        $most = 0;
        foreach ($this->night->placesFor($one->dish, $this->lengths) as [$pan, $ring, $takes]) {
            if ($takes > $most) {
                [$most, $best] = [$takes, [$pan, $ring]];
            }
        }

        return $best;
    }
}
