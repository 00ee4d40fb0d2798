<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Weighing;
use Velko\Core\Food\Sweated;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\Measurements;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Browning;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Continuation;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Burner;

/**
 * What one cook tells of the parameters that no plan knows: each of its weighings, signs, tastes and words of the verdict as an observation,
 * and how that moves with each effect. It is worked out once, by the numbers its plan was made with; from there on every observation is a
 * straight line of the effects, and many cooks are added up without being played again. It is not worked out nearer to what explains this cook
 * best: its slopes would then lean the way the cook errs, and all cooks together that way too.
 */
final readonly class Lesson
{
    /** A floor is no whiter, minutes at 150 °C. */
    private const WHITE = 1e-3;

    /**
     * @param  string  $id  Of the cook.
     * @param  int  $at  ms since 1970.
     * @param  list<Effect>  $effects
     * @param  list<float>  $given  What was used for each when it was cooked, by effect.
     * @param  list<Observation>  $observations
     * @param  bool  $weighed  Whether any of it rests on the scale.
     */
    public function __construct(public string $id, public int $at, public array $effects, public array $given, public array $observations, public bool $weighed) {}

    /** @return self|null null for a cook that never came to the table, or of which nothing was said */
    public static function of(LoggedCook $logged): ?self
    {
        if ($logged->replay->status !== Status::AtTable || $logged->replay->pours() === []) {
            return null;
        }
        $continuation = self::continuation($logged);
        $effects = self::effects($logged, $continuation);
        $observations = self::observations($logged, $continuation, $effects);

        return $observations === [] ? null
            : new self($logged->id, $logged->at, $effects, array_map(static fn (Effect $effect): float => $effect->given($logged->ask), $effects), $observations, self::wasWeighed($logged));
    }

    private static function wasWeighed(LoggedCook $logged): bool
    {
        return array_filter($logged->replay->counted, static fn (Touch $touch): bool => $touch->weighing !== null) !== [];
    }

    /** @return list<Effect> */
    private static function effects(LoggedCook $logged, Continuation $continuation): array
    {
        $pan = $logged->panName === null ? [] : [Parameter::pan($logged->panName)];
        $effects = array_map(static fn (string $mark): Effect => new Effect('ring-power', $mark, [Parameter::ring($logged->ring), Parameter::mark($logged->ring, $mark), ...$pan]), self::marks($logged));
        $effects[] = new Effect('drinking', null, [Parameter::drinking($logged->rice)]);
        $effects[] = new Effect('doneness', null, [Parameter::doneness($logged->rice)]);
        $effects[] = new Effect('ladle', null, [Parameter::ladle()]);
        $effects[] = new Effect('altitude', null, [Parameter::altitude()]);
        $effects[] = new Effect('stock-temperature', null, [Parameter::stock()]);
        if (self::wasWeighed($logged)) {
            $effects[] = new Effect('scale', null, [Parameter::scale()]);
        }
        if (self::floor($logged, $continuation) !== null) {
            $effects[] = new Effect('crust', null, [Parameter::crust($logged->rice)]);
        }
        if (self::wasWeighed($logged) && Sweated::left($logged->ask->food) !== null) {
            $effects[] = new Effect('base-yield', null, [Parameter::base($logged->dish)]);
        }

        return $effects;
    }

    /** @return list<string> marks that it stood on, but for those that are taken to give nothing: no factor can be off */
    private static function marks(LoggedCook $logged): array
    {
        $marks = [...array_map(static fn (HeatChange $change): string => $change->mark, $logged->heat), ...array_map(static fn (Touch $touch): ?string => $touch->mark, $logged->replay->counted)];

        return array_values(array_unique(array_filter($marks, static fn (?string $mark): bool => $mark !== null && $mark !== Burner::OVEN && ($logged->ask->burner->net[$mark] ?? 0.0) > 0.0)));
    }

    /**
     * @param  list<Effect>  $effects
     *
     * @return list<Observation>
     */
    private static function observations(LoggedCook $logged, Continuation $continuation, array $effects): array
    {
        $given = $logged->ask->grain;
        $nudged = array_map(static fn (Effect $effect): LoggedCook => $effect->in($logged, $effect->nudge()), $effects);
        $still = array_filter($nudged, static fn (int $e): bool => ! $effects[$e]->movesThePan(), ARRAY_FILTER_USE_KEY);
        $seen = self::seen(['' => $logged] + $still, $continuation, $given);
        foreach (array_diff_key($nudged, $still) as $e => $other) {
            $seen[$e] = self::seen([$e => $other], $continuation, $given)[$e];
        }
        $far = [];
        foreach ($effects as $e => $effect) {
            $off = $effect->far();
            if ($off !== null) {
                $far[$e] = [$effect->moves($off), self::seen([$e => $effect->in($logged, $off)], $continuation, $given)[$e]];
            }
        }

        return array_map(static function (string $name) use ($seen, $effects, $far): Observation {
            $observation = $seen[''][$name];
            $slopes = [];
            foreach ($effects as $e => $effect) {
                $there = $seen[$e][$name] ?? $observation;
                $slopes[$e] = (self::place($there) - self::place($observation)) / ($observation->grams ?? 1.0) / $effect->moves($effect->nudge());
                // A scale errs by a share of what is on it, not of what it shows: a slope that leans the way a reading errs would make all cooks together err that way.
                if ($effect->of === 'scale' && $observation->grams !== null && is_float($observation->what)) {
                    $slopes[$e] = $slopes[$e] * exp($effect->nudge()) + $observation->what;
                }
            }

            $curves = [];
            foreach ($far as $e => [$moved, $there]) {
                $curves[$e] = isset($there[$name]) ? ((self::place($there[$name]) - self::place($observation)) / ($observation->grams ?? 1.0) - $slopes[$e] * $moved) / $moved ** 2 : 0.0;
            }

            return new Observation($observation->kind, $observation->what, $slopes, $observation->grams, $curves);
        }, array_keys($seen['']));
    }

    /** Where it lies: a word against its range; a weighing in g, since how well it is known may be another with another base. */
    private static function place(Observation $observation): float
    {
        return $observation->what instanceof SaidWord ? $observation->what->place() : $observation->what * ($observation->grams ?? 1.0);
    }

    /**
     * What was seen and weighed in one pan, against what it would be if the cook had been each of these; the pan runs alike in all of them.
     *
     * @param  non-empty-array<int|string, LoggedCook>  $variants
     * @param  Grain  $given  As the plan had it.
     *
     * @return array<int|string, array<string, Observation>> by variant, then by a name of its own; without slopes
     */
    private static function seen(array $variants, Continuation $continuation, Grain $given): array
    {
        $cooked = reset($variants);
        $measured = array_map(static fn (LoggedCook $variant): Measurements => new Measurements($variant->ask, $variant->heat, $variant->replay, isToLearn: true), $variants);
        $seen = [];
        foreach ($measured as $v => $measurement) {
            $base = $measurement->missOfTheBase();
            $seen[$v] = $base === null ? [] : ['base' => new Observation(Observation::BASE, $base, [], hypot(Weighing::SPREAD_G, Weighing::SPREAD_G))];
        }
        $track = new Track;
        $n = -1;
        $run = (new ActualRun($cooked->ask, $cooked->heat, $cooked->replay, new Estimate(1.0)))->run($cooked->at, static function (Touch $touch, State $state) use (&$seen, &$n, $variants, $measured, $track, $given): void {
            $n++;
            foreach ($measured as $v => $measurement) {
                $its = $variants[$v]->replay->counted[$n]; // the same touch, as this variant has it
                $found = self::found($its, $state, $measurement, $track);
                if ($found !== null) {
                    $seen[$v]["$n found"] = $found;
                }
                $bite = $its->taste === null ? null : self::bite($state, $its->taste, $given, $variants[$v]->ask->grain);
                if ($bite !== null) {
                    $seen[$v]["$n taste"] = new Observation('taste', $bite, []);
                }
            }
        }, $track);
        if ($run !== null) {
            foreach ($variants as $v => $variant) {
                $seen[$v] += self::verdict($variant, $run->end, $continuation, $given);
            }
        }

        return $seen;
    }

    private static function found(Touch $touch, State $state, Measurements $measurements, Track $track): ?Observation
    {
        $said = $measurements->said($touch, $state, $track);
        if ($said !== null) {
            return new Observation($touch->kind === TouchKind::NotYet ? 'not-yet' : 'looseness', new SaidWord(...$said, said: $touch->sign?->value), []);
        }
        $miss = $measurements->miss($touch, $state, $track);

        return $miss === null ? null : new Observation($touch->weighing === null ? Observation::SIGN : Observation::WEIGHING, $miss, [], $measurements->grams($touch, $state));
    }

    /** @return array<string, Observation> */
    private static function verdict(LoggedCook $logged, State $eaten, Continuation $continuation, Grain $given): array
    {
        $verdict = $logged->replay->verdict;
        if ($verdict === null) {
            return [];
        }
        $said = [];
        $looseness = $logged->ask->family->traits()->scale->range($verdict->looseness);
        $sign = Sign::tryFrom(str_replace(' ', '-', $verdict->looseness->value));
        if ($looseness !== null && $sign !== null) {
            $said['eaten looseness'] = new Observation('looseness', new SaidWord($eaten->free / $logged->ask->rice(), $looseness[0], $looseness[1], $sign->spread(), $sign->value), []);
        }
        $bite = self::bite($eaten, $verdict->bite, $given, $logged->ask->grain);
        if ($bite !== null) {
            $said['eaten bite'] = new Observation('bite', $bite, []);
        }
        $floor = self::floor($logged, self::continuation($logged, $continuation));
        if ($floor !== null && $verdict->crust !== null) {
            $said['eaten crust'] = new Observation('crust', new SaidWord(log($floor), ...array_map(log(...), $verdict->crust->range()), spread: Browning::SPREAD, said: $verdict->crust->name), []);
        }

        return $said;
    }

    /**
     * A word of the bite, in minutes past the middle of its window: where the minutes are others, the ranges stay and the thought moves, whichever
     * word was said.
     */
    private static function bite(State $state, Bite|Taste $word, Grain $given, Grain $grain): ?SaidWord
    {
        $range = $word->range($given->tooth());
        $middle = $given->tooth()->middle();

        return $range === null ? null : new SaidWord($state->doneness - $grain->tooth()->middle(), $range[0] - $middle, $range[1] - $middle, Taste::SPREAD, $word->value);
    }

    /** @param  Continuation|null  $alike  Of the same cook with other numbers: its crust is made by the same moves. */
    private static function continuation(LoggedCook $logged, ?Continuation $alike = null): Continuation
    {
        return $logged->ask->family->continuation($logged->ask, $logged->replay, $logged->heat[0]->mark, [], $alike);
    }

    /**
     * How brown its floor came to be, where a crust was made and looked at.
     *
     * @return float|null minutes at 150 °C, > 0
     */
    private static function floor(LoggedCook $logged, Continuation $continuation): ?float
    {
        $off = $logged->replay->minuteOf(StageKind::Off);
        $browning = $off === null || $logged->replay->verdict?->crust === null ? null : $continuation->scraped(60 * $off);

        return $browning === null ? null : max(self::WHITE, $browning);
    }
}
