<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/** All lessons of a kitchen together: each parameter as all of them have it, as a normal distribution; and the kitchen's spreads. */
final class Posterior
{
    /** Rounds at most, and by how little nothing moves any more, in a parameter's prior. */
    private const ROUNDS = 16;

    private const ROUNDS_AGAIN = 5;

    private const SETTLED = 2e-3;

    /** Rounds before the spreads are asked: by then every observation has been heard. */
    private const FIRST = 2;

    /** What a parameter was before it changed has this before its key, and the number of the change. */
    private const BEFORE = 'before';

    /** @var list<string> */
    public readonly array $keys;

    /** @var list<Parameter> By the place of their key. */
    public readonly array $parameters;

    /** @var array<string, int> By key. */
    private readonly array $placeOf;

    /** @var array<string, float> What is used for each effect now, by the key of its last parameter but the pan. */
    private array $given = [];

    /** @var array<int, float> By place. */
    public array $mean;

    /** @var array<int, array<int, float>> */
    public array $covariance;

    public Spreads $spreads;

    /** @var array<int, array{float, float}> By place of a tool: {@see SpikeAndSlab::site}. */
    private array $tools = [];

    /** @var array<int, CookLikelihood> By lesson. */
    private array $cooks = [];

    /**
     * @param  list<Lesson>  $lessons  In order of time.
     * @param  array<string, list<int>>  $changes  ms since 1970 from which on a parameter is another, in order of time, by its key.
     * @param  array<string, float>  $now  What is used for a number now, by key; if it is missing or 0, what was used at its last cook.
     * @param  self|null  $alike  Of the same lessons, to begin from.
     */
    public function __construct(public readonly array $lessons, private readonly array $changes = [], array $now = [], ?self $alike = null)
    {
        $parameters = $placeOf = $given = $places = [];
        foreach ($lessons as $i => $lesson) {
            foreach ($lesson->effects as $e => $effect) {
                $places[$i][$e] = [];
                foreach ($effect->parameters as $parameter) {
                    $key = $this->keyOf($parameter, $lesson->at);
                    $parameters[$key] ??= $parameter;
                    $places[$i][$e][] = $placeOf[$key] ??= count($placeOf);
                }
                $given[self::givenKey($effect)] = $lesson->given[$e];
            }
        }
        $this->keys = array_keys($parameters);
        $this->parameters = array_values($parameters);
        $this->placeOf = $placeOf;
        foreach ($given as $key => $last) {
            $this->given[$key] = ($now[$key] ?? 0.0) > 0.0 ? $now[$key] : $last;
        }
        $this->spreads = $alike->spreads ?? new Spreads;
        foreach ($lessons as $i => $lesson) {
            // What was used for a number then may have been another one.
            $near = array_map(fn (float $given, Effect $effect): float => log($given / $this->given[self::givenKey($effect)]), $lesson->given, $lesson->effects);
            $this->cooks[$i] = new CookLikelihood($lesson, $places[$i], $near, $this->spreads);
        }
        $this->mean = array_map(static fn (string $key): float => $alike->mean[$alike->placeOf[$key] ?? -1] ?? 0.0, $this->keys);
        $this->covariance = $this->prior()->covariance();
        foreach ($this->parameters as $place => $parameter) {
            if ($parameter->isTool) {
                $this->tools[$place] = $alike->tools[$alike->placeOf[$parameter->key()] ?? -1] ?? SpikeAndSlab::site($parameter->prior, 0.0, SpikeAndSlab::WIDE ** 2, [0.0, 0.0]);
            }
        }
        foreach ($alike === null ? [] : $this->keys as $place => $key) {
            foreach ($this->keys as $at => $second) {
                [$its, $other] = [$alike->placeOf[$key] ?? -1, $alike->placeOf[$second] ?? -1];
                $this->covariance[$place][$at] = $alike->covariance[$its][$other] ?? $this->covariance[$place][$at];
            }
        }
        $this->settle($alike === null ? self::ROUNDS : self::ROUNDS_AGAIN);
    }

    private static function givenKey(Effect $effect): string
    {
        foreach ($effect->parameters as $parameter) {
            if ($parameter->of !== 'ring-power' || $parameter->mark !== null) {
                return $parameter->key();
            }
        }

        return $effect->parameters[0]->key();
    }

    /** What is used for a parameter now: W of a mark; 1 for a ring and a pan, which are factors on all marks. */
    public function given(int $place): float
    {
        return $this->given[$this->parameters[$place]->key()] ?? 1.0;
    }

    private function prior(): Gaussian
    {
        $gaussian = Gaussian::prior(array_map(static fn (Parameter $parameter): float => $parameter->isTool ? SpikeAndSlab::WIDE : $parameter->prior, $this->parameters));
        foreach ($this->tools as $place => [$precision, $pull]) {
            $gaussian->join([$place], [[$precision]], [$pull]);
        }

        return $gaussian;
    }

