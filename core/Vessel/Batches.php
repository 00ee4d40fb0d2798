<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/**
 * When the covers do not fit one pan: which pans share them.
 *
 * The fewest pans, each on a ring of its own; of those the least floor to heat; the covers shared so that every pan
 * is as full as the others, since a pan that is half empty boils off more a cover. Where all the pans at once do not
 * hold the covers, the pans go round again, and the rounds share the covers in the same way: 14 in a pan of 10 are 7 and 7.
 */
final class Batches
{
    /** More pans at once than this are not tried: a station has not the hands. */
    private const MOST_AT_ONCE = 4;

    /** Sets of pans that are looked at before the best so far is taken. */
    private const MOST_LOOKS = 20_000;

    /**
     * @param  array<int, Pan>  $pans  by id
     * @param  array<int, Burner>  $burners  by id
     * @param  float  $grams  raw rice a cover
     *
     * @return list<Batch> in rounds one after another where they do not fit at once; empty when no pan takes a single cover
     */
    public static function of(array $pans, array $burners, int $covers, float $grams, Fit $fit): array
    {
        $places = array_map(
            static fn (array $pair): array => [...$pair, $fit->mostRice($pans[$pair[0]]), $pans[$pair[0]]->baseArea()],
            PanChoice::pairs($pans, $burners, $fit),
        );

        return self::among($places, $covers, $grams);
    }

    /**
     * The same, where it is known already what may stand where.
     *
     * @param  list<array{0: int, 1: int, 2: float, 3?: float}>  $places  Ids of pan and burner, g of raw rice that the pan takes, its floor in m²; the smallest floor and ring first. Without floors a pan that takes more has more floor.
     * @param  float  $grams  raw rice a cover
     *
     * @return list<Batch> as {@see self::of()} has them
     */
    public static function among(array $places, int $covers, float $grams): array
    {
        $holds = [];
        foreach ($places as $place) {
            [$pan, $burner, $rice] = $place;
            $most = (int) floor($rice / $grams + 1e-9);
            if ($most >= 1) {
                $holds[$pan] ??= ['pan' => $pan, 'most' => $most, 'floor' => $place[3] ?? $rice, 'rings' => []];
                $holds[$pan]['rings'][] = $burner;
            }
        }
        $holds = array_values($holds);
        if ($holds === []) {
            return [];
        }
        $rounds = [];
        for ($left = $covers; $left > 0; $left -= array_sum(array_column(end($rounds), 'most'))) {
            $rounds[] = self::round($holds, $left);
        }

        return self::share($rounds, $covers);
    }

    /**
     * The fewest pans on rings of their own that hold the covers, of those the least floor; or those that hold most.
     *
     * @param  non-empty-list<array{pan: int, most: int, floor: float, rings: list<int>}>  $holds  smallest floor first
     *
     * @return non-empty-list<array{pan: int, burner: int, most: int, floor: float}>
     */
    private static function round(array $holds, int $covers): array
    {
        $best = self::mostOf($holds, 1);
        for ($pans = 1; $pans <= self::MOST_AT_ONCE; $pans++) {
            $best = self::mostOf($holds, $pans);
            if (array_sum(array_column($best, 'most')) >= $covers) {
                $best = self::leastFloor($holds, $pans, $covers, $best);
                break;
            }
        }
        $onRings = self::onRings($best) ?? [];

        /** @var non-empty-list<array{pan: int, burner: int, most: int, floor: float}> */
        return array_map(static fn (array $choice, int $burner): array => ['pan' => $choice['pan'], 'burner' => $burner, 'most' => $choice['most'], 'floor' => $choice['floor']], $best, $onRings);
    }

    /**
     * So many pans that hold most together. Pans that can each have a ring of their own are the independent sets of a matroid, so
     * taking the fullest that still can is best.
     *
     * @param  non-empty-list<array{pan: int, most: int, floor: float, rings: list<int>}>  $holds
     *
     * @return non-empty-list<array{pan: int, most: int, floor: float, rings: list<int>}>
     */
    private static function mostOf(array $holds, int $pans): array
    {
        usort($holds, static fn (array $a, array $b): int => [$b['most'], $a['floor']] <=> [$a['most'], $b['floor']]);
        $set = [$holds[0]];
        foreach (array_slice($holds, 1) as $hold) {
            if (count($set) < $pans && self::onRings([...$set, $hold]) !== null) {
                $set[] = $hold;
            }
        }

        return $set;
    }

