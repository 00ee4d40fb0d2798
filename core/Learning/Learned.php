<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Planning\Ask;

/**
 * What the cooks of a kitchen teach of its rings, its pans, its rice and its bases, its ladle and its scale, all of it together: one believes a
 * ring only as far as one knows what the rice on it has drunk.
 */
final readonly class Learned
{
    /** Two numbers are not told apart if they are correlated like this, and one of them is known no better than this. */
    private const CORRELATED = 0.75;

    private const HARDLY_KNOWN = 0.03;

    /**
     * @param  list<LearnedNumber>  $numbers
     * @param  list<string>  $keys
     * @param  array<int, float>  $mean
     * @param  list<string>  $silent  Kinds of words that carry nothing in this kitchen: 'bite', 'looseness', 'crust'.
     */
    private function __construct(public array $numbers, private array $keys, private array $mean, public array $silent = []) {}

    /**
     * @param  list<Lesson>  $lessons  In any order.
     * @param  array<string, float>  $given  What is used for a number now, by its key; what is not there is as it was at its last cook.
     */
    public static function from(array $lessons, array $given = []): self
    {
        usort($lessons, static fn (Lesson $a, Lesson $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        if ($lessons === []) {
            return new self([], [], []);
        }
        [$posterior] = Changes::in(new Posterior($lessons, [], $given), $given);

        $outliers = Outliers::keptOutOf($posterior);
        [$posterior->mean, $posterior->covariance] = Changes::averaged($posterior);

        return self::numbered($posterior, $outliers);
    }

    /** @param  list<Outlier>  $outliers */
    private static function numbered(Posterior $posterior, array $outliers): self
    {
        $with = $numbers = [];
        foreach ($posterior->keys as $place => $key) {
            if (Posterior::isNow($key)) {
                $parameter = $posterior->parameters[$place];
                // What a mark gives is its ring and what it is off that.
                $with[$place] = $parameter->mark === null ? [$place] : [$place, (int) $posterior->placeOf(Parameter::ring($parameter->whose)->key())];
            }
        }
        $whole = array_map(static fn (Outlier $outlier): int => $outlier->lesson, array_filter($outliers, static fn (Outlier $outlier): bool => $outlier->rows === []));
        foreach ($with as $place => $places) {
            $parameter = $posterior->parameters[$place];
            $cooks = array_filter(array_keys($posterior->lessons), static fn (int $i): bool => ! in_array($i, $whole, true) && $posterior->told($i, $place) !== null);
            $spread = $posterior->spread($places);
            $numbers[] = new LearnedNumber(
                $parameter, $posterior->given($place), array_sum(array_map(static fn (int $at): float => $posterior->mean[$at], $places)), $spread, count($cooks), $posterior->since($parameter),
                array_values(array_filter($outliers, static fn (Outlier $outlier): bool => $outlier->place === $place)), self::notApart($posterior, $with, $place, $spread),
            );
        }

        return new self($numbers, $posterior->keys, $posterior->mean, $posterior->spreads->silent());
    }

    /**
     * @param  array<int, list<int>>  $with  By place, the parameters whose sum a number is.
     *
     * @return list<Parameter>
     */
    private static function notApart(Posterior $posterior, array $with, int $place, float $spread): array
    {
        $others = [];
        foreach ($with as $other => $places) {
            // Two rings are never in one plan, nor two pans: one of them taken alone leaves nothing further off.
            if ($posterior->parameters[$other]->of === $posterior->parameters[$place]->of) {
                continue;
            }
            $its = $posterior->spread($places);
            if (min($spread, $its) > self::HARDLY_KNOWN && abs($posterior->covarianceOf($with[$place], $places)) > self::CORRELATED * $spread * $its) {
                $others[] = $posterior->parameters[$other];
            }
        }

        return $others;
    }

    /** An ask as it would be asked with what was learned. */
    public function in(Ask $ask, string $ring, string $rice, string $dish, ?string $panName = null): Ask
    {
        $parameters = [Parameter::ring($ring), ...array_map(static fn (int|string $mark): Parameter => Parameter::mark($ring, (string) $mark), array_keys($ask->burner->net)), Parameter::drinking($rice), Parameter::doneness($rice), Parameter::crust($rice), Parameter::base($dish), Parameter::altitude(), Parameter::stock()];
        foreach ($panName === null ? $parameters : [...$parameters, Parameter::pan($panName)] as $parameter) {
            $place = array_search($parameter->key(), $this->keys, true);
            $ask = is_int($place) ? $parameter->in($ask, $this->mean[$place]) : $ask;
        }

        return $ask;
    }
}
