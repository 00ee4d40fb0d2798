<?php

declare(strict_types=1);

namespace Velko\Core\Night;

use Velko\Core\Vessel\Batch;
use Velko\Core\Vessel\Batches;

/**
 * What goes into one pan: firings of a dish that share one, and firings that no one pan takes, in parts. The parts are those of the
 * bench ({@see Batches}): the fewest pans that can stand at once, each on a ring of its own, all as full as each other.
 */
final readonly class Jobs
{
    public function __construct(private Night $night, private Timetables $timetables) {}

    /** @return array{list<Job>, list<int>} and the firings that no pan takes */
    public function of(): array
    {
        $jobs = $tooBig = [];
        foreach ($this->groups() as $together) {
            $first = $this->night->firings[$together[0]];
            $most = (int) floor($this->most($first) / $first->grams + 1e-9);
            if ($most < 1) {
                array_push($tooBig, ...$together);
            } elseif (count($together) > 1) {
                $jobs[] = $this->ofSeveral($together);
            } else {
                $covers = $this->night->open($together[0]);
                array_push($jobs, ...$this->parts($together[0], $covers, $covers === $first->covers ? $first->parts : 1));
            }
        }

        return [$jobs, $tooBig];
    }

    /** As much as the largest pan of a firing takes, g raw. */
    public function most(Firing $firing): float
    {
        $most = 0.0;
        foreach ($this->night->placesFor($firing->dish, $this->timetables, $firing) as [, , $takes]) {
            $most = max($most, $takes);
        }

        return $most;
    }

    /**
     * Firings by the pan they share: of one dish, with a minute that is right for all of them, and no more than a pan takes.
     *
     * @return list<non-empty-list<int>>
     */
    private function groups(): array
    {
        $numbers = array_filter(array_keys($this->night->firings), fn (int $number): bool => $this->night->open($number) > 0);
        usort($numbers, fn (int $a, int $b): int => [$this->night->firings[$a]->table, $a] <=> [$this->night->firings[$b]->table, $b]);
        /** @var list<non-empty-list<int>> $groups */
        $groups = [];
        foreach ($numbers as $number) {
            $firing = $this->night->firings[$number];
            $into = $this->night->merge && self::mayShare($firing) ? $this->groupFor($number, $groups) : null;
            $groups = $into === null ? [...$groups, [$number]] : array_map(static fn (array $group, int $at): array => $at === $into ? [...$group, $number] : $group, $groups, array_keys($groups));
        }

        return $groups;
    }

    /** @param  list<non-empty-list<int>>  $groups */
    private function groupFor(int $number, array $groups): ?int
    {
        $firing = $this->night->firings[$number];
        foreach ($groups as $at => $group) {
            $others = array_map(fn (int $number): Firing => $this->night->firings[$number], $group);
            if ($others[0]->dish !== $firing->dish || ! self::mayShare($others[0])) {
                continue;
            }
            $all = [...$others, $firing];
            $from = max(array_map(static fn (Firing $each): float => $each->from(), $all));
            $until = min(array_map(static fn (Firing $each): float => $each->until(), $all));
            if ($from <= $until && array_sum(array_map($this->rice(...), [...$group, $number])) <= $this->most($firing) + 1e-9) {
                return $at;
            }
        }

        return null;
    }

    private static function mayShare(Firing $firing): bool
    {
        return ! $firing->isPinned() && $firing->parts === 1;
    }

    /** Of a firing, what is in no pan yet, g raw. */
    private function rice(int $number): float
    {
        return $this->night->open($number) * $this->night->firings[$number]->grams;
    }

    /** @param  non-empty-list<int>  $numbers */
    private function ofSeveral(array $numbers): Job
    {
        $firings = array_map(fn (int $number): Firing => $this->night->firings[$number], $numbers);
        $from = max(array_map(static fn (Firing $firing): float => $firing->from(), $firings));
        $until = min(array_map(static fn (Firing $firing): float => $firing->until(), $firings));
        $table = min($until, max($from, min(array_map(static fn (Firing $firing): float => $firing->table, $firings))));

        return new Job(array_combine($numbers, array_map($this->night->open(...), $numbers)), $firings[0]->dish, array_sum(array_map($this->rice(...), $numbers)), $from, $table, $until);
    }

    /**
     * @param  int  $least  parts that somebody wants at least
     *
     * @return list<Job> the largest first
     */
    private function parts(int $number, int $covers, int $least): array
    {
        $firing = $this->night->firings[$number];
        $parts = array_map(
            static fn (Batch $batch): int => $batch->covers,
            Batches::among($this->night->placesFor($firing->dish, $this->timetables, $firing), $covers, $firing->grams),
        );
        if (count($parts) < min($least, $covers)) {
            $parts = self::even($covers, min($least, $covers));
        }
        rsort($parts);

        return array_map(static fn (int $mine): Job => new Job(
            [$number => $mine],
            $firing->dish,
            $mine * $firing->grams,
            $firing->from(),
            $firing->table,
            $firing->until(),
            $firing->isPinned() ? $firing : null,
        ), $parts);
    }

    /** @return list<int> */
    private static function even(int $covers, int $parts): array
    {
        return array_map(static fn (int $at): int => intdiv($covers, $parts) + ($at < $covers % $parts ? 1 : 0), range(0, $parts - 1));
    }
}
