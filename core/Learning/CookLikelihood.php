<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * What one cook says of the parameters, among all others: a normal likelihood, as precision Λ and pull h by effect, of which its own differences
 * from all cooks are taken out (OwnDifferences). Each observation is a normal site in that: a measurement by how far off it is (Student t, by
 * iteratively reweighted squares), a word by what its range leaves of all else that is believed of it (expectation propagation; Minka 2001).
 */
final class CookLikelihood
{
    /** Degrees of freedom of measurements (Student t): what is far off is hardly believed. */
    private const TAILS = 4.0;

    /** A word that is all that is known of its thought has nothing else. */
    private const ITSELF = 0.999;

    /** A cook that tells no more than this of an effect tells nothing of it, one standard deviation; or as a share of the prior. */
    private const TELLS = 0.35;

    private const TELLS_OF_PRIOR = 2.0;

    private readonly OwnDifferences $own;

    /** The effect that is the scale's, by place. */
    private ?int $scale = null;

    /** @var array<int, float> Effects as all cooks have them. */
    private array $x;

    /** @var array<int, array<int, float>> Λ */
    private array $precision;

    /** @var array<int, float> h */
    private array $pull;

    /** @var array{array<int, array<int, float>>, array<int, float>}|null What it says of the effects of all cooks, once it was asked. */
    private ?array $says = null;

    /** @var array<int, array{float, float}> By observation: precision and pull of its projection on the effects. */
    private array $sites;

    /** @var array<int, array{float, array<int, float>}> By observation: its value and slopes where all is now. */
    private array $here = [];

    /** @var array<int, array{float, float, float}> By observation: its value and variance by all else, and how much of what is believed of it is its own, 0 to 1. */
    private array $else = [];

    /** @var array<string, array{float, float}> By what they are of: the square of the cook's own difference as far as it is believed, and how much of it the cook tells, 0 to 1. */
    private array $differences = [];

    /** @var array<int, true> Observations that are kept out. */
    private array $out = [];

    private bool $isOut = false;

    /**
     * @param  array<int, array<int, int>>  $places  By effect, those of its parameters.
     * @param  array<int, float>  $near  Where the lesson was worked out, counted from what is used for each now.
     */
    public function __construct(private readonly Lesson $lesson, private readonly array $places, private readonly array $near, private Spreads $spreads)
    {
        foreach ($lesson->effects as $e => $effect) {
            $this->scale = $effect->of === 'scale' ? $e : $this->scale;
        }
        $this->own = new OwnDifferences($lesson->effects, $spreads);
        $n = count($lesson->effects);
        $this->x = array_fill(0, $n, 0.0);
        $this->precision = array_fill(0, $n, array_fill(0, $n, 0.0));
        $this->pull = array_fill(0, $n, 0.0);
        $this->sites = array_fill(0, count($lesson->observations), [0.0, 0.0]);
    }

    public function keepOut(): void
    {
        $this->isOut = true;
    }

    public function keepOutObservation(int $row): void
    {
        $this->out[$row] = true;
    }

