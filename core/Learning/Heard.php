<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Live\Measured;

/**
 * One lesson among the others: what was found in its pan as it is by what all of them have by now, and what each of its words adds to that.
 *
 * A cook's own numbers are those of all and a little more, normal with covariance D (Hidden::$aCook). Where a cook tells Λ (precision) and h (pull)
 * of its own, that little is, were x the numbers of all, normal with A = (D⁻¹ + Λ)⁻¹ about A(h − Λx); whatever it is, the cook tells of those of all
 * Λ − ΛAΛ and h − ΛAh.
 */
final class Heard
{
    /** A word that is all that is known of its thought has nothing else. */
    private const ITSELF = 0.999;

    /** @var list<float> what all of them have by now, by what it tells of */
    private array $mean = [];

    /** @var list<array{float, list<float>}> how far off each measurement is there, in standard deviations, or the thought of its word; and how that moves from there */
    private array $here = [];

    /** @var array<int, array{float, float, float}> what each word adds: a precision, and about what thought; and how likely it was where it is surest, in the logarithm */
    private array $words = [];

    /** @var array{array<int, array<int, float>>, array<int, float>, float}|null */
    private ?array $plainly = null;

    /** @var array{array<int, array<int, float>>, array<int, array<int, float>>, array<int, float>}|null Λ, A and A(h − Λx); null where it is not believed */
    private ?array $own = null;

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
            [$off, $variance] = $this->believed($slopes, $covariance);
            $thought += $off;
            [$known, $about] = $this->words[$row] ?? [0.0, 0.0, 0.0];
            // All else: what is believed of it without what it said itself.
            if ($this->isBelieved && $known > 0.0 && $variance * $known < self::ITSELF) {
                $else = $variance / (1 - $variance * $known);
                [$thought, $variance] = [$else * ($thought / $variance - $known * $about), $else];
            }
            $this->words[$row] = $one->what->adds($thought, $variance);
        }
    }

    /**
     * What is believed of a sum of the cook's own numbers: each is a little another in every cook, as far as the cook itself tells.
     *
     * @param  list<float>  $slopes
     * @param  array<int, array<int, float>>  $covariance  of all numbers
     *
     * @return array{float, float} how far it is off what all have them be, and its variance
     */
    private function believed(array $slopes, array $covariance): array
    {
        [$precision, $own, $left] = $this->own ?? [[], [], []];
        $off = $variance = 0.0;
        $moves = $slopes; // with those of all: (1 − ΛA) slopes
        foreach ($slopes as $a => $slope) {
            $off += $slope * ($left[$a] ?? 0.0);
            $much = 0.0;
            foreach ($slopes as $b => $other) {
                $much += ($own[$a][$b] ?? 0.0) * $other;
            }
            $variance += $slope * $much;
            foreach ($precision[$a] ?? [] as $b => $told) {
                $moves[$b] -= $told * $much;
            }
        }
        foreach ($moves as $a => $move) {
            $variance += $this->own === null ? ($move * $this->lesson->hidden[$a]->aCook) ** 2 : 0.0;
            foreach ($moves as $b => $other) {
                $variance += $move * $other * $covariance[$this->places[$a]][$this->places[$b]];
            }
        }

        return [$off, $variance];
    }

    /**
     * As precision and pull of what it tells of, and how likely all of it would be were that nothing, in the logarithm: with each number free to
     * be a little another in every cook.
     *
     * @param  float  $noise  of measurements, a variance
     *
     * @return array{array<int, array<int, float>>, array<int, float>, float}
     */
    public function tells(float $noise): array
    {
        [$precision, $pull, $likely] = $this->added($noise, true);
        $free = array_keys(array_filter($this->lesson->hidden, static fn (Hidden $one): bool => $one->aCook > 0.0));
        $belief = Belief::before(array_map(fn (int $k): float => $this->lesson->hidden[$k]->aCook, $free));
        $belief->join(array_keys($free), array_map(static fn (int $k): array => array_map(static fn (int $j): float => $precision[$k][$j], $free), $free), array_map(static fn (int $k): float => $pull[$k], $free), $likely);
        $covariance = $belief->covariance();
        $own = $left = [];
        foreach ($free as $i => $a) {
            $left[$a] = 0.0;
            foreach ($free as $j => $b) {
                $own[$a][$b] = $covariance[$i][$j];
                $residual = $pull[$b];
                foreach ($this->mean as $k => $one) {
                    $residual -= $precision[$b][$k] * $one;
                }
                $left[$a] += $own[$a][$b] * $residual;
            }
        }
        $this->own = [$precision, $own, $left];
        $tells = [$precision, $pull];
        foreach ($precision as $i => $row) {
            foreach ($own as $a => $of) {
                foreach ($of as $b => $much) {
                    $tells[1][$i] -= $row[$a] * $much * $pull[$b];
                    foreach ($precision[$b] as $j => $told) {
                        $tells[0][$i][$j] -= $row[$a] * $much * $told;
                    }
                }
            }
        }

        return [...$tells, $belief->evidence()];
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
     * @return array{array<int, array<int, float>>, array<int, float>, float}
     */
    private function added(float $noise, bool $doubtfully): array
    {
        $n = count($this->places);
        $precision = array_fill(0, $n, array_fill(0, $n, 0.0));
        $pull = array_fill(0, $n, 0.0);
        $likely = 0.0;
        foreach ($this->lesson->found as $row => $one) {
            [$miss, $slopes] = $this->here[$row];
            if ($one->what instanceof Word) {
                [$weight, $about, $surest] = $this->words[$row] ?? [0.0, 0.0, 0.0];
                $miss -= $about;
                $likely += $surest;
            } else {
                $weight = ($doubtfully ? Measured::trusted($miss / sqrt($noise)) : 1.0) / $noise;
                $likely += $weight * $miss ** 2 / 2 - Measured::unlikely($miss / sqrt($noise));
            }
            $found = -$miss;
            foreach ($slopes as $i => $slope) {
                $found += $slope * $this->mean[$i];
            }
            $likely -= $weight * $found ** 2 / 2;
            foreach ($slopes as $i => $a) {
                $pull[$i] += $weight * $a * $found;
                foreach ($slopes as $j => $b) {
                    $precision[$i][$j] += $weight * $a * $b;
                }
            }
        }

        return [$precision, $pull, $likely];
    }
}
