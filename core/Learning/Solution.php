<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Live\Measured;

/** All lessons of a kitchen added up: each number as all of them together have it. */
final class Solution
{
    private const LOOKS = 6;

    /** So many measurements are as good as they are thought to be, before any has been seen. */
    private const AS_GOOD = 10.0;

    /** Measurements are no better than so much of that, and no worse than so many times, as a variance. */
    private const BEST = 0.6;

    private const WORST = 4.0;

    /** A word that is all that is known of its thought has nothing else. */
    private const ITSELF = 0.999;

    /** What is known of a ring from before it became another. */
    public const BEFORE = 'before|';

    /** A cook that tells no more than this of a number tells nothing of it, one standard deviation. */
    private const NOTHING = 0.35;

    /** @var list<string> */
    public readonly array $keys;

    /** @var list<Hidden> by the place of their key */
    public readonly array $hidden;

    /** @var list<float> what is taken for each now, by place: logarithms count from there */
    public readonly array $given;

    /** @var array<int, float> by place */
    public array $mean;

    /** @var array<int, array<int, float>> */
    public array $covariance = [];

    /** How good the kitchen's measurements are, as a variance against what they are thought to be. */
    private float $noise = 1.0;

    /** @var array<int, list<int>> places of what a lesson tells of, by lesson */
    private readonly array $places;

    /** @var array<int, array<int, array{float, float}>> what each word adds, by lesson and finding: a precision, and about what thought */
    private array $words = [];

    /**
     * @param  list<Lesson>  $lessons  in order of time
     * @param  array<string, int>  $since  ms since 1970 from which a ring is another, by its key
     * @param  list<int>  $out  lessons that are not believed
     * @param  array<string, float>  $now  what is taken for a number now, by its key; else as at its last cook
     */
    public function __construct(private readonly array $lessons, private readonly array $since, array $out, array $now = [])
    {
        $hidden = $places = $given = [];
        foreach ($lessons as $i => $lesson) {
            $places[$i] = [];
            foreach ($lesson->hidden as $at => $one) {
                $key = $this->keyOf($one, $lesson);
                $hidden[$key] ??= $one;
                $places[$i][] = (int) array_search($key, array_keys($hidden), true);
                $given[$key] = $lesson->given[$at];
            }
        }
        $this->keys = array_keys($hidden);
        $this->hidden = array_values($hidden);
        $this->given = array_map(static fn (string $key): float => $now[str_replace(self::BEFORE, '', $key)] ?? $given[$key], array_keys($hidden));
        $this->places = $places;
        $believed = array_diff_key($lessons, array_flip($out));
        $before = array_map(static fn (Hidden $one): float => $one->spread, $this->hidden);
        $this->mean = array_fill(0, count($hidden), 0.0);
        for ($look = 0; $look < self::LOOKS; $look++) {
            $this->words = $look === 0 ? [] : $this->said(array_keys($believed));
            $belief = Belief::before($before);
            foreach ($believed as $i => $lesson) {
                $belief->join($places[$i], ...$this->scattered($lesson, ...$this->tells($i)));
            }
            $this->mean = $belief->mean();
            $this->covariance = $belief->covariance();
            $this->noise = $this->noise(array_keys($believed));
        }
    }

    /**
     * What each word adds to all else.
     *
     * @param  list<int>  $believed  lessons
     *
     * @return array<int, array<int, array{float, float}>>
     */
    private function said(array $believed): array
    {
        $said = [];
        foreach ($this->lessons as $i => $lesson) {
            $places = $this->places[$i];
            $moved = $this->moved($i);
            foreach ($lesson->found as $row => $one) {
                if (! $one->what instanceof Word) {
                    continue;
                }
                $thought = $one->what->thought + $one->movedBy($lesson->hidden, $moved);
                $slopes = $one->slopesAt($lesson->hidden, $moved);
                $variance = 0.0;
                foreach ($slopes as $a => $slope) {
                    $variance += ($slope * $lesson->hidden[$a]->aCook) ** 2;
                    foreach ($slopes as $b => $other) {
                        $variance += $slope * $other * $this->covariance[$places[$a]][$places[$b]];
                    }
                }
                [$known, $about] = $this->words[$i][$row] ?? [0.0, 0.0];
                // All else: what is believed of it without what it said itself.
                $else = in_array($i, $believed, true) && $variance * $known < self::ITSELF ? $variance / (1 - $variance * $known) : $variance;
                $said[$i][$row] = $one->what->adds($else === $variance ? $thought : $else * ($thought / $variance - $known * $about), $else);
            }
        }

        return $said;
    }

    /** What a lesson calls a number: that of a ring as it was before it became another is another. */
    public function keyOf(Hidden $hidden, Lesson $lesson): string
    {
        $since = $hidden->of === 'ring-power' ? $this->since[Hidden::ring($hidden->whose)->key()] ?? null : null;

        return ($since !== null && $lesson->at < $since ? self::BEFORE : '').$hidden->key();
    }