    private function gaussian(): Gaussian
    {
        $gaussian = $this->prior();
        foreach ($this->cooks as $cook) {
            $says = $cook->says();
            if ($says !== null) {
                $gaussian->joinEffects($cook->places(), ...$says);
            }
        }

        return $gaussian;
    }

    /** Whether each tool works, by all that is believed now; half-way to it each time, so that two of them do not swing. */
    private function judgeTools(): void
    {
        foreach ($this->parameters as $place => $parameter) {
            if ($parameter->isTool) {
                $was = $this->tools[$place];
                $is = SpikeAndSlab::site($parameter->prior, $this->mean[$place], $this->covariance[$place][$place], $was);
                $this->tools[$place] = [($was[0] + $is[0]) / 2, ($was[1] + $is[1]) / 2];
            }
        }
    }

    /**
     * Until nothing moves any more: parameters by all cooks, each observation by the parameters, the spreads by both.
     *
     * @param  int  $rounds  At most.
     */
    public function settle(int $rounds = self::ROUNDS_AGAIN): void
    {
        $moved = INF;
        for ($round = 0; $round < $rounds && $moved > self::SETTLED; $round++) {
            foreach ($this->cooks as $cook) {
                $cook->update($this->mean, $this->covariance, $this->spreads);
            }
            $this->judgeTools();
            $gaussian = $this->gaussian();
            if (! $gaussian->isProper()) {
                // Two tools in doubt together: nothing is said of them beforehand but how wrong one may be.
                $this->tools = array_map(static fn (): array => [0.0, 0.0], $this->tools);
                $gaussian = $this->gaussian();
            }
            $mean = $gaussian->mean();
            $this->covariance = $gaussian->covariance();
            $moved = $round <= self::FIRST ? INF : 0.0;
            foreach ($mean as $place => $value) {
                $moved = max($moved, abs($value - $this->mean[$place]) / $this->parameters[$place]->prior);
            }
            $this->mean = $mean;
            $this->spreads = $round < self::FIRST ? $this->spreads : $this->spreads->learnedFrom($this->cooks);
        }
    }

    /** @return array<int, CookLikelihood> by lesson */
    public function cooks(): array
    {
        return $this->cooks;
    }

    /** The key of a parameter at a time: what it was before it changed is another. */
    public function keyOf(Parameter $parameter, int $at): string
    {
        $later = 0;
        foreach ($this->changes[self::changesWith($parameter)] ?? [] as $since) {
            $later += (int) ($at < $since);
        }

        return ($later === 0 ? '' : self::BEFORE." $later|").$parameter->key();
    }

    /** Key of the parameter it changes with: a new jet changes all marks of its ring, a new sack what its rice drinks and its minutes. */
    private static function changesWith(Parameter $parameter): string
    {
        return match ($parameter->of) {
            'ring-power' => Parameter::ring($parameter->whose)->key(),
            'drinking', 'doneness', 'crust' => Parameter::drinking($parameter->whose)->key(),
            default => $parameter->key(),
        };
    }

    /** @return int|null ms since 1970, from which on it is what it is now; null if it never changed */
    public function since(Parameter $parameter): ?int
    {
        $changes = $this->changes[self::changesWith($parameter)] ?? [];

        return $changes === [] ? null : max($changes);
    }

    public static function isNow(string $key): bool
    {
        return ! str_starts_with($key, self::BEFORE);
    }

    public function placeOf(string $key): ?int
    {
        return $this->placeOf[$key] ?? null;
    }

    /**
     * Of the sum of some parameters, one standard deviation.
     *
     * @param  array<int, int>  $places
     */
    public function spread(array $places): float
    {
        return sqrt($this->covarianceOf($places, $places));
    }

    /**
     * Between two sums of parameters.
     *
     * @param  array<int, int>  $some
     * @param  array<int, int>  $others
     */
    public function covarianceOf(array $some, array $others): float
    {
        $sum = 0.0;
        foreach ($some as $p) {
            foreach ($others as $q) {
                $sum += $this->covariance[$p][$q];
            }
        }

        return $sum;
    }

    /** By its key, which is among them. */
    public function meanOf(string $key): float
    {
        return $this->mean[$this->placeOf[$key]];
    }

    /**
     * What one lesson alone would have a parameter be, with the others as all have them.
     *
     * @return array{off: float, spread: float}|null null if it tells nothing of it
     */
    public function told(int $i, int $place): ?array
    {
        foreach ($this->cooks[$i]->places() as $e => $places) {
            if (in_array($place, $places, true)) {
                $alone = $this->cooks[$i]->estimate($e);

                return $alone === null ? null : ['off' => $this->mean[$place] + $alone['off'], 'spread' => $alone['spread']];
            }
        }

        return null;
    }
}
