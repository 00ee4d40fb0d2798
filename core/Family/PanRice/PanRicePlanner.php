<?php

declare(strict_types=1);

namespace Velko\Core\Family\PanRice;

use Velko\Core\Crust\CrustMaking;
use Velko\Core\Crust\CrustPlan;
use Velko\Core\Crust\CrustResult;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Method\PanHeat;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\HoldingAtPass;
use Velko\Core\Planning\Outcome;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\RightAtTheTable;
use Velko\Core\Planning\RootFinder;
use Velko\Core\Planning\TwoMarks;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan;
use Velko\Core\Water\Steam;

/**
 * Works out a pan rice: one pour that is gone just when the rice is done, then the crust, then the rest.
 *
 * Hot until the rice stands as high as the stock, then gentle until the pan is dry. The more stock, the later it is
 * dry and the more the rice is done: the stock is found by its root. With a heat track given, that track is kept; with
 * the stock given, the minute at which the knob is turned down is found instead, on stronger or weaker settings where
 * it must be. Where nothing fits, the pan is cooked as far as it goes and the stock that would fit is named.
 */
final class PanRicePlanner
{
    /** The gentle half, W/m² of floor (our estimate). */
    private const GENTLE = 7500.0;

    /** On a weaker setting than this it no longer boils right out to the rim, W/m² (our estimate). */
    private const BOILS_TO_THE_RIM = 12000.0;

    /** What it costs, in e-folds of heat: a pour that does not fit the pan, grains that show late (for all of the time until it is dry), a rim that is quiet, heat that is fierce (our estimates). */
    private const OVER_THE_RIM = 3.0;

    private const LATE = 4.0;

    private const QUIET_RIM = 0.5;

    private const FIERCE = 0.5;

    /** So many pairs of marks are cooked, the nearest to the heat looked for first; more while nothing fits the pan. */
    private const MARKS_TRIED = 3;

    /** Marks that cost no more than this apart are as good. */
    private const AS_GOOD = 0.1;

    /** The grains should show by this share of the time until it is dry (common practice: about minute 8 to 10 of 18 to 20). */
    private const GRAINS_SHOW_BY = 0.58;

    private const DONENESS_TOLERANCE = 0.03;

    /** Rice that is so far past the middle of its window is not waited with for the pan to dry, min. */
    private const DONE_ANYWAY = 0.12;

    private const MOST_PULLS = 6;

    /** Rounding the stock may change it by this share of the rice, g/g. */
    private const ROUNDING = 0.015;

    /** For a first guess: minutes of the hot half and of the gentle half, and what it will have drunk of what it would in ample liquid. */
    private const HALF = 8.5;

    private const OF_AMPLE = 0.86;

    /** A minute of doneness costs about so much stock, g per g rice, on top of what boils off. */
    private const DRINKS_PER_MINUTE = 0.04;

    private readonly float $rice;

    private readonly float $wanted;

    private readonly Cooking $cooking;

    private readonly CrustMaking $making;

    /** @var array<string, CrustPlan> by mark */
    private array $crusts = [];

    /** @var array<string, array{landed: float, turnedAt: float, dryAt: float}> what was cooked before, by stock, marks and turn */
    private array $cooked = [];

    private function __construct(private readonly Ask $ask, ?CrustMaking $making)
    {
        $this->rice = $ask->rice();
        $this->wanted = $ask->grain->window->middle();
        $this->cooking = new Cooking($ask, $ask->method->heat ?? [new HeatChange(0.0, $this->hot())]);
        $this->making = $making ?? $ask->crustMaking();
    }

    /** @param  CrustMaking|null  $making  of the same pan on the same ring for the same crust, where it was made before */
    public static function plan(Ask $ask, ?CrustMaking $making = null): Plan
    {
        $plan = (new self($ask, $making))->solve();
        if ($ask->method->coverFromGrains && $ask->method->lid === []) {
            // The minute at which they show is known only now.
            return self::plan($plan->onTheSameHeat()->withMethod(['lid' => [new LidChange(self::grainsShow($plan), true)]]), $plan->crust->making ?? $making);
        }
        if ($ask->method->coverLast <= 0) {
            return $plan;
        }
        // When it comes off is known only now; the lid moves it by next to nothing.
        $covered = new LidChange(max(0.0, $plan->pulled->minute() - $ask->method->coverLast), true);

        return (new self($ask->withMethod(['lid' => [...array_values(array_filter($ask->method->lid, static fn (LidChange $change): bool => $change->fromMinute < $covered->fromMinute)), $covered], 'coverLast' => 0.0]), $plan->crust->making ?? $making))->solve();
    }