    /**
     * What one lesson alone would have a number be, with the others as all have them; null where it tells nothing of it.
     *
     * @return array{lesson: int, off: float, spread: float}|null
     */
    public function told(int $i, string $key): ?array
    {
        $place = array_search($key, $this->keys, true);
        $at = array_search($place, $this->places[$i], true);
        if (! is_int($place) || ! is_int($at)) {
            return null;
        }
        $mean = $this->meanOf($i);
        [$precision, $pull] = $this->tells($i, false);
        $info = $precision[$at][$at];
        if ($info < 1 / self::NOTHING ** 2) {
            return null;
        }
        $others = 0.0;
        foreach ($mean as $j => $one) {
            $others += $j === $at ? 0.0 : $precision[$at][$j] * $one;
        }

        return ['lesson' => $i, 'off' => ($pull[$at] - $others) / $info, 'spread' => sqrt(1 / $info + $this->hidden[$place]->aCook ** 2)];
    }

    /**
     * A lesson as precision and pull of what it tells of, looked at where all of them are.
     *
     * @param  bool  $doubtfully  what lies far off is hardly believed
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function tells(int $lesson, bool $doubtfully = true): array
    {
        [$at, $moved] = [$this->meanOf($lesson), $this->moved($lesson)];
        $words = $this->words[$lesson] ?? [];
        $lesson = $this->lessons[$lesson];
        $n = count($lesson->hidden);
        $precision = array_fill(0, $n, array_fill(0, $n, 0.0));
        $pull = array_fill(0, $n, 0.0);
        foreach ($lesson->found as $row => $one) {
            $by = $one->movedBy($lesson->hidden, $moved);
            $slopes = $one->slopesAt($lesson->hidden, $moved);
            if ($one->what instanceof Word) {
                [$weight, $about] = $words[$row] ?? [0.0, 0.0];
                $miss = $one->what->thought + $by - $about;
            } else {
                $miss = $one->what + $by;
                $weight = ($doubtfully ? Measured::trusted($miss / sqrt($this->noise)) : 1.0) / $this->noise;
            }
            $found = array_sum(array_map(static fn (float $slope, float $there): float => $slope * $there, $slopes, $at)) - $miss;
            foreach ($slopes as $i => $a) {
                $pull[$i] += $weight * $a * $found;
                foreach ($slopes as $j => $b) {
                    $precision[$i][$j] += $weight * $a * $b;
                }
            }
        }

        return [$precision, $pull];
    }

    /**
     * Where a lesson was worked out, counted from what is taken for each number now: then it may have been another.
     *
     * @return list<float>
     */
    private function near(int $lesson): array
    {
        return array_map(fn (float $near, float $given, int $place): float => $near + log($given / $this->given[$place]), $this->lessons[$lesson]->near, $this->lessons[$lesson]->given, $this->places[$lesson]);
    }

    /** @return list<float> all of them together, by what a lesson tells of */
    private function meanOf(int $lesson): array
    {
        return array_map(fn (int $place): float => $this->mean[$place], $this->places[$lesson]);
    }

    /** @return list<float> how far that is from where it was worked out */
    private function moved(int $lesson): array
    {
        return array_map(static fn (float $there, float $near): float => $there - $near, $this->meanOf($lesson), $this->near($lesson));
    }

    /**
     * How far off the measurements are, as a variance, all of them together; words say that of themselves.
     *
     * @param  list<int>  $lessons
     */
    private function noise(array $lessons): float
    {
        [$off, $count] = [self::AS_GOOD, self::AS_GOOD];
        foreach ($lessons as $i) {
            $moved = $this->moved($i);
            foreach ($this->lessons[$i]->found as $one) {
                if (! $one->what instanceof Word) {
                    $miss = $one->what + $one->movedBy($this->lessons[$i]->hidden, $moved);
                    $weight = Measured::trusted($miss);
                    $off += $weight * $miss ** 2;
                    $count += $weight;
                }
            }
        }

        return max(self::BEST, min(self::WORST, $off / $count));
    }

    /**
     * The same, with each number free to be a little another in every cook.
     *
     * @param  array<int, array<int, float>>  $precision
     * @param  array<int, float>  $pull
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function scattered(Lesson $lesson, array $precision, array $pull): array
    {
        foreach ($lesson->hidden as $k => $one) {
            if ($one->aCook <= 0.0) {
                continue;
            }
            $column = array_map(static fn (array $row): float => $row[$k], $precision);
            $less = $one->aCook ** 2 / (1 + $one->aCook ** 2 * $column[$k]);
            $pulled = $pull[$k];
            foreach ($column as $i => $a) {
                $pull[$i] -= $less * $a * $pulled;
                foreach ($column as $j => $b) {
                    $precision[$i][$j] -= $less * $a * $b;
                }
            }
        }

        return [$precision, $pull];
    }
}
