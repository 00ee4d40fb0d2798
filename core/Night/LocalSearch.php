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
    /** Of a few jobs: how many are put somewhere for the sake of a better night, at most; and how often in a row without any before it is left so. */
    private const MOST_PLACED = 24000;

    private const MOST_IN_VAIN = 2400;

    /** So many pans come off at once. */
    private const MOST_OFF = 7;

    /** Of more jobs than these each is looked at less often, by this power of how many they are. */
    private const FEW = 8;

    private const FEWER = 1.5;

    /** With more jobs than these the power is larger by a half. */
    private const MANY = 30;

    /** What stands as it stood is looked at less. */
    private const WHERE_IT_STOOD = 0.25;

    private const SEED = 1815;

    /** A night that is so much later than the best is gone on from, at first; at the end none that is. */
    private const WORSE = 0.2;

    /** @var array<int, list<int>> jobs, by firing */
    private array $partsOf;

    /**
     * @param  list<Job>  $jobs
     * @param  list<int>  $tooBig  firings that no pan takes
     * @param  float  $share  of the looking, 0 to 1
     */
    public function __construct(private Night $night, private Solver $solver, private array $jobs, private array $tooBig, private float $share = 1.0)
    {
        $parts = [];
        foreach ($jobs as $at => $job) {
            foreach (array_keys($job->serves) as $firing) {
                $parts[$firing][] = $at;
            }
        }
        $this->partsOf = $parts;
    }

    /** @param  Schedule|null  $before  as it was filled before */
    public function best(?Schedule $before): Schedule
    {
        $occupancy = new Occupancy($this->night);
        $placements = $this->filled($occupancy, $before);
        $cost = $this->cost($placements);
        $chance = new Randomizer(new Mt19937(self::SEED));
        [$best, $least] = [$placements, $cost];
        $few = (self::stand($placements, $before) ? self::WHERE_IT_STOOD : 1.0) * self::looked(count($this->jobs));
        $most = (int) round($this->share * $few * self::MOST_PLACED);
        $vain = (int) ceil($this->share * $few * self::MOST_IN_VAIN);
        for ($placed = 0, $inVain = 0; $placed < $most && $inVain < $vain && $least > [0, 0.0]; $inVain++) {
            $wrong = $this->wrong($placements);
            if ($wrong === []) {
                break;
            }
            $moved = $this->toMove($placements, $wrong[$chance->getInt(0, count($wrong) - 1)], $chance);
            foreach ($moved as $at) {
                $this->exchanged($occupancy, $placements[$at], null);
            }
            $worse = $least[1] * (1 + self::WORSE * max(0.0, 1 - $placed / $most));
            $other = $this->putBack($occupancy, array_diff_key($placements, array_flip($moved)), $moved, $cost[0] > 0 ? INF : max($worse, $cost[1]), $chance);
            $placed += count($moved);
            $new = $this->cost($other);
            if ($new <= $cost || $new[0] === $cost[0] && $new[1] <= $worse) {
                [$placements, $cost] = [$other, $new];
                if ($new < $least) {
                    [$best, $least, $inVain] = [$placements, $new, 0];
                }
            } else {
                foreach ($moved as $at) {
                    $this->exchanged($occupancy, $other[$at], $placements[$at]);
                }
            }
        }

        return $this->schedule($this->inTime($best));
    }

    /** @return float share of the looking that so many jobs get, 0 to 1 */
    private static function looked(int $jobs): float
    {
        return min(1.0, (self::FEW / max(1, $jobs)) ** self::FEWER) * min(1.0, sqrt(self::MANY / max(1, $jobs)));
    }

    /**
     * Whether every pan stands where it stood.
     *
     * @param  array<int, Placement|null>  $placements
     */
    private static function stand(array $placements, ?Schedule $before): bool
    {
        $place = static fn (?Placement $placement): ?array => $placement === null ? null : [$placement->serves, $placement->pan, $placement->ring, $placement->on];
        $stood = array_map($place, $before->placements ?? []);

        return array_filter($placements, static fn (?Placement $placement): bool => ! in_array($place($placement), $stood, true)) === [];
    }

    private function exchanged(Occupancy $occupancy, ?Placement $was, ?Placement $is): void
    {
        if ($was !== null) {
            $occupancy->take($was);
        }
        if ($is !== null) {
            $occupancy->put($is);
        }
    }

    /**
     * @param  array<int, Placement|null>  $placements  those that stayed on, by job
     * @param  list<int>  $moved  jobs that came off, in the order in which they go back
     * @param  float  $most  cover-minutes late, more than which is of no use
     *
     * @return array<int, Placement|null> by job; null for those that were not put back any more
     */
    private function putBack(Occupancy $occupancy, array $placements, array $moved, float $most, Randomizer $chance): array
    {
        $how = $chance->getInt(0, 3);
        $left = $most - $this->cost($placements)[1];
        foreach ($moved as $i => $at) {
            $job = $this->jobs[$at];
            $placement = $this->solver->place($occupancy, $job, null, $how === 0 ? null : $chance, $how > 1, $left / $job->covers());
            $placements[$at] = $placement;
            if ($placement === null && $most < INF) {
                return $placements + array_fill_keys(array_slice($moved, $i), null);
            }
            if ($placement !== null) {
                $occupancy->put($placement);
                $left = max(0.0, $left - $job->covers() * max(0.0, $placement->table() - $job->until));
            }
        }

        return $placements;
    }

    /**
     * Job by job: what was settled by hand, what stays as it was, what is due first.
     *
     * @return array<int, Placement|null> by job
     */
    private function filled(Occupancy $occupancy, ?Schedule $before): array
    {
        $kept = [];
        foreach ($before->placements ?? [] as $placement) {
            $kept[json_encode($placement->serves)] = $placement;
        }
        $order = array_keys($this->jobs);
        usort($order, fn (int $a, int $b): int => [$this->jobs[$a]->pinned === null, $this->jobs[$a]->until, -$this->jobs[$a]->covers()] <=> [$this->jobs[$b]->pinned === null, $this->jobs[$b]->until, -$this->jobs[$b]->covers()]);
        $placements = array_fill_keys(array_keys($this->jobs), null);
        foreach ([true, false] as $asItWas) {
            foreach ($order as $at) {
                $job = $this->jobs[$at];
                $was = $kept[json_encode($job->serves)] ?? null;
                if ($placements[$at] === null && ($asItWas === ($job->pinned !== null || $was !== null))) {
                    $placements[$at] = ($was === null ? null : $this->solver->restore($occupancy, $job, $was)) ?? ($asItWas && $job->pinned === null ? null : $this->solver->place($occupancy, $job));
                    if ($placements[$at] !== null) {
                        $occupancy->put($placements[$at]);
                    }
                }
            }
        }
        foreach ($order as $at) {
            if ($placements[$at] === null) {
                $placements[$at] = $this->solver->place($occupancy, $this->jobs[$at]);
                if ($placements[$at] !== null) {
                    $occupancy->put($placements[$at]);
                }
            }
        }

        return $placements;
    }

    /**
     * What need not be early or in a larger pan is not.
     *
     * @param  array<int, Placement|null>  $placements  by job
     *
     * @return array<int, Placement|null>
     */
    private function inTime(array $placements): array
    {
        $occupancy = new Occupancy($this->night);
        foreach (array_filter($placements) as $placement) {
            $occupancy->put($placement);
        }
        $far = fn (Placement $placement, int $at): array => [max(0.0, round($placement->table() - $this->jobs[$at]->until, 6)), abs($placement->table() - $this->jobs[$at]->table)];
        foreach ($placements as $at => $placement) {
            if ($placement !== null) {
                $occupancy->take($placement);
                $other = $this->solver->place($occupancy, $this->jobs[$at]);
                $placements[$at] = $other !== null && $far($other, $at) < $far($placement, $at) ? $other : $placement;
                $occupancy->put($placements[$at]);
            }
        }

        return $placements;
    }

    /**
     * Covers not cooked, cover-minutes late.
     *
     * @param  array<int, Placement|null>  $placements  by job; of those that are not in it nothing is counted
     *
     * @return array{int, float}
     */
    private function cost(array $placements): array
    {
        [$not, $late] = [0, 0.0];
        foreach ($this->partsOf as $firing => $parts) {
            $asked = $this->night->firings[$firing];
            $table = -INF;
            foreach ($parts as $at) {
                $table = array_key_exists($at, $placements) ? max($table, $placements[$at]?->table() ?? INF) : $table;
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
     * @param  array<int, Placement|null>  $placements
     *
     * @return list<int> jobs that are late or have no place
     */
    private function wrong(array $placements): array
    {
        $wrong = [];
        foreach ($this->jobs as $at => $job) {
            if ($job->pinned === null && ($placements[$at] === null || $placements[$at]->table() > $job->until + 1e-9)) {
                $wrong[] = $at;
            }
        }

        return $wrong;
    }

    /**
     * A late one and some of those that are cooked about when it would have to be, in an order by chance.
     *
     * @param  array<int, Placement|null>  $placements
     *
     * @return list<int> jobs
     */
    private function toMove(array $placements, int $late, Randomizer $chance): array
    {
        $wanted = $this->jobs[$late]->table;
        $far = [];
        foreach ($this->jobs as $at => $job) {
            if ($at !== $late && $job->pinned === null) {
                $far[$at] = min(abs($job->table - $wanted), abs(($placements[$at]?->table() ?? $job->table) - $wanted)) + $chance->getInt(0, 20);
            }
        }
        asort($far);
        $moved = [$late, ...array_slice(array_keys($far), 0, $chance->getInt(1, self::MOST_OFF - 1))];
        if ($chance->getInt(0, 2) === 0) {
            usort($moved, fn (int $a, int $b): int => [$this->jobs[$a]->until, $a] <=> [$this->jobs[$b]->until, $b]);

            return $moved;
        }

        return $chance->shuffleArray($moved);
    }

    /** @param  array<int, Placement|null>  $placed  by job */
    private function schedule(array $placed): Schedule
    {
        $not = $this->tooBig;
        foreach ($this->jobs as $at => $job) {
            if ($placed[$at] === null) {
                array_push($not, ...array_keys($job->serves));
            }
        }
        $not = array_values(array_unique($not));
        sort($not);
        // Half a table is no table: what of it has a place is not cooked either, but for what is on already.
        $placements = [...$this->night->running, ...array_values(array_filter($placed, static fn (?Placement $placement): bool => $placement !== null && array_intersect(array_keys($placement->serves), $not) === []))];
        usort($placements, static fn (Placement $a, Placement $b): int => [$a->on, $a->ring] <=> [$b->on, $b->ring]);

        return new Schedule($this->night, $placements, $not);
    }
}