    /** Minute at which the rice stands as high as the stock. */
    private static function grainsShow(Plan $plan): float
    {
        $cooking = new Cooking($plan->ask, $plan->heat);
        $state = $cooking->atFirstStock();
        $cooking->pourStock($state, $plan->stock);
        $cooking->runUntilGrainsShow($state, Cooking::LONGEST, INF);

        return $state->minute();
    }

    private function solve(): Plan
    {
        $given = $this->ask->stock->given;
        if ($this->ask->method->heat !== null) {
            return $given === null
                ? $this->asPlanned($this->stockOnTrack(), null)
                : $this->asPlanned($given, null, $this->stockOnTrack());
        }
        [$hot, $gentle] = [$this->hot(), $this->gentle()];
        if ($given === null) {
            if ($this->ask->method->panHeat !== null) {
                $stock = $this->stockFor($hot, $gentle);

                return $this->asPlanned($stock, $this->turned($stock, $hot, $gentle, null));
            }
            [$best, $asGood] = $this->settings();

            return $this->asPlanned($best->stock, $this->turned($best->stock, $best->heat->hot, $best->heat->gentle, null), asGood: $asGood);
        }
        $track = $this->trackFor($given, $hot, $gentle);

        return $track === null
            ? $this->asPlanned($given, $this->asFarAsItGoes($given), $this->stockFor($hot, $gentle))
            : $this->asPlanned($given, $track);
    }

    /**
     * The two marks that cost least, and the next that costs hardly more: how far each is from the heat a cook looks for,
     * and what is wrong with the pan it makes. Marks further off than the best one costs are not cooked.
     *
     * @return array{TwoMarks, TwoMarks|null}
     */
    private function settings(): array
    {
        $found = [];
        $least = INF;
        foreach ($this->byHeat() as [$heat, $off]) {
            $enough = $least < self::OVER_THE_RIM ? self::MARKS_TRIED : 2 * self::MARKS_TRIED;
            if ($off > $least + self::AS_GOOD || count($found) >= $enough) {
                break;
            }
            $stock = $this->stockFor($heat->hot, $heat->gentle, $found[count($found) - 1] ?? null);
            $found[] = $setting = new TwoMarks($heat, $stock, $off + $this->costs($heat, $stock));
            $least = min($least, $setting->cost);
        }
        usort($found, static fn (TwoMarks $a, TwoMarks $b): int => $a->cost <=> $b->cost);
        $next = $found[1] ?? null;

        return [$found[0], $next !== null && $next->cost <= $found[0]->cost + self::AS_GOOD ? $next : null];
    }

