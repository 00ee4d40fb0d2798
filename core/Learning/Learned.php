<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Planning\Ask;

/**
 * What the cooks of a kitchen teach of its rings, its rice and its bases, all of it together: one believes a ring only as far as one knows what the
 * rice on it has drunk. A cook that does not fit is named and kept out; a ring that has become another is learned anew from then on.
 */
final readonly class Learned
{
    /** A cook that would have a number so many standard deviations off is not believed. */
    private const OUT = 3.5;

    /** Of fewer cooks nobody can say which does not fit. */
    private const FEW = 4;

    /** So many are looked at again at once. */
    private const AT_ONCE = 20;

    /** No more of them than one in so many are kept out. */
    private const MOST_OUT = 4;

    /** A ring is another where that makes all that was found and said on it so many times as likely, added up over the moments since when it could be; where those are more, as many times as they are. */
    private const LIKELIER = 10;

    /** And where it gives another by so much, in the logarithm: a jet, not a pan put down beside its flame. */
    private const CHANGED_BY = 0.15;

    /** It is looked for where the cooks before and after tell it so many standard deviations apart, and there at so many moments, the most telling first. */
    private const APART = 1.0;

    private const MOMENTS = 8;

    /** And at least so many cooks tell of it on either side. */
    private const EITHER_SIDE = 2;

    /**
     * @param  list<LearnedNumber>  $numbers
     * @param  list<string>  $keys
     * @param  array<int, float>  $mean
     */
    private function __construct(public array $numbers, private array $keys, private array $mean) {}

    /**
     * @param  list<Lesson>  $lessons  in any order
     * @param  array<string, float>  $given  what is taken for a number now, by its key; what is not there is as it was at its last cook
     */
    public static function from(array $lessons, array $given = []): self
    {
        usort($lessons, static fn (Lesson $a, Lesson $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $solution = new Solution($lessons, [], [], $given);
        $since = self::changes($lessons, $solution, $given);
        $out = [];
        $solution = $since === [] ? $solution : new Solution($lessons, $since, [], $given, $solution);
        $most = intdiv(count($lessons), self::MOST_OUT);
        while (count($lessons) >= self::FEW && count($out) < $most && ($wild = self::wild($lessons, $solution, array_keys($out))) !== []) {
            foreach (array_slice($wild, 0, min($most - count($out), 1 + intdiv(count($lessons), self::AT_ONCE))) as $one) {
                $out[$one['lesson']] = $one;
            }
            $solution = new Solution($lessons, $since, array_keys($out), $given, $solution);
        }

        return self::numbered($lessons, $solution, $since, $out);
    }

    /**
     * Since when a ring is another, by its key.
     *
     * @param  list<Lesson>  $lessons  in order of time
     * @param  array<string, float>  $given
     *
     * @return array<string, int> ms since 1970
     */
    private static function changes(array $lessons, Solution $solution, array $given): array
    {
        $since = [];
        foreach ($solution->keys as $place => $key) {
            if ($solution->hidden[$place]->of !== 'ring-power' || $solution->hidden[$place]->mark !== null) {
                continue;
            }
            $told = array_values(array_filter(array_map(static fn (int $i): ?array => $solution->told($i, $key), array_keys($lessons)), static fn (?array $one): bool => $one !== null));
            $on = array_values(array_filter($lessons, static fn (Lesson $one): bool => in_array($key, array_map(static fn (Hidden $one): string => $one->key(), $one->hidden), true)));
            $since[$key] = self::changed($on, $key, array_map(static fn (int $split): int => $lessons[$told[$split]['lesson']]->at, self::moments($told)), count($told), $given);
        }

        return array_filter($since, is_int(...));
    }

    /**
     * Since when a ring is another.
     *
     * @param  list<Lesson>  $lessons  that were cooked on it, in order of time
     * @param  list<int>  $moments  ms since 1970, of which it may be one
     * @param  int  $told  so many of its cooks tell of it
     * @param  array<string, float>  $given
     *
     * @return int|null null where it is none
     */
    private static function changed(array $lessons, string $key, array $moments, int $told, array $given): ?int
    {
        if ($moments === []) {
            return null;
        }
        $one = new Solution($lessons, [], [], $given);
        [$since, $most, $all] = [null, 0.0, 0.0];
        foreach ($moments as $moment) {
            $two = new Solution($lessons, [$key => $moment], [], $given, $one);
            if (abs($two->meanOf($key) - $two->meanOf(Solution::BEFORE.$key)) < self::CHANGED_BY) {
                continue;
            }
            $likelier = exp($two->evidence() - $one->evidence());
            $all += $likelier;
            if ($likelier > $most) {
                [$since, $most] = [$moment, $likelier];
            }
        }

        return $all > max(self::LIKELIER, $told + 1 - 2 * self::EITHER_SIDE) ? $since : null;
    }

    /**
     * Where what one cook after the other tells of a ring may become another.
     *
     * @param  list<array{lesson: int, off: float, spread: float}>  $told
     *
     * @return list<int> how many of them lie before, the most telling first
     */
    private static function moments(array $told): array
    {
        $apart = [];
        for ($split = self::EITHER_SIDE; $split <= count($told) - self::EITHER_SIDE; $split++) {
            [$before, $spreadBefore] = self::mean(array_slice($told, 0, $split));
            [$after, $spreadAfter] = self::mean(array_slice($told, $split));
            $apart[$split] = abs($after - $before) / hypot($spreadBefore, $spreadAfter);
        }
        arsort($apart);

        return array_slice(array_keys(array_filter($apart, static fn (float $one): bool => $one > self::APART)), 0, self::MOMENTS);
    }

    /**
     * @param  list<array{lesson: int, off: float, spread: float}>  $told
     *
     * @return array{float, float}
     */
    private static function mean(array $told): array
    {
        $weights = array_map(static fn (array $one): float => 1 / $one['spread'] ** 2, $told);

        return [array_sum(array_map(static fn (array $one, float $weight): float => $weight * $one['off'], $told, $weights)) / array_sum($weights), 1 / sqrt(array_sum($weights))];
    }

    /**
     * Cooks that do not fit, the worst first, each by the number that it fits least.
     *
     * @param  list<Lesson>  $lessons
     * @param  list<int>  $out  those that are out already
     *
     * @return list<array{lesson: int, key: string, off: float, spread: float, apart: float}>
     */
    private static function wild(array $lessons, Solution $solution, array $out): array
    {
        $wild = [];
        foreach (array_diff(array_keys($lessons), $out) as $i) {
            foreach ($lessons[$i]->hidden as $hidden) {
                $key = $solution->keyOf($hidden, $lessons[$i]);
                $place = $solution->placeOf($key);
                $told = $solution->told($i, $key);
                if ($told === null || $place === null || $hidden->mark !== null) {
                    continue;
                }
                $apart = abs($told['off'] - $solution->mean[$place]) / hypot($told['spread'], sqrt($solution->covariance[$place][$place]));
                if ($apart > max(self::OUT, $wild[$i]['apart'] ?? 0.0)) {
                    $wild[$i] = ['lesson' => $i, 'key' => $key, 'off' => $told['off'], 'spread' => $told['spread'], 'apart' => $apart];
                }
            }
        }
        usort($wild, static fn (array $a, array $b): int => $b['apart'] <=> $a['apart']);

        return $wild;
    }

    /**
     * @param  list<Lesson>  $lessons
     * @param  array<string, int>  $since
     * @param  array<int, array{lesson: int, key: string, off: float, spread: float, apart: float}>  $out
     */
    private static function numbered(array $lessons, Solution $solution, array $since, array $out): self
    {
        $numbers = [];
        foreach ($solution->keys as $place => $key) {
            $hidden = $solution->hidden[$place];
            if (str_starts_with($key, Solution::BEFORE)) {
                continue;
            }
            $cooks = count(array_filter(array_keys($lessons), static fn (int $i): bool => ! isset($out[$i]) && $solution->told($i, $key) !== null));
            $outliers = array_values(array_map(static fn (array $one): array => ['cook' => $lessons[$one['lesson']]->id, 'off' => $one['off'], 'spread' => $one['spread']], array_filter($out, static fn (array $one): bool => $one['key'] === $key)));
            // What a mark gives is its ring and what it is off that.
            $with = $hidden->mark === null ? [$place] : [$place, (int) $solution->placeOf(Hidden::ring($hidden->whose)->key())];
            $variance = 0.0;
            foreach ($with as $a) {
                foreach ($with as $b) {
                    $variance += $solution->covariance[$a][$b];
                }
            }
            $numbers[] = new LearnedNumber($hidden, $solution->given[$place], array_sum(array_map(static fn (int $at): float => $solution->mean[$at], $with)), sqrt($variance), $cooks, $since[Hidden::ring($hidden->whose)->key()] ?? null, $outliers);
        }

        return new self($numbers, $solution->keys, $solution->mean);
    }

    /** An ask as it would be asked with what was learned. */
    public function in(Ask $ask, string $ring, string $rice, string $dish): Ask
    {
        foreach ([Hidden::ring($ring), ...array_map(static fn (int|string $mark): Hidden => Hidden::mark($ring, (string) $mark), array_keys($ask->burner->net)), Hidden::drinking($rice), Hidden::doneness($rice), Hidden::crust($rice), Hidden::base($dish)] as $hidden) {
            $place = array_search($hidden->key(), $this->keys, true);
            $ask = is_int($place) ? $hidden->in($ask, $this->mean[$place]) : $ask;
        }

        return $ask;
    }
}
