<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * A word that was said of a pan: what it was thought to be against the range that is called so. Words are said wrongly one time in so
 * many, and where two ranges meet nobody tells them apart (an ordered probit with lapses; our choice of model).
 */
final readonly class SaidWord
{
    /** Share of words that are said wrongly, and tell nothing (our estimate). */
    private const WRONGLY = 0.1;

    /** Of so many words one that is said wrongly may be any. */
    private const WORDS = 4;

    private const NEVER = 1e-9;

    /**
     * @param  float  $thought  as it was thought to be
     * @param  float  $from  where it begins to be called so; -INF for no end
     * @param  float  $to  where it ends; INF likewise
     * @param  float  $spread  between two who look, one standard deviation
     * @param  string|null  $said  Which word of its kind; null if there are no others.
     */
    public function __construct(public float $thought, public float $from, public float $to, public float $spread, public ?string $said = null) {}

    /** Where in its range it lies: what moves when the thought does, or the range. */
    public function place(): float
    {
        $ends = array_filter([$this->from, $this->to], is_finite(...));

        return $this->thought - ($ends === [] ? 0.0 : array_sum($ends) / count($ends));
    }

    /**
     * What it adds to what all else says of the thought: a normal factor exp(pull·(thought − mean) − precision·(thought − mean)²/2), with the same
     * middle and width as the range, the lapses and all else together would leave (expectation propagation; Minka 2001). Past the open end of its
     * range a word pulls nobody back. A word that surprises makes all else less sure: its precision is negative, and its pull counts.
     *
     * @param  float  $mean  Of the thought by all else.
     * @param  float  $variance  Of it, ≥ 0.
     * @param  float  $wrongly  Share of such words that are said wrongly.
     * @param  float  $habit  How likely this one is among those.
     * @param  float  $wider  How many times as far two who look are apart in this kitchen.
     *
     * @return array{float, float} precision and pull
     */
    public function adds(float $mean, float $variance, float $wrongly = self::WRONGLY, float $habit = 1 / self::WORDS, float $wider = 1.0): array
    {
        $width = sqrt(($wider * $this->spread) ** 2 + $variance);
        [$a, $b] = [($this->from - $mean) / $width, ($this->to - $mean) / $width];
        $rightly = 1 - $wrongly;
        $likely = $rightly * (self::below($b) - self::below($a)) + $wrongly * $habit;
        if ($likely < self::NEVER) {
            return [0.0, 0.0];
        }
        $slope = $rightly * (self::density($a) - self::density($b)) / $width / $likely;
        $curvature = $slope ** 2 - $rightly * (self::leverage($a) - self::leverage($b)) / $width ** 2 / $likely;
        $left = max(self::NEVER, 1 - $variance * $curvature);

        return [$curvature / $left, $slope / $left];
    }

    /** How likely it is to be said rightly, by a belief of the thought. */
    public function likely(float $mean, float $variance, float $wider = 1.0): float
    {
        $width = sqrt(($wider * $this->spread) ** 2 + $variance);

        return self::below(($this->to - $mean) / $width) - self::below(($this->from - $mean) / $width);
    }

    private static function density(float $z): float
    {
        return is_finite($z) ? exp(-$z * $z / 2) / sqrt(2 * M_PI) : 0.0;
    }

    private static function leverage(float $z): float
    {
        return is_finite($z) ? $z * self::density($z) : 0.0;
    }

    /** The normal distribution (Abramowitz and Stegun 26.2.17, within 7.5e-8; from memory). */
    public static function below(float $z): float
    {
        if (is_infinite($z)) {
            return $z > 0 ? 1.0 : 0.0;
        }
        $t = 1 / (1 + 0.2316419 * abs($z));
        $above = self::density($z) * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $z > 0 ? 1 - $above : $above;
    }
}
