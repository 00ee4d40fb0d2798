<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * Several unknown numbers together, normal: what was believed of each before, and measurements that are straight lines of them. Closed form:
 * precisions add, the mean is solved for (Cholesky).
 */
final class Gaussian
{
    /**
     * @param  array<int, array<int, float>>  $precision
     * @param  array<int, float>  $pull  precision times mean
     */
    private function __construct(private array $precision, private array $pull) {}

    /**
     * Each about nothing, independent of the others.
     *
     * @param  array<int, float>  $spreads  one standard deviation each, > 0
     */
    public static function prior(array $spreads): self
    {
        $precision = [];
        foreach ($spreads as $i => $spread) {
            $precision[$i] = array_fill(0, count($spreads), 0.0);
            $precision[$i][$i] = 1 / $spread ** 2;
        }

        return new self($precision, array_fill(0, count($spreads), 0.0));
    }

    /**
     * All that something else is known by, at places of its own.
     *
     * @param  list<int>  $places  by its own
     * @param  array<int, array<int, float>>  $precision
     * @param  array<int, float>  $pull
     */
    public function join(array $places, array $precision, array $pull): void
    {
        foreach ($places as $i => $at) {
            $this->pull[$at] += $pull[$i];
            foreach ($places as $j => $other) {
                $this->precision[$at][$other] += $precision[$i][$j];
            }
        }
    }

    /**
     * All that a cook says of effects, each the sum of some of the numbers.
     *
     * @param  array<int, array<int, int>>  $places  By effect, those numbers.
     * @param  array<int, array<int, float>>  $precision
     * @param  array<int, float>  $pull
     */
    public function joinEffects(array $places, array $precision, array $pull): void
    {
        foreach ($places as $e => $at) {
            foreach ($at as $p) {
                $this->pull[$p] += $pull[$e];
                foreach ($places as $f => $other) {
                    foreach ($other as $q) {
                        $this->precision[$p][$q] += $precision[$e][$f];
                    }
                }
            }
        }
    }

    /** Whether it is a distribution: nothing that was taken away leaves less than nothing known. */
    public function isProper(): bool
    {
        return ! is_nan(array_sum($this->mean()));
    }

    /** @return array<int, float> */
    public function mean(): array
    {
        return self::solve(self::choleskyFactor($this->precision), $this->pull);
    }

    /** @return array<int, array<int, float>> */
    public function covariance(): array
    {
        $factor = self::choleskyFactor($this->precision);
        $n = count($this->pull);

        return array_map(static fn (int $i): array => self::solve($factor, array_replace(array_fill(0, $n, 0.0), [$i => 1.0])), array_keys($this->pull));
    }

    /**
     * @param  array<int, array<int, float>>  $matrix  symmetric, positive definite
     *
     * @return array<int, array<int, float>> the lower triangle of which it is the square
     */
    private static function choleskyFactor(array $matrix): array
    {
        $factor = [];
        foreach ($matrix as $i => $row) {
            $factor[$i] = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $factor[$i][$k] * $factor[$j][$k];
                }
                $factor[$i][$j] = $i === $j ? sqrt($sum) : $sum / $factor[$j][$j];
            }
        }

        return $factor;
    }

    /**
     * @param  array<int, array<int, float>>  $factor
     * @param  array<int, float>  $right
     *
     * @return array<int, float>
     */
    private static function solve(array $factor, array $right): array
    {
        $n = count($right);
        $half = $whole = array_fill(0, $n, 0.0);
        for ($i = 0; $i < $n; $i++) {
            $sum = $right[$i];
            for ($k = 0; $k < $i; $k++) {
                $sum -= $factor[$i][$k] * $half[$k];
            }
            $half[$i] = $sum / $factor[$i][$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            $sum = $half[$i];
            for ($k = $i + 1; $k < $n; $k++) {
                $sum -= $factor[$k][$i] * $whole[$k];
            }
            $whole[$i] = $sum / $factor[$i][$i];
        }

        return $whole;
    }
}