    /**
     * What each observation says, beside what is believed of all parameters.
     *
     * @param  array<int, float>  $mean
     * @param  array<int, array<int, float>>  $covariance
     */
    public function update(array $mean, array $covariance, Spreads $spreads): void
    {
        $this->spreads = $spreads;
        foreach ($this->places as $e => $places) {
            $this->x[$e] = 0.0;
            foreach ($places as $place) {
                $this->x[$e] += $mean[$place];
            }
        }
        $this->own->update($this->x);
        $this->differences = $this->own->squares($spreads);
        $variance = $this->varianceOfAll($covariance);
        // Slopes are those at the effects of all: at the cook's own they would lean the way it errs, and all cooks together that way too.
        $own = $moves = $steeper = [];
        foreach ($this->lesson->effects as $e => $effect) {
            $own[$e] = $this->own->in($e);
            $moves[$e] = $effect->moves($this->x[$e] - $this->near[$e]);
            $steeper[$e] = $effect->slope($this->x[$e] - $this->near[$e]);
        }
        foreach ($this->lesson->observations as $row => $observation) {
            [$value, $slopes] = $observation->at($moves, $steeper, $this->scale);
            $projected = 0.0;
            foreach ($slopes as $e => $slope) {
                $projected += $slope * ($this->x[$e] + $own[$e]);
                $value += $slope * $own[$e];
            }
            [$fromAll, $spread] = $this->own->seenFromAll($slopes);
            foreach ($fromAll as $e => $a) {
                foreach ($fromAll as $f => $b) {
                    $spread += $a * $b * $variance[$e][$f];
                }
            }
            $this->here[$row] = [$value, $slopes];
            $this->else[$row] = $this->without($row, $value, $projected, $spread);
            // As precision and pull of its projection on the effects: a measurement should be 0.
            $noise = $spreads->noise($observation->kind);
            if ($observation->what instanceof SaidWord) {
                [$known, $pull] = $observation->what->adds($this->else[$row][0], $this->else[$row][1], $spreads->wrongly($observation->kind), $spreads->habit($observation->kind, $observation->what->said), $spreads->wider($observation->kind));
                // What a word takes away from what is known is left out (all cooks together might then know less than nothing); its pull is not.
                $known = max(0.0, $known);
                $pull += $known * ($projected - $value + $this->else[$row][0]);
            } else {
                $known = self::trusted($value ** 2 + $spread, $noise) / $noise;
                $pull = $known * ($projected - $value);
            }
            $this->sites[$row] = isset($this->out[$row]) ? [0.0, 0.0] : [$known, $pull];
        }
        $this->add();
    }

    /**
     * What is believed of an observation by all else.
     *
     * @return array{float, float, float} as {@see $else}
     */
    private function without(int $row, float $value, float $projected, float $variance): array
    {
        [$known, $pull] = $this->sites[$row];
        if ($this->isOut || ($known === 0.0 && $pull === 0.0) || $variance * $known >= self::ITSELF) {
            return [$value, $variance, 0.0];
        }
        $else = $variance / (1 - $variance * $known);

        return [$value + $else * ($known * $projected - $pull), $else, $variance * $known];
    }

    /** How far a measurement is believed that is off by such a square, 0 to 1 and a quarter. */
    private static function trusted(float $square, float $noise): float
    {
        return (self::TAILS + 1) / (self::TAILS + $square / $noise);
    }

    private function add(): void
    {
        $n = count($this->x);
        $precision = array_fill(0, $n, array_fill(0, $n, 0.0));
        $pull = array_fill(0, $n, 0.0);
        foreach ($this->sites as $row => [$known, $towards]) {
            foreach ($this->here[$row][1] as $e => $a) {
                if ($a !== 0.0) {
                    $pull[$e] += $a * $towards;
                    foreach ($this->here[$row][1] as $f => $b) {
                        $precision[$e][$f] += $known * $a * $b;
                    }
                }
            }
        }
        [$this->precision, $this->pull] = [$precision, $pull];
        $this->says = null;
        $this->own->hear($precision, $pull, $this->spreads);
    }

    /**
     * Of the effects of all cooks.
     *
     * @param  array<int, array<int, float>>  $covariance  Of all parameters.
     *
     * @return array<int, array<int, float>>
     */
    private function varianceOfAll(array $covariance): array
    {
        $variance = [];
        foreach ($this->places as $e => $some) {
            foreach ($this->places as $f => $others) {
                $sum = 0.0;
                foreach ($some as $p) {
                    foreach ($others as $q) {
                        $sum += $covariance[$p][$q];
                    }
                }
                $variance[$e][$f] = $sum;
            }
        }

        return $variance;
    }

    /**
     * What it says of the effects of all cooks.
     *
     * @return array{array<int, array<int, float>>, array<int, float>}|null null if it is kept out
     */
    public function says(): ?array
    {
        return $this->isOut ? null : $this->says ??= $this->own->withoutThem($this->precision, $this->pull);
    }