    /**
     * Every two marks of which the second is the weaker, by how far they are from the heat looked for, in e-folds.
     *
     * @return non-empty-list<array{PanHeat, float}>
     */
    private function byHeat(): array
    {
        $burner = $this->ask->burner;
        $area = $this->ask->pan->baseArea();
        $pairs = [];
        $weaker = match (true) {
            $this->ask->method->oven !== null => [Burner::OVEN],
            $this->ask->method->coverFromGrains => [$burner->weakest()],
            default => $burner->settings(),
        };
        foreach ($burner->settings() as $hot) {
            foreach ($weaker as $gentle) {
                if ($gentle === Burner::OVEN || $burner->net[$gentle] < $burner->net[$hot]) {
                    $pairs[] = [new PanHeat($hot, $gentle), $burner->off($hot, Fit::HOT * $area) + (count($weaker) > 1 ? $burner->off($gentle, self::GENTLE * $area) : 0.0)];
                }
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a[1] <=> $b[1]);

        return $pairs === [] ? [[new PanHeat($this->hot(), $this->hot()), 0.0]] : $pairs;
    }

    /** What is wrong with the pan that two marks make, in the same measure as an e-fold of heat. */
    private function costs(PanHeat $heat, float $stock): float
    {
        $cooked = $this->cook($stock, $heat->hot, $heat->gentle, null);
        $flux = $this->ask->burner->net[$heat->hot] / $this->ask->pan->baseArea();

        return (Pan::volumeAtPour($this->rice, $stock) > $this->ask->pan->workingVolume() ? self::OVER_THE_RIM : 0.0)
            + self::LATE * max(0.0, $cooked['turnedAt'] / $cooked['dryAt'] - self::GRAINS_SHOW_BY)
            + ($flux < self::BOILS_TO_THE_RIM ? self::QUIET_RIM : 0.0)
            + ($flux > PanRiceChecks::FIERCE ? self::FIERCE : 0.0);
    }

    /**
     * Stock that is gone just in time, hot until the grains show and gentle from then on, mL.
     *
     * @param  TwoMarks|null  $near  other marks for which it was found before: what boils off more on these is a good first guess
     */
    private function stockFor(string $hot, string $gentle, ?TwoMarks $near = null): float
    {
        $net = $this->ask->burner->net;
        $doneness = fn (float $stock): float => $this->cook($stock, $hot, $gentle, null)['landed'];
        if ($near === null) {
            return $this->solved($doneness, $net[$hot], $net[$gentle]);
        }
        $more = $net[$hot] + $net[$gentle] - $net[$near->heat->hot] - $net[$near->heat->gentle];

        return $this->solved($doneness, $net[$hot], $net[$gentle], max(0.0, $near->stock + $more / Steam::LATENT_HEAT * 60 * self::HALF));
    }

    /** Stock that is gone just in time under the track that was asked for, mL. */
    private function stockOnTrack(): float
    {
        $area = $this->ask->pan->baseArea();

        return $this->solved(fn (float $stock): float => $this->cookOnTrack($stock)['landed'], Fit::HOT * $area, self::GENTLE * $area);
    }

    /**
     * @param  callable(float): float  $doneness  at the table, by stock
     * @param  float  $hot  W, about what the first half will take, for a first guess
     * @param  float  $gentle  W, the second
     * @param  float|null  $guess  mL, where there is a better one
     */
    private function solved(callable $doneness, float $hot, float $gentle, ?float $guess = null): float
    {
        $boilsOff = ($hot + $gentle) / Steam::LATENT_HEAT * 60 * self::HALF;
        $guess ??= $this->rice * $this->ask->grain->drunkInAmpleLiquid($this->wanted) * self::OF_AMPLE + $boilsOff - $this->ask->sparedByFood();
        $slope = 1 / (self::DRINKS_PER_MINUTE * $this->rice + $gentle / Steam::LATENT_HEAT * 60);
        $stock = RootFinder::of($doneness, $this->wanted, $guess, $slope, 0.0, self::DONENESS_TOLERANCE) ?? 0.0;

        return Rounding::to($stock, max(Rounding::JUG, Rounding::step(self::ROUNDING * $this->rice)));
    }

    /**
     * The heat track on which a given stock is gone just in time; null when no setting of this ring can do it.
     *
     * @return non-empty-list<HeatChange>|null
     */
    private function trackFor(float $stock, string $hot, string $gentle): ?array
    {
        $burner = $this->ask->burner;
        $allHot = $this->cook($stock, $hot, $hot, 0.0);
        while ($allHot['landed'] > $this->wanted) {
            $stronger = $burner->above($hot);
            if ($stronger === null) {
                return null;
            }
            $hot = $stronger;
            $allHot = $this->cook($stock, $hot, $hot, 0.0);
        }
        while ($this->cook($stock, $hot, $gentle, 0.0)['landed'] < $this->wanted) {
            $weaker = $burner->below($gentle);
            if ($weaker === null) {
                return null;
            }
            $gentle = $weaker;
        }
        $longest = $allHot['dryAt'];
        $early = RootFinder::of(
            fn (float $early): float => $this->cook($stock, $hot, $gentle, max(0.0, $longest - $early))['landed'],
            $this->wanted, $longest / 2, 1 / 120, 0.0, self::DONENESS_TOLERANCE,
        );

        return $this->turned($stock, $hot, $gentle, max(0.0, round($longest - ($early ?? 0.0))));
    }

    /**
     * The strongest or the weakest this ring can do for a stock that does not fit.
     *
     * @return non-empty-list<HeatChange>
     */
    private function asFarAsItGoes(float $stock): array
    {
        $marks = $this->ask->burner->marks();
        $strongest = $marks[count($marks) - 1];
        $tooWet = $this->cook($stock, $strongest, $strongest, 0.0)['landed'] > $this->wanted;

        return [new HeatChange(0.0, $tooWet ? $strongest : $this->ask->burner->weakest())];
    }

    /**
     * The track as a cook turns it: hot, gentle when the grains show (or at a given second), the crust's when it is dry.
     *
     * @return non-empty-list<HeatChange>
     */
    private function turned(float $stock, string $hot, string $gentle, ?float $turnAt): array
    {
        $cooked = $this->cook($stock, $hot, $gentle, $turnAt);
        $track = [new HeatChange(0.0, $cooked['turnedAt'] <= 0 ? $gentle : $hot)];
        if ($cooked['turnedAt'] > 0 && $cooked['turnedAt'] < $cooked['dryAt'] && $gentle !== $hot) {
            $track[] = new HeatChange($cooked['turnedAt'] / 60, $gentle);
        }

        return [...$track, ...self::moves($this->crust(), $cooked['dryAt'], $track[count($track) - 1]->mark)];
    }

    /**
     * Where knob and pan stand while it takes its colour.
     *
     * @param  string  $mark  where the knob stands before
     *
     * @return list<HeatChange>
     */
    private static function moves(CrustPlan $crust, float $dryAt, string $mark): array
    {
        $moves = [];
        $caught = 1.0;
        foreach ($crust->legs as $leg) {
            if ($mark !== $crust->mark || $leg->catches !== $caught) {
                $moves[] = new HeatChange($dryAt / 60, $crust->mark, $leg->catches);
            }
            [$mark, $caught] = [$crust->mark, $leg->catches];
            $dryAt += $leg->seconds;
        }

        return $moves;
    }

    /**
     * @param  float|null  $turnAt  s at which the knob is turned down; null: when the grains show
     *
     * @return array{landed: float, turnedAt: float, dryAt: float}
     */
    private function cook(float $stock, string $hot, string $gentle, ?float $turnAt): array
    {
        return $this->cooked[implode(' ', [$stock, $hot, $gentle, $turnAt ?? 'grains'])] ??= $this->cookAnew($stock, $hot, $gentle, $turnAt);
    }

    /** @return array{landed: float, turnedAt: float, dryAt: float} */
    private function cookAnew(float $stock, string $hot, string $gentle, ?float $turnAt): array
    {
        $this->cooking->under([new HeatChange(0.0, $hot)]);
        $state = $this->cooking->atFirstStock();
        $this->cooking->pourStock($state, $stock);
        if ($turnAt === null) {
            $this->cooking->runUntilGrainsShow($state, Cooking::LONGEST, $this->wanted);
        } else {
            $this->cooking->runTo($state, $turnAt, Simulation::DRY * $this->rice);
        }
        $turnedAt = $state->second;
        if ($state->free > Simulation::DRY * $this->rice) {
            $this->cooking->set($state, $gentle);
            if ($this->ask->method->coverFromGrains && $this->ask->method->lid === []) {
                $this->cooking->cover($state, true);
            }
            $this->cooking->runTo($state, Cooking::LONGEST, Simulation::DRY * $this->rice);
        }

        return $this->crustAndRest($state, $turnedAt, $this->crust());
    }

    /** @return array{landed: float, turnedAt: float, dryAt: float} */
    private function cookOnTrack(float $stock): array
    {
        $this->cooking->under($this->ask->method->heat ?? [new HeatChange(0.0, $this->hot())]);
        $state = $this->cooking->atFirstStock();
        $this->cooking->pourStock($state, $stock);
        $this->cooking->runTo($state, Cooking::LONGEST, Simulation::DRY * $this->rice);

        return $this->crustAndRest($state, 0.0, $this->crustOnTrack($state->second));
    }

    /** @return array{landed: float, turnedAt: float, dryAt: float} doneness at the table, minutes at 100 °C; s */
    private function crustAndRest(State $state, float $turnedAt, CrustPlan $crust): array
    {
        $dryAt = $state->second;
        if ($this->ask->method->heat === null || $crust->shift() > 0) {
            $this->cooking->colour($state, $crust->mark, $crust->legs);
        } else {
            $this->cooking->runTo($state, $dryAt + $crust->seconds());
        }

        return ['landed' => $this->cooking->land($state)->doneness(), 'turnedAt' => $turnedAt, 'dryAt' => $dryAt];
    }

    private function crust(): CrustPlan
    {
        return $this->crusts[''] ??= $this->making->plan();
    }

    private function crustOnTrack(float $dryAt): CrustPlan
    {
        $mark = $this->cooking->markAt($dryAt);
        $later = [];
        $from = $dryAt;
        foreach ($this->ask->method->heat ?? [] as $change) {
            if ($change->fromMinute * 60 > $dryAt) {
                $later[] = new Leg($change->fromMinute * 60 - $from, $this->cooking->netAt($from));
                $from = $change->fromMinute * 60;
            }
        }
        if ($later !== []) {
            return $this->making->under($mark, [...$later, new Leg(INF, $this->cooking->netAt($from))]);
        }

        return $this->crusts[$mark] ??= $this->ask->target->crust === CrustWish::None
            ? new CrustPlan($mark, [], true, 0.0, 0.0)
            : $this->making->on($mark, $this->ask->burner->net[$mark]);
    }

    /**
     * The finished plan, cooked once more from the start.
     *
     * @param  non-empty-list<HeatChange>|null  $heat  null: the track that was asked for
     * @param  float|null  $nearest  mL that would have fitted, when these do not
     * @param  TwoMarks|null  $asGood  other marks that cost hardly more
     */
    private function asPlanned(float $stock, ?array $heat, ?float $nearest = null, ?TwoMarks $asGood = null): Plan
    {
        $heat ??= $this->ask->method->heat ?? [new HeatChange(0.0, $this->hot())];
        $this->cooking->under($heat);
        $state = $this->cooking->atFirstStock();
        $firstStock = $state->second;
        $this->cooking->pourStock($state, $stock);
        $poured = clone $state;
        $this->cooking->runTo($state, Cooking::LONGEST, Simulation::DRY * $this->rice, $this->wanted + self::DONE_ANYWAY);
        $dry = $state->free <= Simulation::DRY * $this->rice;
        $crust = $this->ask->method->heat === null ? $this->crust() : $this->crustOnTrack($state->second);
        if (! $dry) {
            $crust = new CrustPlan($crust->mark, [], $this->ask->target->crust === CrustWish::None, 0.0, 0.0);
            $state = $this->pulledWet($poured);
        } elseif ($this->ask->method->heat !== null && $crust->shift() > 0) {
            $this->cooking->under([...$heat, ...self::moves($crust, $state->second, $crust->mark)]);
        }
        $run = $this->cooking->cook([$firstStock], [$stock], $state->second + $crust->seconds());
        $plan = new Plan(
            $this->ask, $stock, $heat,
            PanRiceStages::of($this->ask, $heat, $firstStock, $stock, $run, $crust, $this->cooking->boilsUp($stock)),
            $run, HoldingAtPass::of($this->ask, $this->cooking, $run->off()), $this->cooking->cost(),
            new CrustResult($crust, $this->making),
            $nearest,
            $asGood,
        );

        return $plan->with(PanRiceChecks::of($plan));
    }

    /** Rice that is done comes off, wet or dry: so early that it is right after rest and walk. */
    private function pulledWet(State $poured): State
    {
        return (new RightAtTheTable($this->ask, self::DONENESS_TOLERANCE, 0.0, self::MOST_PULLS))->pulled(function (float $pull) use ($poured): Outcome {
            $state = clone $poured;
            $this->cooking->runTo($state, Cooking::LONGEST, -1.0, $pull);

            return $this->cooking->land($state);
        }, $this->wanted)->pulled;
    }

    private function hot(): string
    {
        return $this->ask->method->panHeat->hot ?? $this->ask->burner->nearest(Fit::HOT * $this->ask->pan->baseArea());
    }

    /** Weaker than the hot one where the ring has a weaker mark. */
    private function gentle(): string
    {
        if ($this->ask->method->panHeat !== null) {
            return $this->ask->method->panHeat->gentle;
        }
        if ($this->ask->method->oven !== null) {
            return Burner::OVEN;
        }
        $hot = $this->hot();
        $gentle = $this->ask->burner->nearest(self::GENTLE * $this->ask->pan->baseArea());

        return $gentle === $hot ? ($this->ask->burner->below($hot) ?? $hot) : $gentle;
    }
}
