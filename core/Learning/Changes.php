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
    private const LIKELIER = 12.0;

    /** And where it is another by so much, in the logarithm: a jet and not a pan put down beside its flame, a sack and not a batch. */
    private const BY = ['ring-power' => 0.15, 'drinking' => 0.06];

    /** At least so many cooks tell of it on either side. */
    private const EITHER_SIDE = 2;

    /** A cook tells of it if its own word has no wider a spread than this. */
    private const TELLS = 0.35;

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
        $cooks = $posterior->cooks();
        $size = count($posterior->keys);
        $told = [];
        foreach ($cooks as $i => $cook) {
            foreach ($cook->places() as $places) {
                if (in_array($place, $places, true)) {
                    $says = $cook->says();
                    $told[$i] = $says === null ? null : [$cook->places(), ...$says];
                    break;
                }
            }
        }
        $told = array_filter($told);
        // Of the difference between after and before: precision with all parameters, with itself, and pull, of all cooks from a moment on.
        $with = array_fill(0, $size, 0.0);
        $itself = $pull = 0.0;
        $prior = 2 * $posterior->parameters[$place]->prior ** 2;
        $after = 0;
        $all = count(array_filter($told, static fn (array $one): bool => self::of($one, $place)[1] >= 1 / self::TELLS ** 2));
        $logs = [];
        foreach (array_reverse($told, true) as $i => $one) {
            [$row, $own, $h] = self::of($one, $place);
            foreach ($row as $at => $sum) {
                $with[$at] += $sum;
            }
            $itself += $own;
            $pull += $h;
            if ($own < 1 / self::TELLS ** 2) {
                continue;
            }
            $after++;
            if ($after < self::EITHER_SIDE || $all - $after < self::EITHER_SIDE) {
                continue;
            }
            $left = $itself;
            foreach ($with as $p => $a) {
                if ($a !== 0.0) {
                    foreach ($with as $q => $b) {
                        $left -= $a * $b * $posterior->covariance[$p][$q];
                    }
                }
            }
            $residual = $pull;
            foreach ($with as $p => $a) {
                $residual -= $a * $posterior->mean[$p];
            }
            $left = max(0.0, $left);
            $difference = $residual / ($left + 1 / $prior);
            $logs[$i] = $difference * $residual / 2 - log(1 + $left * $prior) / 2;
            if (abs($difference) < (self::BY[$posterior->parameters[$place]->of] ?? INF)) {
                $logs[$i] = -INF;
            }
        }
        if ($logs === [] || max($logs) === -INF) {
            return null;
        }
        arsort($logs);
        $best = reset($logs);
        $likelier = $best + log(array_sum(array_map(static fn (float $log): float => exp($log - $best), $logs)) / count($logs));

        return ['at' => $posterior->lessons[array_key_first($logs)]->at, 'likelier' => $likelier];
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