    /** @return array<int, array<int, int>> */
    public function places(): array
    {
        return $this->places;
    }

    /** @return array<string, array{float, float}> by what they are of: the square of the cook's own difference as far as it is believed, and how much of it the cook tells, 0 to 1 */
    public function ownDifferences(): array
    {
        return $this->isOut ? [] : $this->differences;
    }

    /** @return list<array{string, float, float}> of each measurement: its kind, the square of how far off it is as far as it is believed, and how much of a measurement that is */
    public function misses(): array
    {
        $misses = [];
        foreach ($this->isOut ? [] : $this->lesson->observations as $row => $observation) {
            if (! $observation->what instanceof SaidWord && ! isset($this->out[$row])) {
                $square = $this->here[$row][0] ** 2;
                $misses[] = [$observation->kind, self::trusted($square, $this->spreads->noise($observation->kind)) * $square, 1 - $this->else[$row][2]];
            }
        }

        return $misses;
    }

    /** @return list<array{string, string|null, array<int, float>}> of each word: its kind, which it is, and how likely it was to be said rightly by all else, by {@see Spreads::WIDER} */
    public function wordsHeard(): array
    {
        $heard = [];
        foreach ($this->isOut ? [] : $this->lesson->observations as $row => $observation) {
            $word = $observation->what;
            if ($word instanceof SaidWord) {
                [$thought, $variance] = $this->else[$row];
                $heard[] = [$observation->kind, $word->said, array_map(static fn (float $wider): float => $word->likely($thought, $variance, $wider), Spreads::WIDER)];
            }
        }

        return $heard;
    }

    private function projected(int $row): float
    {
        $projected = 0.0;
        foreach ($this->here[$row][1] as $e => $slope) {
            $projected += $slope * ($this->x[$e] + $this->own->in($e));
        }

        return $projected;
    }

    /**
     * How far a weighing is off all else that is known of the pan, in standard deviations and in g; of the base too.
     *
     * @return list<array{row: int, kind: string, apart: float, grams: float}>
     */
    public function weighings(): array
    {
        $weighings = [];
        foreach ($this->lesson->observations as $row => $observation) {
            if (! $observation->what instanceof SaidWord && $observation->grams !== null) {
                [$value, $variance] = $this->else[$row];
                $weighings[] = ['row' => $row, 'kind' => $observation->kind, 'apart' => $value / sqrt($variance + $this->spreads->noise($observation->kind)), 'grams' => -$value * $observation->grams];
            }
        }

        return $weighings;
    }

    /**
     * What the cook alone would have an effect be, with the others as all have them.
     *
     * @return array{moved: float, off: float, spread: float}|null how far off all others, as a straight line has it and as the effect would be; and how well it tells that, one standard deviation; null if it tells nothing of it
     */
    public function estimate(int $effect): ?array
    {
        [$of, $group] = $this->own->group($effect);
        $precision = $pull = 0.0;
        foreach (array_diff_key($this->lesson->observations, $this->out) as $row => $observation) {
            [$value, $slopes] = $this->here[$row];
            $slope = array_sum(array_map(static fn (int $e): float => $slopes[$e], $group));
            // With the effects of all, without the cook's own differences.
            $own = 0.0;
            foreach ($slopes as $e => $a) {
                $own += $a * $this->own->in($e);
            }
            [$known, $towards] = $observation->what instanceof SaidWord ? $this->sites[$row] : [1 / $this->spreads->noise($observation->kind), null];
            $precision += $known * $slope ** 2;
            $pull += $slope * ($towards === null ? -$known * ($value - $own) : $towards - $known * ($this->projected($row) - $own));
        }
        if ($precision < 1 / max(self::TELLS, self::TELLS_OF_PRIOR * $this->lesson->effects[$effect]->parameters[0]->prior) ** 2) {
            return null;
        }

        return ['moved' => $pull / $precision, 'off' => $this->lesson->effects[$effect]->offBy($pull / $precision), 'spread' => sqrt(1 / $precision + ($of === null ? 0.0 : $this->spreads->scatter($of)))];
    }
}
