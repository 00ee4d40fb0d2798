<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** What goes into one pan: firings of a dish that share one, and firings that no one pan takes, in as many even parts as they need. */
final readonly class Parcels
{
    public function __construct(private Night $night, private Lengths $lengths) {}

    /**
     * @param  int|null  $halved  a firing that is cooked in two pans though one would take it
     *
     * @return array{list<Parcel>, list<int>} and the firings that no pan takes
     */
    public function of(?int $halved = null): array
    {
        $parcels = $tooBig = [];
        foreach ($this->shared($halved) as $together) {
            $first = $this->night->firings[$together[0]];
            $most = $this->most($first);
            $covers = array_sum(array_map(fn (int $one): int => $this->night->firings[$one]->covers, $together));
            if ($most < 1) {
                array_push($tooBig, ...$together);
            } elseif (count($together) > 1) {
                $parcels[] = $this->together($together);
            } else {
                array_push($parcels, ...$this->parts($together[0], $covers, max((int) ceil($covers / $most), $together[0] === $halved ? 2 : 1)));
            }
        }

        return [$parcels, $tooBig];
    }

    /** As many covers as the largest pan of a firing takes. */
    public function most(Firing $one): int
    {
        $most = 0;
        foreach ($this->night->placesFor($one->dish, $this->lengths, $one) as [, , $takes]) {
            $most = max($most, $takes);
        }

        return $most;
    }

    /**
     * Firings by the pan they share: of one dish, with a minute that is right for all of them, and no more than a pan takes.
     *
     * @return list<non-empty-list<int>>
     */
    private function shared(?int $halved): array
    {
        $numbers = array_keys($this->night->firings);
        usort($numbers, fn (int $a, int $b): int => [$this->night->firings[$a]->table, $a] <=> [$this->night->firings[$b]->table, $b]);
        /** @var list<non-empty-list<int>> $groups */
        $groups = [];
        foreach ($numbers as $number) {
            $one = $this->night->firings[$number];
            $into = $this->night->merge && ! $one->isPinned() && $number !== $halved ? $this->groupFor($one, $groups, $halved) : null;
            $groups = $into === null ? [...$groups, [$number]] : array_map(static fn (array $group, int $at): array => $at === $into ? [...$group, $number] : $group, $groups, array_keys($groups));
        }

        return $groups;
    }

    /** @param  list<non-empty-list<int>>  $groups */
    private function groupFor(Firing $one, array $groups, ?int $halved): ?int
    {
        foreach ($groups as $at => $group) {
            $others = array_map(fn (int $number): Firing => $this->night->firings[$number], $group);
            if ($others[0]->dish !== $one->dish || $others[0]->isPinned() || in_array($halved, $group, true)) {
                continue;
            }
            $all = [...$others, $one];
            $from = max(array_map(static fn (Firing $each): float => $each->from(), $all));
            $until = min(array_map(static fn (Firing $each): float => $each->until(), $all));
            if ($from <= $until && array_sum(array_map(static fn (Firing $each): int => $each->covers, $all)) <= $this->most($one)) {
                return $at;
            }
        }

        return null;
    }

    /** @param  non-empty-list<int>  $numbers */
    private function together(array $numbers): Parcel
    {
        $firings = array_map(fn (int $number): Firing => $this->night->firings[$number], $numbers);
        $from = max(array_map(static fn (Firing $one): float => $one->from(), $firings));
        $until = min(array_map(static fn (Firing $one): float => $one->until(), $firings));
        $table = min($until, max($from, min(array_map(static fn (Firing $one): float => $one->table, $firings))));

        return new Parcel(array_combine($numbers, array_map(static fn (Firing $one): int => $one->covers, $firings)), $firings[0]->dish, $from, $table, $until);
    }

    /** @return list<Parcel> */
    private function parts(int $number, int $covers, int $parts): array
    {
        $one = $this->night->firings[$number];
        $parts = min($parts, $covers);
        $parcels = [];
        for ($left = $parts; $left > 0; $left--) {
            $mine = (int) ceil($covers / $left);
            $covers -= $mine;
            $parcels[] = new Parcel([$number => $mine], $one->dish, $one->from(), $one->table, $one->until(), $one->isPinned() ? $one : null);
        }

        return $parcels;
    }
}
