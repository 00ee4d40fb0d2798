<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * Change points: since when a ring, or a sack of rice, is another. Each moment between two cooks is asked how much likelier it makes all that
 * was observed if the parameter may differ before and after it (a Bayes factor, in closed form on the normal likelihoods of the cooks); the
 * likeliest of all parameters and moments is taken, and asked again beside it.
 */
final readonly class Changes
{
    /** A parameter has changed if that makes all that was observed so many times as likely, as the mean of all moments at which it could. */
    private const LIKELIER = 8.0;

    /** A change counts if the logarithm moved by so much: a new jet moves it so far, a pan beside its flame does not. */
    private const BY = ['ring-power' => 0.15, 'drinking' => 0.06];

    /** At least so many cooks tell of it on either side. */
    private const EITHER_SIDE = 2;

    /** A cook tells of it if its own word has no wider a spread than this. */
    private const TELLS = 0.35;

    /** How often each becomes another, a cook: a jet, a sack that differs from the last (our estimates). */
    private const RATE = ['ring-power' => 0.005, 'drinking' => 0.02];

    /** What is hardly likely moves nothing. */
    private const HARDLY = 1e-6;

    /** No kitchen's log has more. */
    private const MOST = 8;

    /**
     * @param  array<string, float>  $now  As {@see Posterior} has it.
     *
     * @return array{Posterior, array<string, list<int>>} with the changes, in ms since 1970 and in order of time, by key
     */
    public static function in(Posterior $posterior, array $now): array
    {
        $changes = [];
        for ($found = 0; $found < self::MOST; $found++) {
            $best = null;
            foreach ($posterior->keys as $place => $key) {
                $candidate = $posterior->parameters[$place]->mayChange() ? self::candidate($posterior, $place) : null;
                if ($candidate !== null && $candidate['likelier'] > ($best['likelier'] ?? log(self::LIKELIER))) {
                    $best = $candidate + ['key' => $posterior->parameters[$place]->key()];
                }
            }
            if ($best === null) {
                break;
            }
            $changes[$best['key']][] = $best['at'];
            sort($changes[$best['key']]);
            $posterior = new Posterior($posterior->lessons, $changes, $now, $posterior);
        }

        return [$posterior, $changes];
    }

    /** @return array{at: int, likelier: float}|null the likeliest moment, ms since 1970; and how much likelier the mean of all moments is, in the logarithm */
    private static function candidate(Posterior $posterior, int $place): ?array
    {
        $by = self::BY[$posterior->parameters[$place]->of] ?? INF;
        $logs = array_map(static fn (array $moment): float => abs($moment['difference']) < $by ? -INF : $moment['likelier'], self::moments($posterior, $place, self::EITHER_SIDE));
        if ($logs === [] || max($logs) === -INF) {
            return null;
        }
        arsort($logs);
        $best = reset($logs);
        $likelier = $best + log(array_sum(array_map(static fn (float $log): float => exp($log - $best), $logs)) / count($logs));

        // Of few cooks that is not enough: a change is rarer than chance among them.
        $oftener = log(count($logs) * (self::RATE[$posterior->parameters[$place]->of] ?? 0.0));

        return ['at' => $posterior->lessons[array_key_first($logs)]->at, 'likelier' => min($likelier, $likelier + $oftener + log(self::LIKELIER))];
    }

    /**
     * What is believed if one more ring or rice may have changed that nobody can name yet: the mean of that it did not, and of each moment at
     * which it may have, by how likely each makes all that was observed (Bayesian model averaging; Hoeting and others 1999).
     *
     * @return array{array<int, float>, array<int, array<int, float>>} mean and covariance
     */
    public static function averaged(Posterior $posterior): array
    {
        $moments = [];
        $highest = 0.0;
        foreach ($posterior->parameters as $place => $parameter) {
            $rate = self::RATE[$parameter->of] ?? 0.0;
            foreach ($rate > 0.0 && $parameter->mayChange() && Posterior::isNow($posterior->keys[$place]) ? self::moments($posterior, $place, 0) : [] as $moment) {
                $moments[] = [$place, $moment, log($rate) + $moment['likelier']];
                $highest = max($highest, log($rate) + $moment['likelier']);
            }
        }
        $all = exp(-$highest) + array_sum(array_map(static fn (array $moment): float => exp($moment[2] - $highest), $moments));
        $n = count($posterior->keys);
        $moved = array_fill(0, $n, 0.0);
        $more = array_fill(0, $n, $moved);
        foreach ($moments as [$place, $moment, $log]) {
            $share = exp($log - $highest) / $all;
            if ($share < self::HARDLY) {
                continue;
            }
            // What is so now moves by the difference, all else by what it explained of that difference.
            $goes = array_fill(0, $n, 0.0);
            $goes[$place] = 1.0;
            foreach ($moment['with'] as $p => $a) {
                foreach ($a === 0.0 ? [] : $posterior->covariance[$p] as $q => $c) {
                    $goes[$q] -= $a * $c;
                }
            }
            $square = $share * (1 / $moment['precision'] + $moment['difference'] ** 2);
            foreach ($goes as $p => $a) {
                $moved[$p] += $share * $moment['difference'] * $a;
                foreach ($goes as $q => $b) {
                    $more[$p][$q] += $square * $a * $b;
                }
            }
        }
        $mean = $covariance = [];
        foreach ($posterior->mean as $p => $average) {
            $mean[$p] = $average + $moved[$p];
            foreach ($posterior->covariance[$p] as $q => $c) {
                $covariance[$p][$q] = $c + $more[$p][$q] - $moved[$p] * $moved[$q];
            }
        }

        return [$mean, $covariance];
    }

    /**
     * Each moment at which a parameter may have become another.
     *
     * @param  int  $side  At least so many cooks tell of it on either side.
     *
     * @return array<int, array{likelier: float, difference: float, precision: float, with: array<int, float>}> by the first lesson after it: how
     *                                                                                                          much likelier it makes all that was observed, in the logarithm; the difference between after and before, and what it is known by; and its precision with each parameter
     */
    private static function moments(Posterior $posterior, int $place, int $side): array
    {
        $told = [];
        foreach ($posterior->cooks() as $i => $cook) {
            foreach ($cook->places() as $places) {
                if (in_array($place, $places, true)) {
                    $says = $cook->says();
                    $told[$i] = $says === null ? null : self::of([$cook->places(), ...$says], $place);
                    break;
                }
            }
        }
        $told = array_filter($told);
        // Of the difference between after and before: precision with all parameters, with itself, and pull, of all cooks from a moment on.
        $with = array_fill(0, count($posterior->keys), 0.0);
        $itself = $pull = 0.0;
        $prior = 2 * $posterior->parameters[$place]->prior ** 2;
        $after = 0;
        $all = count(array_filter($told, static fn (array $pair): bool => $pair[1] >= 1 / self::TELLS ** 2));
        $moments = [];
        foreach (array_reverse($told, true) as $i => [$row, $own, $h]) {
            foreach ($row as $at => $sum) {
                $with[$at] += $sum;
            }
            $itself += $own;
            $pull += $h;
            if ($own < 1 / self::TELLS ** 2) {
                continue;
            }
            $after++;
            if ($after < $side || $all - $after < $side) {
                continue;
            }
            $left = $itself;
            $residual = $pull;
            foreach ($with as $p => $a) {
                $residual -= $a * $posterior->mean[$p];
                foreach ($a === 0.0 ? [] : $with as $q => $b) {
                    $left -= $a * $b * $posterior->covariance[$p][$q];
                }
            }
            $left = max(0.0, $left);
            $difference = $residual / ($left + 1 / $prior);
            $moments[$i] = ['likelier' => $difference * $residual / 2 - log(1 + $left * $prior) / 2, 'difference' => $difference, 'precision' => $left + 1 / $prior, 'with' => $with];
        }

        return $moments;
    }

    /**
     * What a cook says of one parameter.
     *
     * @param  array{array<int, array<int, int>>, array<int, array<int, float>>, array<int, float>}  $told
     *
     * @return array{array<int, float>, float, float} precision with each parameter, with itself, and pull
     */
    private static function of(array $told, int $place): array
    {
        [$places, $precision, $pull] = $told;
        $row = [];
        $itself = $h = 0.0;
        foreach ($places as $e => $at) {
            if (! in_array($place, $at, true)) {
                continue;
            }
            $h += $pull[$e];
            foreach ($places as $f => $others) {
                foreach ($others as $q) {
                    $row[$q] = ($row[$q] ?? 0.0) + $precision[$e][$f];
                }
                $itself += in_array($place, $others, true) ? $precision[$e][$f] : 0.0;
            }
        }

        return [$row, $itself, $h];
    }
}
