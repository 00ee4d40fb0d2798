<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** Cooks and weighings that do not fit any other: they are named and kept out, a quarter of the cooks at most. */
final readonly class Outliers
{
    /** Of fewer cooks nobody can say which does not fit. */
    private const FEW = 4;

    /** No more of them than one in so many are kept out. */
    private const MOST = 4;

    /** They are looked for again without those that were found first. */
    private const PASSES = 3;

    /** A whole cook is named only so many times as far off as a weighing: cooks differ more than a normal distribution has it. */
    private const COOK = 2.5;

    /** No more than so many would be named in a kitchen in which every cook fits. */
    private const FALSELY = 0.05;

    /** @return list<Outlier> the furthest first; the posterior is settled without them */
    public static function keptOutOf(Posterior $posterior): array
    {
        $named = [];
        $count = count($posterior->lessons);
        for ($pass = 0; $pass < self::PASSES && $count >= self::FEW && count($named) < intdiv($count, self::MOST); $pass++) {
            $found = array_diff_key(self::in($posterior), $named);
            if ($found === []) {
                break;
            }
            uasort($found, static fn (Outlier $a, Outlier $b): int => abs($b->apart) <=> abs($a->apart));
            foreach (array_slice($found, 0, max(1, intdiv(intdiv($count, self::MOST) - count($named), 2)), true) as $i => $outlier) {
                $named[$i] = $outlier;
                $outlier->rows === [] ? $posterior->cooks()[$i]->keepOut() : array_map($posterior->cooks()[$i]->keepOutObservation(...), $outlier->rows);
            }
            $posterior->settle();
        }

        return array_values($named);
    }

    /** @return array<int, Outlier> by lesson */
    private static function in(Posterior $posterior): array
    {
        $found = [];
        $bar = self::bar(count($posterior->lessons));
        foreach ($posterior->cooks() as $i => $cook) {
            $worst = null;
            $rows = [];
            foreach ($cook->weighings() as $weighing) {
                if (abs($weighing['apart']) > $bar) {
                    $rows[] = $weighing['row'];
                    $worst = $worst === null || abs($weighing['apart']) > abs($worst['apart']) ? $weighing : $worst;
                }
            }
            if ($worst !== null) {
                $found[$i] = new Outlier($i, $posterior->lessons[$i]->id, $worst['kind'] === Observation::BASE ? 'base-yield' : 'ring-power', self::place($posterior, $i, $worst['kind'] === Observation::BASE ? 'base-yield' : 'ring-power'), $worst['apart'], grams: $worst['grams'], rows: $rows);

                continue;
            }
            foreach ($posterior->lessons[$i]->effects as $e => $effect) {
                $place = (isset(Effect::SCATTER[$effect->of]) && $effect->of !== 'stock-temperature' && $effect->of !== 'ladle') ? $cook->places()[$e][0] : null;
                $told = $place === null ? null : $cook->estimate($e);
                if ($told === null) {
                    continue;
                }
                $apart = $told['moved'] / hypot($told['spread'], $posterior->spread($cook->places()[$e]));
                if (abs($apart) > max(self::COOK * $bar, abs($found[$i]->apart ?? 0.0))) {
                    $found[$i] = new Outlier($i, $posterior->lessons[$i]->id, $effect->of, $place, $apart, off: $posterior->mean[$place] + $told['off'], spread: $told['spread']);
                }
            }
        }

        return $found;
    }

    private static function place(Posterior $posterior, int $i, string $of): int
    {
        foreach ($posterior->lessons[$i]->effects as $e => $effect) {
            if ($effect->of === $of) {
                return $posterior->cooks()[$i]->places()[$e][0];
            }
        }

        return 0;
    }

    /** So many standard deviations off, by how many cooks there are: the more of them, the further off one of them is by chance. */
    private static function bar(int $cooks): float
    {
        $bar = 3.0;
        while ($cooks * 2 * (1 - SaidWord::below($bar)) > self::FALSELY) {
            $bar += 0.05;
        }

        return $bar;
    }
}
