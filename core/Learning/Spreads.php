<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * How much the cooks of one kitchen differ from each other, how good its measurements are and how often its words are said wrongly: learned
 * together with the parameters, since no two kitchens are alike in that. Each begins at our estimate, which counts as much as a few cooks do.
 */
final readonly class Spreads
{
    /** Our estimates count as so many cooks, so many measurements. */
    private const AS_MANY = 10.0;

    /** No spread is further from our estimate, as a factor on its variance. */
    private const LEAST = 0.25;

    private const MOST = 30.0;

    /** Share of words that are said wrongly, before any was heard (our estimate), and how many words that estimate counts as. */
    private const WRONGLY = 0.1;

    private const WRONGLY_AS_MANY = 5.0;

    /** Shares that are tried; one is the mean of them by how well each explains the words. */
    private const SHARES = [0.01, 0.03, 0.06, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.99];

    /** How many times as far two who look are apart as we take them to be: those that are tried, and how likely each is before any word was heard. */
    public const WIDER = [0.7, 0.85, 1.0, 1.2, 1.45, 1.75, 2.1];

    private const WIDER_BEFORE = [0.05, 0.15, 0.3, 0.25, 0.15, 0.07, 0.03];

    /** Of so many words of a kind one that is said wrongly may be any, before any was heard. */
    private const WORDS = 4;

    /** Words of a kind that are said wrongly more often than this carry nothing. */
    private const CARRY_NOTHING = 0.65;

    /**
     * @param  array<string, float>  $scatter  Variance from cook to cook, by what an effect is of.
     * @param  array<string, float>  $noise  Variance of a measurement against what it is thought to be, by kind.
     * @param  array<string, float>  $wrongly  Share of words said wrongly, by kind.
     * @param  array<string, array<string, float>>  $habits  Share of each word among those said wrongly, by kind.
     * @param  array<string, float>  $wider  How many times as far two who look are apart, by kind.
     */
    public function __construct(private array $scatter = [], private array $noise = [], private array $wrongly = [], private array $habits = [], private array $wider = []) {}

    public function scatter(string $of): float
    {
        return $this->scatter[$of] ?? (Effect::SCATTER[$of] ?? 0.0) ** 2;
    }

    /** Variance of a measurement, in what it is thought to be. */
    public function noise(string $kind): float
    {
        return $this->noise[$kind] ?? 1.0;
    }

    public function wrongly(string $kind): float
    {
        return $this->wrongly[$kind] ?? self::WRONGLY;
    }

    /** How many times as far two who look are apart as we take them to be. */
    public function wider(string $kind): float
    {
        return $this->wider[$kind] ?? 1.0;
    }

    /** How likely a word is where it is said wrongly: somebody's habit. */
    public function habit(string $kind, ?string $said): float
    {
        return $said === null ? 1 / self::WORDS : $this->habits[$kind][$said] ?? 1 / self::WORDS;
    }

    /** @return list<string> kinds of words that carry nothing in this kitchen */
    public function silent(): array
    {
        return array_keys(array_filter($this->wrongly, static fn (float $share): bool => $share > self::CARRY_NOTHING));
    }

    /**
     * As all cooks have it.
     *
     * @param  iterable<CookLikelihood>  $cooks
     */
    public function learnedFrom(iterable $cooks): self
    {
        $scatter = $noise = $words = [];
        foreach ($cooks as $cook) {
            foreach ($cook->ownDifferences() as $of => [$square, $told]) {
                [$squares, $all] = $scatter[$of] ?? [0.0, 0.0];
                $scatter[$of] = [$squares + $square, $all + $told];
            }
            foreach ($cook->misses() as [$kind, $square, $told]) {
                [$squares, $all] = $noise[$kind] ?? [0.0, 0.0];
                $noise[$kind] = [$squares + $square, $all + $told];
            }
            foreach ($cook->wordsHeard() as [$kind, $said, $likely]) {
                $words[$kind][] = [$said, $likely];
            }
        }
        // Half-way to it each time, so that they do not swing.
        foreach ($scatter as $of => [$squares, $all]) {
            $own = (Effect::SCATTER[$of] ?? 1.0) ** 2;
            $scatter[$of] = sqrt($own * self::variance($squares / $own, $all) * $this->scatter($of));
        }
        foreach ($noise as $kind => [$squares, $all]) {
            $noise[$kind] = sqrt(self::variance($squares, $all) * $this->noise($kind));
        }
        $habits = array_map(self::habits(...), $words);
        $wrongly = $wider = [];
        foreach ($words as $kind => $heard) {
            [$share, $times] = self::tongue($heard, $habits[$kind]);
            $wrongly[$kind] = ($share + $this->wrongly($kind)) / 2;
            $wider[$kind] = ($times + $this->wider($kind)) / 2;
        }

        return new self($scatter, $noise, $wrongly, $habits, $wider);
    }

    /** Fixed point of a variance, against our own: a sum of squares over how many of them the data tell (MacKay 1992; from memory). */
    private static function variance(float $squares, float $all): float
    {
        return max(self::LEAST, min(self::MOST, (self::AS_MANY + $squares) / (self::AS_MANY + $all)));
    }

    /**
     * @param  list<array{string|null, array<int, float>}>  $heard
     *
     * @return array<string, float>
     */
    private static function habits(array $heard): array
    {
        $said = array_count_values(array_filter(array_column($heard, 0), is_string(...)));
        $count = array_sum($said);

        return array_map(static fn (int $times): float => ($times + 1) / ($count + self::WORDS), $said);
    }

    /**
     * The share of words said wrongly, and how far two who look are apart, that explain them: the mean of all that are tried, by how well each does.
     *
     * @param  list<array{string|null, array<int, float>}>  $heard  Which word, and how likely it was if it was said rightly.
     * @param  array<string, float>  $habits
     *
     * @return array{float, float}
     */
    private static function tongue(array $heard, array $habits): array
    {
        $logs = [];
        foreach (self::WIDER_BEFORE as $w => $before) {
            foreach (self::SHARES as $s => $share) {
                $log = log($before) + self::WRONGLY_AS_MANY * (self::WRONGLY * log($share) + (1 - self::WRONGLY) * log(1 - $share));
                foreach ($heard as [$said, $likely]) {
                    $log += log((1 - $share) * $likely[$w] + $share * ($habits[$said ?? ''] ?? 1 / self::WORDS));
                }
                $logs["$w $s"] = $log;
            }
        }
        $best = max($logs);
        $all = $shares = $times = 0.0;
        foreach ($logs as $tried => $log) {
            [$w, $s] = explode(' ', $tried);
            $weight = exp($log - $best);
            $all += $weight;
            $shares += $weight * self::SHARES[(int) $s];
            $times += $weight * self::WIDER[(int) $w];
        }

        return [$shares / $all, $times / $all];
    }
}
