<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * A word that was said of a pan: what it was thought to be against the range that is called so. Words are said wrongly one time in so
 * many, and where two ranges meet nobody tells them apart (an ordered probit with lapses; our choice of model).
 */
final readonly class Word
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
     */
    public function __construct(public float $thought, public float $from, public float $to, public float $spread) {}

    /** Where in its range it lies: what moves when the thought does, or the range. */
    public function place(): float
    {
        $ends = array_filter([$this->from, $this->to], is_finite(...));

        return $this->thought - ($ends === [] ? 0.0 : array_sum($ends) / count($ends));
    }

    /**
     * As a measurement would say it: how far off it is, in standard deviations, and how many of those a unit of the place is; by the slope
     * and the curvature of its likelihood.
     *
     * @return array{float, float}
     */
    public function told(): array
    {
        [$a, $b] = [($this->from - $this->thought) / $this->spread, ($this->to - $this->thought) / $this->spread];
        $between = self::below($b) - self::below($a);
        if ($between < self::NEVER) {
            return [0.0, 0.0];
        }
        $rightly = (1 - self::WRONGLY) * $between;
        $believed = $rightly / ($rightly + self::WRONGLY / self::WORDS);
        $slope = (self::density($a) - self::density($b)) / $between;
        $curvature = $believed * (self::leverage($b) - self::leverage($a)) / $between + $believed * $slope ** 2;
        if ($curvature < self::NEVER) {
            return [0.0, 0.0];
        }

        return [-$believed * $slope / sqrt($curvature), sqrt($curvature) / $this->spread];
    }

    /**
     * What it adds to what all else says of the thought: a normal belief with the same middle and width as the range, the lapses and all else
     * together would leave (expectation propagation; Minka 2001). Past the open end of its range a word pulls nobody back.
     *
     * @param  float  $mean  of the thought by all else
     * @param  float  $variance  of it, >= 0
     *
     * @return array{float, float, float} a precision, >= 0, and about what; and how likely the word is just there, in the logarithm, so that over all else it is as likely as it is said
     */
    public function adds(float $mean, float $variance): array
    {
        $width = sqrt($this->spread ** 2 + $variance);
        [$a, $b] = [($this->from - $mean) / $width, ($this->to - $mean) / $width];
        $rightly = 1 - self::WRONGLY;
        $likely = $rightly * (self::below($b) - self::below($a)) + self::WRONGLY / self::WORDS;
        $slope = $rightly * (self::density($a) - self::density($b)) / $width / $likely;
        $curvature = $slope ** 2 - $rightly * (self::leverage($a) - self::leverage($b)) / $width ** 2 / $likely;
        if ($curvature < self::NEVER || $variance * $curvature >= 1 - self::NEVER) {
            return [0.0, $mean, log($likely)];
        }

        // What it adds, spread over all else, is a normal belief of the variance 1 / curvature, slope / curvature off.
        return [$curvature / (1 - $variance * $curvature), $mean + $slope / $curvature, log($likely) + ($slope ** 2 / $curvature - log(1 - $variance * $curvature)) / 2];
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
