<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** All lessons of a kitchen added up: each number as all of them together have it. */
final readonly class Solution
{
    /** Looks at most, and by how little nothing moves any more, in the logarithm. */
    private const LOOKS = 8;

    private const SETTLED = 1e-3;

    /** So many measurements are as good as they are thought to be, before any has been seen. */
    private const AS_GOOD = 10.0;

    /** Measurements are no better than so much of that, and no worse than so many times, as a variance. */
    private const BEST = 0.6;

    private const WORST = 4.0;

    /** What is known of a ring from before it became another. */
    public const BEFORE = 'before|';

    /** A cook that tells no more than this of a number tells nothing of it, one standard deviation. */
    private const NOTHING = 0.35;

    /** @var list<string> */
    public array $keys;

    /** @var list<Hidden> by the place of their key */
    public array $hidden;

    /** @var list<float> what is taken for each now, by place: logarithms count from there */
    public array $given;

    /** @var array<int, float> by place */
    public array $mean;

    /** @var array<int, array<int, float>> */
    public array $covariance;

    /** How good the kitchen's measurements are, as a variance against what they are thought to be. */
    private float $noise;

    /** @var array<int, Heard> by lesson */
    private array $heard;

    /** @var array<int, Heard> by lesson, those that are not left out */
    private array $believed;

    /** @var array<string, int> by key */
    private array $placeOf;

    /**
     * @param  list<Lesson>  $lessons  in order of time
     * @param  array<string, int>  $since  ms since 1970 from which a ring is another, by its key
     * @param  list<int>  $out  lessons that are not believed
     * @param  array<string, float>  $now  what is taken for a number now, by its key; else, or where that is nothing, as at its last cook
     * @param  self|null  $alike  of the same lessons, to begin from
     */
    public function __construct(array $lessons, private array $since, array $out, array $now = [], ?self $alike = null)
    {
        $hidden = $given = $placeOf = $places = [];
        foreach ($lessons as $i => $lesson) {
            $places[$i] = [];
            foreach ($lesson->hidden as $at => $one) {
                $key = $this->keyOf($one, $lesson);
                $hidden[$key] ??= $one;
                $places[$i][] = $placeOf[$key] ??= count($placeOf);
                $given[$key] = $lesson->given[$at];
            }
        }
        $this->keys = array_keys($hidden);
        $this->hidden = array_values($hidden);
        $this->placeOf = $placeOf;
        $now = array_filter($now, static fn (float $one): bool => $one > 0.0);
        $this->given = array_map(static fn (string $key): float => $now[str_replace(self::BEFORE, '', $key)] ?? $given[$key], array_keys($hidden));
        $isOut = array_flip($out);
        $heard = [];
        foreach ($lessons as $i => $lesson) {
            // What was taken for a number then may have been another.
            $near = array_map(fn (float $near, float $given, int $place): float => $near + log($given / $this->given[$place]), $lesson->near, $lesson->given, $places[$i]);
            $heard[$i] = new Heard($lesson, $places[$i], $near, ! isset($isOut[$i]));
            if ($alike !== null) {
                $heard[$i]->begin($alike->heard[$i]);
            }
        }
        $this->heard = $heard;
        $mean = array_map(static fn (string $key): float => $alike->mean[$alike->placeOf[$key] ?? -1] ?? 0.0, $this->keys);
        $this->believed = array_diff_key($heard, $isOut);
        [$this->mean, $this->covariance, $this->noise] = $this->settled($mean, $alike->noise ?? 1.0);
    }

    /**
     * @param  array<int, float>  $mean  to begin with
     *
     * @return array{array<int, float>, array<int, array<int, float>>, float}
     */
    private function settled(array $mean, float $noise): array
    {
        foreach ($this->heard as $one) {
            $one->at($mean);
        }
        for ($look = 0, $moved = INF; $look < self::LOOKS && $moved > self::SETTLED; $look++) {
            $belief = $this->belief($noise);
            $next = $belief->mean();
            $covariance = $belief->covariance();
            // Before any word has been heard nothing is settled.
            $moved = $look === 0 ? INF : max([0.0, ...array_map(static fn (float $a, float $b): float => abs($a - $b), $next, $mean)]);
            $mean = $next;
            [$off, $count] = [self::AS_GOOD, self::AS_GOOD];
            foreach ($this->heard as $one) {
                $one->at($mean);
                $one->listen($covariance);
            }
            foreach ($this->believed as $one) {
                [$squares, $many] = $one->off();
                [$off, $count] = [$off + $squares, $count + $many];
            }
            $noise = max(self::BEST, min(self::WORST, $off / $count));
        }

        return [$mean, $covariance ?? [], $noise];
    }

    private function belief(float $noise): Belief
    {
        $belief = Belief::before(array_map(static fn (Hidden $one): float => $one->spread, $this->hidden));
        foreach ($this->believed as $one) {
            $belief->join($one->places, ...$one->tells($noise));
        }

        return $belief;
    }

    /** How likely it is that all of it was found and said, whatever the numbers are, in the logarithm: of two ways to explain the same lessons the likelier is the better. */
    public function evidence(): float
    {
        $count = self::AS_GOOD;
        foreach ($this->believed as $one) {
            $count += $one->off()[1];
        }

        return $this->belief($this->noise)->evidence() - (self::AS_GOOD * (1 / $this->noise - 1) + $count * log($this->noise)) / 2;
    }

    /** What a lesson calls a number: that of a ring as it was before it became another is another. */
    public function keyOf(Hidden $hidden, Lesson $lesson): string
    {
        $since = $hidden->of === 'ring-power' ? $this->since[Hidden::ring($hidden->whose)->key()] ?? null : null;

        return ($since !== null && $lesson->at < $since ? self::BEFORE : '').$hidden->key();
    }

    public function placeOf(string $key): ?int
    {
        return $this->placeOf[$key] ?? null;
    }

    /** By its key, which is among them; the logarithm of the factor. */
    public function meanOf(string $key): float
    {
        return $this->mean[$this->placeOf[$key]];
    }

    /**
     * What one lesson alone would have a number be, with the others as all have them; null where it tells nothing of it.
     *
     * @return array{lesson: int, off: float, spread: float}|null
     */
    public function told(int $i, string $key): ?array
    {
        $place = $this->placeOf($key);
        $at = array_search($place, $this->heard[$i]->places, true);
        if ($place === null || ! is_int($at)) {
            return null;
        }
        [$off, $much] = $this->heard[$i]->alone($at, $this->noise);

        return $much < 1 / self::NOTHING ** 2 ? null : ['lesson' => $i, 'off' => $off, 'spread' => sqrt(1 / $much + $this->hidden[$place]->aCook ** 2)];
    }
}
