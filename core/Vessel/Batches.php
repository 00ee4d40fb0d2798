<?php

declare(strict_types=1);

namespace Velko\Core\Vessel;

/**
 * When the covers do not fit one pan: which pans share them.
 *
 * The fewest pans, each on a ring of its own; of those the least floor to heat; the covers shared so that every pan
 * is as full as the others, since a pan that is half empty boils off more a cover. Where all the pans at once do not
 * hold the covers, the pans go round again.
 */
final class Batches
{
    /** More pans at once than this are not tried: a station has not the hands. */
    private const MOST_AT_ONCE = 4;

    /**
     * @param  array<int, Pan>  $pans  by id
     * @param  array<int, Burner>  $burners  by id
     * @param  float  $grams  raw rice a cover
     *
     * @return list<Batch> in rounds one after another where they do not fit at once; empty when no pan takes a single cover
     */
    public static function of(array $pans, array $burners, int $covers, float $grams, Fit $fit): array
    {
        $holds = [];
        foreach (Choosing::pairs($pans, $burners, $fit) as [$pan, $burner]) {
            $most = (int) floor($fit->mostRice($pans[$pan]) / $grams + 1e-9);
            if ($most >= 1) {
                $holds[] = ['pan' => $pan, 'burner' => $burner, 'most' => $most, 'floor' => $pans[$pan]->baseArea()];
            }
        }
        if ($holds === []) {
            return [];
        }
        $batches = [];
        for ([$left, $number] = [$covers, 1]; $left > 0; $left -= $taken, $number++) {
            $round = self::round($holds, $left);
            $taken = min($left, array_sum(array_column($round, 'most')));
            array_push($batches, ...self::share($round, $taken, $number));
        }

        return $batches;
    }

    /**
     * The fewest pans on rings of their own that hold the covers, or those that hold most.
     *
     * @param  non-empty-list<array{pan: int, burner: int, most: int, floor: float}>  $holds
     *
     * @return non-empty-list<array{pan: int, burner: int, most: int, floor: float}>
     */
    private static function round(array $holds, int $covers): array
    {
        $best = [$holds[0]];
        for ($pans = 1; $pans <= self::MOST_AT_ONCE; $pans++) {
            foreach (self::combinations($holds, $pans) as $set) {
                if (self::better($set, $best, $covers)) {
                    $best = $set;
                }
            }
            if (array_sum(array_column($best, 'most')) >= $covers) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<array{pan: int, burner: int, most: int, floor: float}>  $a
     * @param  non-empty-list<array{pan: int, burner: int, most: int, floor: float}>  $b
     */
    private static function better(array $a, array $b, int $covers): bool
    {
        $heldA = min($covers, array_sum(array_column($a, 'most')));
        $heldB = min($covers, array_sum(array_column($b, 'most')));

        return [$heldA, -count($a), -array_sum(array_column($a, 'floor'))] > [$heldB, -count($b), -array_sum(array_column($b, 'floor'))];
    }

    /**
     * @param  list<array{pan: int, burner: int, most: int, floor: float}>  $holds
     *
     * @return iterable<non-empty-list<array{pan: int, burner: int, most: int, floor: float}>>
     */
    private static function combinations(array $holds, int $size, int $from = 0): iterable
    {
        for ($i = $from; $i < count($holds); $i++) {
            if ($size === 1) {
                yield [$holds[$i]];

                continue;
            }
            foreach (self::combinations($holds, $size - 1, $i + 1) as $rest) {
                if (! in_array($holds[$i]['pan'], array_column($rest, 'pan'), true) && ! in_array($holds[$i]['burner'], array_column($rest, 'burner'), true)) {
                    yield [$holds[$i], ...$rest];
                }
            }
        }
    }

    /**
     * @param  non-empty-list<array{pan: int, burner: int, most: int, floor: float}>  $round
     *
     * @return list<Batch>
     */
    private static function share(array $round, int $covers, int $number): array
    {
        usort($round, static fn (array $a, array $b): int => $b['most'] <=> $a['most']);
        $most = array_sum(array_column($round, 'most'));
        $batches = [];
        foreach ($round as $one) {
            $mine = (int) round($covers * $one['most'] / $most);
            $mine = min($one['most'], $mine);
            $covers -= $mine;
            $most -= $one['most'];
            if ($mine > 0) {
                $batches[] = new Batch($one['pan'], $one['burner'], $mine, $one['most'], $number);
            }
            if ($most <= 0) {
                break;
            }
        }

        return $batches;
    }
}
