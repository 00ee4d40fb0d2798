<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** Hands needed against hands there, through a night. */
final readonly class Hands
{
    public function __construct(private Night $night) {}

    /**
     * What is needed and who is there, from each minute at which either changes.
     *
     * @param  list<Placement>  $placements
     *
     * @return list<array{float, float, int}> min of the night, pairs of hands needed, pairs there
     */
    public function curve(array $placements): array
    {
        $changes = [];
        foreach ([...array_merge(...array_map(static fn (Placement $placement): array => $placement->hands(), $placements), ...[[]]), ...$this->night->taken] as $share) {
            array_push($changes, [round($share->from, 3), $share->share, 0], [round($share->to, 3), -$share->share, 0]);
        }
        foreach ($this->night->hands as $hand) {
            array_push($changes, [round($hand->from, 3), 0.0, $hand->count], [round($hand->to, 3), 0.0, -$hand->count]);
        }
        usort($changes, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $curve = [];
        [$needed, $there] = [0.0, 0];
        foreach ($changes as $at => [$minute, $more, $come]) {
            $needed += $more;
            $there += $come;
            if (($changes[$at + 1][0] ?? INF) > $minute) {
                $last = end($curve);
                if ($last === false || abs($last[1] - $needed) > Night::EPSILON || $last[2] !== $there) {
                    $curve[] = [$minute, max(0.0, round($needed, 6)), $there];
                }
            }
        }

        return $curve;
    }

    /**
     * From when to when more hands are needed than are there; null where they always suffice.
     *
     * @param  list<Placement>  $placements
     *
     * @return array{float, float}|null min of the night, to the half minute outwards
     */
    public function short(array $placements): ?array
    {
        $curve = $this->curve($placements);
        [$from, $to] = [null, null];
        foreach ($curve as $at => [$minute, $needed, $there]) {
            if ($needed > $there + Night::EPSILON) {
                $from ??= $minute;
                $to = $curve[$at + 1][0] ?? $minute;
            }
        }

        return $from === null || $to === null ? null : [floor($from / Occupancy::STEP) * Occupancy::STEP, (ceil($to / Occupancy::STEP) + 1) * Occupancy::STEP];
    }
}
