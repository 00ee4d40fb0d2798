<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Live\Measured;

/** One lesson among the others: what was found in its pan as it is by what all of them have by now, and what each of its words adds to that. */
final class Heard
{
    /** A word that is all that is known of its thought has nothing else. */
    private const ITSELF = 0.999;

    /** @var list<float> what all of them have by now, by what it tells of */
    private array $mean = [];

    /** @var list<array{float, list<float>}> how far off each measurement is there, in standard deviations, or the thought of its word; and how that moves from there */
    private array $here = [];

    /** @var array<int, array{float, float}> what each word adds: a precision, and about what thought */
    private array $words = [];

    /** @var array{array<int, array<int, float>>, array<int, float>}|null */
    private ?array $plainly = null;

    /**
     * @param  list<int>  $places  of what it tells of, among all numbers
     * @param  list<float>  $near  where it was worked out, counted from what is taken for each now
     * @param  bool  $isBelieved  else it is only looked at
     */
    public function __construct(private readonly Lesson $lesson, public readonly array $places, private readonly array $near, private readonly bool $isBelieved) {}

    /** What its words added among others, to begin with. */
    public function begin(self $before): void
    {
        $this->words = $before->words;
    }

    /** @param  array<int, float>  $mean  of all numbers */
    public function at(array $mean): void
    {
        $moves = $steeper = [];
        $this->mean = [];
        foreach ($this->places as $k => $place) {
            $this->mean[] = $mean[$place];
            $off = $mean[$place] - $this->near[$k];
            $moves[] = $this->lesson->hidden[$k]->moves($off);
            $steeper[] = $this->lesson->hidden[$k]->steeper($off);
        }
        $this->here = array_map(static fn (Finding $one): array => $one->at($moves, $steeper), $this->lesson->found);
        $this->plainly = null;
    }

    /**
     * What each word adds to all else.
     *
     * @param  array<int, array<int, float>>  $covariance  of all numbers
     */
    public function listen(array $covariance): void
    {
        foreach ($this->lesson->found as $row => $one) {
            if (! $one->what instanceof Word) {
                continue;
            }
            [$thought, $slopes] = $this->here[$row];
            $variance = 0.0;
            foreach ($slopes as $a => $slope) {
                $variance += ($slope * $this->lesson->hidden[$a]->aCook) ** 2;
                foreach ($slopes as $b => $other) {
                    $variance += $slope * $other * $covariance[$this->places[$a]][$this->places[$b]];
                }
            }
            [$known, $about] = $this->words[$row] ?? [0.0, 0.0];
            // All else: what is believed of it without what it said itself.
            if ($this->isBelieved && $known > 0.0 && $variance * $known < self::ITSELF) {
                $else = $variance / (1 - $variance * $known);
                [$thought, $variance] = [$else * ($thought / $variance - $known * $about), $else];
            }
            $this->words[$row] = $one->what->adds($thought, $variance);
        }
    }

    /**
     * As precision and pull of what it tells of.
     *
     * @param  float  $noise  of measurements, a variance
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    public function tells(float $noise): array
    {
        return $this->scattered(...$this->added($noise, true));
    }

    /**
     * What it alone would have a number be, with the others as all have them.
     *
     * @param  int  $at  among what it tells of
     * @param  float  $noise  of measurements, a variance
     *
     * @return array{float, float} and how much it tells of it, a precision
     */
    public function alone(int $at, float $noise): array
    {
        [$precision, $pull] = $this->plainly ??= $this->added($noise, false);
        $others = 0.0;
        foreach ($this->mean as $j => $one) {
            $others += $j === $at ? 0.0 : $precision[$at][$j] * $one;
        }

        return [$precision[$at][$at] > 0.0 ? ($pull[$at] - $others) / $precision[$at][$at] : 0.0, $precision[$at][$at]];
    }

    /** @return array{float, float} squares of how far off its measurements are, as far as they are believed, and how many those are */
    public function off(): array
    {
        [$off, $count] = [0.0, 0.0];
        foreach ($this->lesson->found as $row => $one) {
            if (! $one->what instanceof Word) {
                $miss = $this->here[$row][0];
                $weight = Measured::trusted($miss);
                $off += $weight * $miss ** 2;
                $count += $weight;
            }
        }

        return [$off, $count];
    }

    /**
     * @param  bool  $doubtfully  what lies far off is hardly believed
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function added(float $noise, bool $doubtfully): array
    {
        $n = count($this->places);
        $precision = array_fill(0, $n, array_fill(0, $n, 0.0));
        $pull = array_fill(0, $n, 0.0);
        foreach ($this->lesson->found as $row => $one) {
            [$miss, $slopes] = $this->here[$row];
            if ($one->what instanceof Word) {
                [$weight, $about] = $this->words[$row] ?? [0.0, 0.0];
                $miss -= $about;
            } else {
                $weight = ($doubtfully ? Measured::trusted($miss / sqrt($noise)) : 1.0) / $noise;
            }
            $found = -$miss;
            foreach ($slopes as $i => $slope) {
                $found += $slope * $this->mean[$i];
            }
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
     * The same, with each number free to be a little another in every cook.
     *
     * @param  array<int, array<int, float>>  $precision
     * @param  array<int, float>  $pull
     *
     * @return array{array<int, array<int, float>>, array<int, float>}
     */
    private function scattered(array $precision, array $pull): array
    {
        foreach ($this->lesson->hidden as $k => $one) {
            if ($one->aCook <= 0.0) {
                continue;
            }
            $column = array_column($precision, $k);
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