    /**
     * Of so many pans that hold the covers those with the least floor; branches that hold too little or have more floor are not
     * followed, and not more than MOST_LOOKS in all.
     *
     * @param  non-empty-list<array{pan: int, most: int, floor: float, rings: list<int>}>  $holds  smallest floor first
     * @param  non-empty-list<array{pan: int, most: int, floor: float, rings: list<int>}>  $best  that hold them
     *
     * @return non-empty-list<array{pan: int, most: int, floor: float, rings: list<int>}>
     */
    private static function leastFloor(array $holds, int $pans, int $covers, array $best): array
    {
        $least = array_sum(array_column($best, 'floor'));
        $fullest = max(array_column($holds, 'most'));
        // Each begun set with what comes next; the last begun is gone on with first.
        $begun = [['set' => [], 'next' => 0, 'held' => 0, 'floor' => 0.0]];
        for ($looks = 0; $begun !== [] && $looks < self::MOST_LOOKS; $looks++) {
            ['set' => $set, 'next' => $next, 'held' => $held, 'floor' => $floor] = array_pop($begun);
            $missing = $pans - count($set);
            if ($missing === 0) {
                if ($set !== [] && $floor < $least && self::onRings($set) !== null) {
                    [$best, $least] = [$set, $floor];
                }

                continue;
            }
            // The pans after it are no smaller: there is nothing less to be found.
            if (! isset($holds[$next]) || $floor + $missing * $holds[$next]['floor'] >= $least) {
                continue;
            }
            $begun[] = ['set' => $set, 'next' => $next + 1, 'held' => $held, 'floor' => $floor];
            if ($held + $holds[$next]['most'] + ($missing - 1) * $fullest >= $covers) {
                $begun[] = ['set' => [...$set, $holds[$next]], 'next' => $next + 1, 'held' => $held + $holds[$next]['most'], 'floor' => $floor + $holds[$next]['floor']];
            }
        }

        return $best;
    }

    /**
     * A ring of its own for each pan, the smallest it can have; null where there are not enough.
     *
     * @param  list<array{pan: int, most: int, floor: float, rings: list<int>}>  $set
     *
     * @return list<int>|null ids of rings, pan by pan
     */
    private static function onRings(array $set): ?array
    {
        $taken = [];
        foreach (array_keys($set) as $pan) {
            $taken = self::withRing($pan, $set, $taken);
            if ($taken === null) {
                return null;
            }
        }
        $rings = array_flip($taken);
        ksort($rings);

        return array_values($rings);
    }

    /**
     * One pan more on a ring; pans that have one move to another where that makes room.
     *
     * @param  list<array{pan: int, most: int, floor: float, rings: list<int>}>  $set
     * @param  array<int, int>  $taken  pan by ring
     * @param  array<int, true>  $asked  rings that were asked for already
     *
     * @return array<int, int>|null pan by ring; null where there is no room
     */
    private static function withRing(int $pan, array $set, array $taken, array &$asked = []): ?array
    {
        foreach ($set[$pan]['rings'] as $ring) {
            if (isset($asked[$ring])) {
                continue;
            }
            $asked[$ring] = true;
            $moved = isset($taken[$ring]) ? self::withRing($taken[$ring], $set, $taken, $asked) : $taken;
            if ($moved !== null) {
                $moved[$ring] = $pan;

                return $moved;
            }
        }

        return null;
    }

    /**
     * All covers over all pans of all rounds, each as full as the others as far as covers are whole.
     *
     * @param  list<non-empty-list<array{pan: int, burner: int, most: int, floor: float}>>  $rounds
     *
     * @return list<Batch> round by round, the largest pan of a round first
     */
    private static function share(array $rounds, int $covers): array
    {
        $most = array_sum(array_map(static fn (array $round): int => array_sum(array_column($round, 'most')), $rounds));
        $batches = [];
        foreach ($rounds as $at => $round) {
            usort($round, static fn (array $a, array $b): int => $b['most'] <=> $a['most']);
            foreach ($round as $share) {
                $mine = min($share['most'], (int) round($covers * $share['most'] / $most));
                $covers -= $mine;
                $most -= $share['most'];
                if ($mine > 0) {
                    $batches[] = new Batch($share['pan'], $share['burner'], $mine, $share['most'], $at + 1);
                }
            }
        }

        return $batches;
    }
}
