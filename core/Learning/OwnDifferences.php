<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * How one cook differs from all cooks. Its effects are x + B u: x those of all cooks, u its own differences, normal about zero with covariance D
 * (Spreads::scatter). The cook's observations say Λ (precision) and h (pull) of its effects. So u given x is normal with covariance
 * A = (D⁻¹ + BᵀΛB)⁻¹ about A·Bᵀ(h − Λx); and of x alone the cook says Λ − ΛBABᵀΛ and h − ΛBABᵀh.
 */
final class OwnDifferences
{
    /** Degrees of freedom (Student t): a difference that is far off the others' is hardly believed. */
    public const TAILS = 4.0;

    /** @var list<array{string, list<int>}> By difference: what it is of, and the effects that have it. */
    private array $groups = [];

    /** @var array<int, int> By effect: its difference. */
    private array $of = [];

    /** @var array<int, float> u, by difference. */
    private array $mean;

    /** @var array<int, array<int, float>> A, by difference. */
    private array $covariance;

    /** @var array<int, array<int, float>> BᵀΛ, by difference and effect. */
    private array $rows;

    /** @var array<int, array<int, float>> A·BᵀΛ, by difference and effect. */
    private array $gain;

    /** @var array<int, float> Bᵀh, by difference. */
    private array $pull;

    /** @param  list<Effect>  $effects */
    public function __construct(array $effects, Spreads $spreads)
    {
        $groups = [];
        foreach ($effects as $e => $effect) {
            if (isset(Effect::SCATTER[$effect->of])) {
                $groups[$effect->of][] = $e;
            }
        }
        foreach ($groups as $of => $members) {
            foreach ($members as $e) {
                $this->of[$e] = count($this->groups);
            }
            $this->groups[] = [$of, $members];
        }
        $this->mean = array_fill(0, count($this->groups), 0.0);
        $nothing = array_fill(0, count($effects), 0.0);
        $this->hear(array_fill(0, count($effects), $nothing), $nothing, $spreads);
    }

    /**
     * What the observations say now.
     *
     * @param  array<int, array<int, float>>  $precision  Λ
     * @param  array<int, float>  $pull  h
     */
    public function hear(array $precision, array $pull, Spreads $spreads): void
    {
        $this->rows = $this->pull = $deviations = $between = [];
        foreach ($this->groups as $g => [$of, $effects]) {
            $row = $precision[$effects[0]];
            $sum = $pull[$effects[0]];
            foreach (array_slice($effects, 1) as $e) {
                $sum += $pull[$e];
                foreach ($precision[$e] as $f => $value) {
                    $row[$f] += $value;
                }
            }
            $this->rows[$g] = $row;
            $this->pull[$g] = $sum;
            $scatter = $spreads->scatter($of);
            $deviations[$g] = sqrt($scatter * (self::TAILS + $this->mean[$g] ** 2 / $scatter) / (self::TAILS + 1));
        }
        foreach ($this->rows as $g => $row) {
            foreach ($this->groups as $k => [, $effects]) {
                $between[$g][$k] = $row[$effects[0]];
                foreach (array_slice($effects, 1) as $e) {
                    $between[$g][$k] += $row[$e];
                }
            }
        }
        $belief = Gaussian::prior($deviations);
        $belief->join(array_keys($this->groups), $between, array_fill(0, count($this->groups), 0.0));
        $this->covariance = $belief->covariance();
        $this->gain = [];
        foreach ($this->covariance as $g => $covariances) {
            $this->gain[$g] = array_fill(0, count($precision), 0.0);
            foreach ($covariances as $k => $a) {
                foreach ($this->rows[$k] as $f => $weight) {
                    $this->gain[$g][$f] += $a * $weight;
                }
            }
        }
    }

    /**
     * The differences, with other effects of all cooks.
     *
     * @param  array<int, float>  $x
     */
    public function update(array $x): void
    {
        $mean = [];
        foreach ($this->covariance as $g => $covariances) {
            $mean[$g] = 0.0;
            foreach ($covariances as $k => $a) {
                $mean[$g] += $a * $this->pull[$k];
            }
            foreach ($x as $f => $value) {
                $mean[$g] -= $this->gain[$g][$f] * $value;
            }
        }
        $this->mean = $mean;
    }

    /** Of an effect; 0 where no cook differs from another in it. */
    public function in(int $effect): float
    {
        return isset($this->of[$effect]) ? $this->mean[$this->of[$effect]] : 0.0;
    }

    /** @return array{string|null, list<int>} what the difference in an effect is of (null for none), and all effects that have the same one */
    public function group(int $effect): array
    {
        return isset($this->of[$effect]) ? $this->groups[$this->of[$effect]] : [null, [$effect]];
    }

    /**
     * Of a straight line of the cook's effects: how it moves with those of all cooks, as the cook's own differences move with them; and the
     * variance that those differences leave.
     *
     * @param  array<int, float>  $slopes  By effect.
     *
     * @return array{array<int, float>, float} slopes by effect of all cooks, and variance
     */
    public function seenFromAll(array $slopes): array
    {
        $own = [];
        foreach ($this->groups as $g => [, $effects]) {
            $own[$g] = 0.0;
            foreach ($effects as $e) {
                $own[$g] += $slopes[$e];
            }
        }
        $variance = 0.0;
        foreach ($own as $g => $a) {
            if ($a === 0.0) {
                continue;
            }
            foreach ($this->gain[$g] as $f => $gain) {
                $slopes[$f] -= $a * $gain;
            }
            foreach ($own as $k => $b) {
                $variance += $a * $b * $this->covariance[$g][$k];
            }
        }

        return [$slopes, $variance];
    }

    /**
     * What the cook says of the effects of all cooks.
     *
     * @param  array<int, array<int, float>>  $precision  Λ
     * @param  array<int, float>  $pull  h
     *
     * @return array{array<int, array<int, float>>, array<int, float>} precision and pull
     */
    public function withoutThem(array $precision, array $pull): array
    {
        foreach ($this->rows as $g => $row) {
            $gain = $this->gain[$g];
            foreach ($row as $e => $left) {
                if ($left === 0.0) {
                    continue;
                }
                foreach ($gain as $f => $right) {
                    $precision[$e][$f] -= $left * $right;
                }
            }
            foreach ($gain as $e => $value) {
                $pull[$e] -= $value * $this->pull[$g];
            }
        }

        return [$precision, $pull];
    }

    /** @return array<string, array{float, float}> by what each is of: its square as far as it is believed, and how much of it the cook tells, 0 to 1 */
    public function squares(Spreads $spreads): array
    {
        $squares = [];
        foreach ($this->groups as $g => [$of]) {
            $scatter = $spreads->scatter($of);
            $square = $this->mean[$g] ** 2;
            $believed = (self::TAILS + 1) / (self::TAILS + $square / $scatter);
            $squares[$of] = [$believed * $square, max(0.0, 1 - $this->covariance[$g][$g] * $believed / $scatter)];
        }

        return $squares;
    }
}
