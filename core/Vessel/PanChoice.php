<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/** Which pan and which ring for so much rice: the smallest pan that holds it, on the smallest ring that reaches it. */
final class PanChoice
{
    /**
     * @param  array<int, Pan>  $pans  by id
     * @param  array<int, Burner>  $burners  by id
     * @param  float  $rice  g raw
     *
     * @return array{int, int}|null ids of pan and burner
     */
    public static function smallest(array $pans, array $burners, float $rice, Fit $fit): ?array
    {
        foreach (self::pairs($pans, $burners, $fit) as $pair) {
            if ($fit->mostRice($pans[$pair[0]]) >= $rice) {
                return $pair;
            }
        }

        return null;
    }

    /**
     * The pan that takes most, with the smallest ring that serves it.
     *
     * @param  array<int, Pan>  $pans  by id
     * @param  array<int, Burner>  $burners  by id
     *
     * @return array{int, int}|null ids of pan and burner
     */
    public static function largest(array $pans, array $burners, Fit $fit): ?array
    {
        $pairs = self::pairs($pans, $burners, $fit);
        usort($pairs, static fn (array $a, array $b): int => $fit->mostRice($pans[$b[0]]) <=> $fit->mostRice($pans[$a[0]]));

        return $pairs[0] ?? null;
    }

    /**
     * Every pan of the right shape with a ring that reaches it and is strong enough, smallest pan first, smallest ring
     * first; pans of another shape only where there is none.
     *
     * @param  array<int, Pan>  $pans
     * @param  array<int, Burner>  $burners
     *
     * @return list<array{int, int}>
     */
    public static function pairs(array $pans, array $burners, Fit $fit): array
    {
        uasort($pans, static fn (Pan $a, Pan $b): int => $a->baseArea() <=> $b->baseArea());
        uasort($burners, static fn (Burner $a, Burner $b): int => $a->ring <=> $b->ring);
        $suited = $other = [];
        foreach ($pans as $panId => $pan) {
            foreach ($burners as $burnerId => $burner) {
                if ($burner->reaches($pan) && $burner->strongest() >= $fit->heat * $pan->baseArea()) {
                    $fit->suits($pan) ? $suited[] = [$panId, $burnerId] : $other[] = [$panId, $burnerId];
                }
            }
        }

        return $suited === [] ? $other : $suited;
    }
}
