<?php

declare(strict_types=1);

namespace Velko\Core\Night;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Looks for the best way of filling a night: fills it once, what is due first before the rest, then takes some pans off again round
 * one that is late, and puts them back in another order and other places, as long as that leaves less wrong.
 *
 * Ruin and recreate (Schrimpf et al., Journal of Computational Physics 159, 2000; from memory), by a chance that is the same each time.
 */
final readonly class LocalSearch
{
    /** Of a few parcels: how many are put somewhere for the sake of a better night, at most; and how often in a row without any before it is left so. */
    private const MOST_PLACED = 24000;

    private const MOST_IN_VAIN = 2400;

    /** So many pans come off at once. */
    private const MOST_OFF = 7;

    /** Of more parcels than these each is looked at less often, by this power of how many they are. */
    private const FEW = 8;

    private const FEWER = 1.5;

    /** And of more than these by half a power more. */
    private const MANY = 30;

    /** What stands as it stood is looked at less. */
    private const WHERE_IT_STOOD = 0.25;

    private const SEED = 1815;

    /** A night that is so much later than the best is gone on from, at first; at the end none that is. */
    private const WORSE = 0.2;

    /** @var array<int, list<int>> parcels, by firing */
    private array $partsOf;

    /**
     * @param  list<Job>  $parcels
     * @param  list<int>  $tooBig  firings that no pan takes
     * @param  float  $share  of the looking, 0 to 1
     */
    public function __construct(private Night $night, private Solver $solver, private array $parcels, private array $tooBig, private float $share = 1.0)
    {
        $parts = [];
        foreach ($parcels as $at => $parcel) {
            foreach (array_keys($parcel->serves) as $firing) {
                $parts[$firing][] = $at;
            }
        }
        $this->partsOf = $parts;
    }

    /** @param  Schedule|null  $before  as it was filled before */
    public function best(?Schedule $before): Schedule
    {
        $board = new Occupancy($this->night);
        $cooks = $this->filled($board, $before);
        $cost = $this->cost($cooks);
        $chance = new Randomizer(new Mt19937(self::SEED));
        [$best, $least] = [$cooks, $cost];
        $few = (self::stand($cooks, $before) ? self::WHERE_IT_STOOD : 1.0) * self::looked(count($this->parcels));
        $most = (int) round($this->share * $few * self::MOST_PLACED);
        $vain = (int) ceil($this->share * $few * self::MOST_IN_VAIN);
        for ($placed = 0, $inVain = 0; $placed < $most && $inVain < $vain && $least > [0, 0.0]; $inVain++) {
            $wrong = $this->wrong($cooks);
            if ($wrong === []) {
                break;
            }
            $off = $this->off($cooks, $wrong[$chance->getInt(0, count($wrong) - 1)], $chance);
            foreach ($off as $at) {
                $this->exchanged($board, $cooks[$at], null);
            }
            $worse = $least[1] * (1 + self::WORSE * max(0.0, 1 - $placed / $most));
            $other = $this->putBack($board, array_diff_key($cooks, array_flip($off)), $off, $cost[0] > 0 ? INF : max($worse, $cost[1]), $chance);
            $placed += count($off);
            $new = $this->cost($other);
            if ($new <= $cost || $new[0] === $cost[0] && $new[1] <= $worse) {
                [$cooks, $cost] = [$other, $new];
                if ($new < $least) {
                    [$best, $least, $inVain] = [$cooks, $new, 0];
                }
            } else {
                foreach ($off as $at) {
                    $this->exchanged($board, $other[$at], $cooks[$at]);
                }
            }
        }

        return $this->solved($this->inTime($best));
    }

    /** @return float share of the looking that so many parcels get, 0 to 1 */
    private static function looked(int $parcels): float
    {
        return min(1.0, (self::FEW / max(1, $parcels)) ** self::FEWER) * min(1.0, sqrt(self::MANY / max(1, $parcels)));
    }

    /**
     * Whether every pan stands where it stood.
     *
     * @param  array<int, Placement|null>  $cooks
     */
    private static function stand(array $cooks, ?Schedule $before): bool
    {
        $place = static fn (?Placement $cook): ?array => $cook === null ? null : [$cook->serves, $cook->pan, $cook->ring, $cook->on];
        $stood = array_map($place, $before->cooks ?? []);

        return array_filter($cooks, static fn (?Placement $cook): bool => ! in_array($place($cook), $stood, true)) === [];
    }

    private function exchanged(Occupancy $board, ?Placement $was, ?Placement $is): void
    {
        if ($was !== null) {
            $board->take($was);
        }
        if ($is !== null) {
            $board->put($is);
        }
    }

    /**
     * @param  array<int, Placement|null>  $cooks  those that stayed on, by parcel
     * @param  list<int>  $off  parcels that came off, in the order in which they go back
     * @param  float  $most  cover-minutes late, more than which is of no use
     *
     * @return array<int, Placement|null> by parcel; null for those that were not put back any more
     */
    private function putBack(Occupancy $board, array $cooks, array $off, float $most, Randomizer $chance): array
    {
        $how = $chance->getInt(0, 3);
        $left = $most - $this->cost($cooks)[1];
        foreach ($off as $i => $at) {
            $parcel = $this->parcels[$at];
            $cook = $this->solver->place($board, $parcel, null, $how === 0 ? null : $chance, $how > 1, $left / $parcel->covers());
            $cooks[$at] = $cook;
            if ($cook === null && $most < INF) {
                return $cooks + array_fill_keys(array_slice($off, $i), null);
            }
            if ($cook !== null) {
                $board->put($cook);
                $left = max(0.0, $left - $parcel->covers() * max(0.0, $cook->table() - $parcel->until));
            }
        }

        return $cooks;
    }

    /**
     * Parcel by parcel: what was settled by hand, what stays as it was, what is due first.
     *
     * @return array<int, Placement|null> by parcel
     */
    private function filled(Occupancy $board, ?Schedule $before): array
    {
        $kept = [];
        foreach ($before->cooks ?? [] as $cook) {
            $kept[json_encode($cook->serves)] = $cook;
        }
        $order = array_keys($this->parcels);
        usort($order, fn (int $a, int $b): int => [$this->parcels[$a]->pinned === null, $this->parcels[$a]->until, -$this->parcels[$a]->covers()] <=> [$this->parcels[$b]->pinned === null, $this->parcels[$b]->until, -$this->parcels[$b]->covers()]);
        $cooks = array_fill_keys(array_keys($this->parcels), null);
        foreach ([true, false] as $asItWas) {
            foreach ($order as $at) {
                $parcel = $this->parcels[$at];
                $was = $kept[json_encode($parcel->serves)] ?? null;
                if ($cooks[$at] === null && ($asItWas === ($parcel->pinned !== null || $was !== null))) {
                    $cooks[$at] = ($was === null ? null : $this->solver->again($board, $parcel, $was)) ?? ($asItWas && $parcel->pinned === null ? null : $this->solver->place($board, $parcel));
                    if ($cooks[$at] !== null) {
                        $board->put($cooks[$at]);
                    }
                }
            }
        }
        foreach ($order as $at) {
            if ($cooks[$at] === null) {
                $cooks[$at] = $this->solver->place($board, $this->parcels[$at]);
                if ($cooks[$at] !== null) {
                    $board->put($cooks[$at]);
                }
            }
        }

        return $cooks;
    }

    /**
     * What need not be early or in a larger pan is not.
     *
     * @param  array<int, Placement|null>  $cooks  by parcel
     *
     * @return array<int, Placement|null>
     */
    private function inTime(array $cooks): array
    {
        $board = new Occupancy($this->night);
        foreach (array_filter($cooks) as $cook) {
            $board->put($cook);
        }
        $far = fn (Placement $cook, int $at): array => [max(0.0, round($cook->table() - $this->parcels[$at]->until, 6)), abs($cook->table() - $this->parcels[$at]->table)];
        foreach ($cooks as $at => $cook) {
            if ($cook !== null) {
                $board->take($cook);
                $other = $this->solver->place($board, $this->parcels[$at]);
                $cooks[$at] = $other !== null && $far($other, $at) < $far($cook, $at) ? $other : $cook;
                $board->put($cooks[$at]);
            }
        }

        return $cooks;
    }

    /**
     * Covers not cooked, cover-minutes late.
     *
     * @param  array<int, Placement|null>  $cooks  by parcel; of those that are not in it nothing is counted
     *
     * @return array{int, float}
     */
    private function cost(array $cooks): array
    {
        [$not, $late] = [0, 0.0];
        foreach ($this->partsOf as $firing => $parts) {
            $asked = $this->night->firings[$firing];
            $table = -INF;
            foreach ($parts as $at) {
                $table = array_key_exists($at, $cooks) ? max($table, $cooks[$at]?->table() ?? INF) : $table;
            }
            if ($table === INF) {
                $not += $asked->covers;
            } elseif ($table > $asked->until()) {
                $late += $asked->covers * ($table - $asked->until());
            }
        }

        return [$not, round($late, 6)];
    }

    /**
     * @param  array<int, Placement|null>  $cooks
     *
     * @return list<int> parcels that are late or have no place
     */
    private function wrong(array $cooks): array
    {
        $wrong = [];
        foreach ($this->parcels as $at => $parcel) {
            if ($parcel->pinned === null && ($cooks[$at] === null || $cooks[$at]->table() > $parcel->until + 1e-9)) {
                $wrong[] = $at;
            }
        }

        return $wrong;
    }

    /**
     * A late one and some of those that are cooked about when it would have to be, in an order by chance.
     *
     * @param  array<int, Placement|null>  $cooks
     *
     * @return list<int> parcels
     */
    private function off(array $cooks, int $late, Randomizer $chance): array
    {
        $wanted = $this->parcels[$late]->table;
        $far = [];
        foreach ($this->parcels as $at => $parcel) {
            if ($at !== $late && $parcel->pinned === null) {
                $far[$at] = min(abs($parcel->table - $wanted), abs(($cooks[$at]?->table() ?? $parcel->table) - $wanted)) + $chance->getInt(0, 20);
            }
        }
        asort($far);
        $off = [$late, ...array_slice(array_keys($far), 0, $chance->getInt(1, self::MOST_OFF - 1))];
        if ($chance->getInt(0, 2) === 0) {
            usort($off, fn (int $a, int $b): int => [$this->parcels[$a]->until, $a] <=> [$this->parcels[$b]->until, $b]);

            return $off;
        }

        return $chance->shuffleArray($off);
    }

    /** @param  array<int, Placement|null>  $placed  by parcel */
    private function solved(array $placed): Schedule
    {
        $not = $this->tooBig;
        foreach ($this->parcels as $at => $parcel) {
            if ($placed[$at] === null) {
                array_push($not, ...array_keys($parcel->serves));
            }
        }
        $not = array_values(array_unique($not));
        sort($not);
        // Half a table is no table: what of it has a place is not cooked either, but for what is on already.
        $cooks = [...$this->night->running, ...array_values(array_filter($placed, static fn (?Placement $cook): bool => $cook !== null && array_intersect(array_keys($cook->serves), $not) === []))];
        usort($cooks, static fn (Placement $a, Placement $b): int => [$a->on, $a->ring] <=> [$b->on, $b->ring]);

        return new Schedule($this->night, $cooks, $not);
    }
}
