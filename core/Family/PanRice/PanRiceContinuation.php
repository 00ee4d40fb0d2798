<?php

declare(strict_types=1);

namespace Velko\Core\Family\PanRice;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Crust\CrustNow;
use Velko\Core\Crust\CrustPlan;
use Velko\Core\Crust\CrustResult;
use Velko\Core\Crust\CrustRing;
use Velko\Core\Crust\WholeFloor;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Continuation;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\ExtraStep;
use Velko\Core\Planning\PoursToCome;
use Velko\Core\Planning\Projection;
use Velko\Core\Planning\RootFinder;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Vessel\Burner;

/** When the grains will show, when it is dry, how long the crust takes; and what to do where dry and done do not meet. */
final readonly class PanRiceContinuation implements Continuation
{
    /** Rice so near to the middle of its window is left alone, min. */
    private const NEAR_ENOUGH = 0.5;

    /** Rice that will lack so many minutes is given stock at once. */
    private const FAR_OFF = 1.5;

    /** Rice so far past its window is not waited with for the pan to dry, min. */
    private const DONE_ANYWAY = 3.0;

    private const DONENESS_TOLERANCE = 0.05;

    private const MOST_PULLS = 4;

    /** It comes off so much before its bite is at its end, minutes at 100 °C. */
    private const BEFORE_THE_END = 0.5;

    /** Less than this is not worth sprinkling, g per g rice. */
    private const WORTH_A_POUR = 0.06;

    /** Another mark than planned is worth it when it brings dry and done so much nearer to each other, min. */
    private const WORTH_ANOTHER_MARK = 0.3;

    /** Rows of the floor from pale to burnt. */
    private const LOOKS_AT_THE_FLOOR = 20;

    /** A minute of doneness costs about so much stock, g per g rice, on top of what boils off (our estimate). */
    private const ML_PER_G_AND_MINUTE = 0.12;

    private Cooking $cooking;

    private float $rice;

    private float $wanted;

    private CrustPlan $crust;

    private PoursToCome $stock;

    /** Where the knob goes when the grains show, while that is still to come. */
    private ?string $gentle;

    /** Steps so far that the plan does not have. */
    private int $beyond;

    /** The floor fell dry, and nobody has touched it since. */
    private bool $bare;

    /** Legs of the crust that have begun. */
    private int $begun;

    /** The second at which the first leg of the crust began. */
    private float $first;

    /** @var list<array{second: float, mark: string, leg: Leg|null}> of knob and pan since then, and the move it was */
    private array $turns;

    /** The knob was turned since then by hand, or to another mark than the crust was reckoned for. */
    private bool $turnedOtherwise;

    /** The second at which the last leg of the crust began. */
    private float $since;

    /**
     * @param  string  $mark  where the knob stands
     * @param  list<array{second: float, mark: string}>  $bare  where it stood since the floor fell dry
     */
    public function __construct(private Ask $ask, Replay $replay, private string $mark, array $bare = [], ?CrustPlan $crust = null)
    {
        $this->rice = $ask->rice();
        $this->wanted = $ask->grain->window->middle();
        $gentle = null;
        $this->crust = $crust ?? self::crustOf($ask, $replay);
        $begun = 0;
        $since = $first = 0.0;
        $turns = [];
        $otherwise = false;
        foreach ($replay->counted as $touch) {
            $second = 60 * ($replay->minute($touch->at) ?? 0.0);
            $stage = $touch->stage !== null && ($replay->done[$touch->stage] ?? null) === $touch ? $replay->stages[$touch->stage] : null;
            $turnedTo = $touch->mark ?? $stage?->mark;
            if ($turnedTo === null || ! $ask->burner->has($turnedTo)) {
                continue;
            }
            if ($stage?->kind === StageKind::Crust) {
                $leg = $this->crust->legs[$begun] ?? null;
                $begun++;
                $since = $second;
                $first = $begun === 1 ? $second : $first;
                $turns[] = ['second' => $second, 'mark' => $turnedTo, 'leg' => $leg];
                $otherwise = $otherwise || $turnedTo !== $this->crust->mark;
            } elseif ($touch->kind === TouchKind::Heat && $begun > 0) {
                $turns[] = ['second' => $second, 'mark' => $turnedTo, 'leg' => $turns[count($turns) - 1]['leg']];
                $otherwise = true;
            }
        }
        foreach ($replay->toCome() as $stage) {
            $gentle ??= $stage->kind === StageKind::Heat ? $stage->mark : null;
        }
        $this->stock = PoursToCome::of($replay);
        $this->beyond = $replay->beyond();
        $this->gentle = $begun > 0 ? null : $gentle;
        $this->bare = $begun === 0 && $this->stock->areIn() && $bare !== [];
        if ($this->bare) {
            // Nobody has begun the crust; it has begun by itself.
            $since = $first = $bare[0]['second'];
            $turns = array_map(static fn (array $turn): array => [...$turn, 'leg' => null], $bare);
            $otherwise = true;
        }
        $this->begun = $begun;
        $this->since = $since;
        $this->first = $first;
        $this->turns = $turns;
        $this->turnedOtherwise = $otherwise;
        $this->cooking = new Cooking($ask, [new HeatChange(0.0, $mark)]);
    }

    /** The crust of the plan by the same moves; where it has none, one that would do. */
    private static function crustOf(Ask $ask, Replay $replay): CrustPlan
    {
        $moves = array_values(array_filter($replay->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Crust));
        $mark = $moves[0]->mark ?? null;

        return $mark !== null && $ask->burner->has($mark)
            ? $ask->crustMaking()->timed($mark, $moves[0]->shift ?? 0.0, count($moves))
            : $ask->crustMaking()->plan();
    }

    public function crust(): CrustPlan
    {
        return $this->crust;
    }

    public function floor(): ?CrustNow
    {
        if (($this->begun === 0 && ! $this->bare) || $this->crust->legs === []) {
            return null;
        }
        $making = $this->ask->crustMaking();
        $track = $this->really();
        $burnt = $making->burntAfter($track);
        $rows = array_map(fn (int $row): array => [
            'minute' => ($this->first + $burnt * $row / self::LOOKS_AT_THE_FLOOR) / 60,
            'rings' => array_map(static fn (CrustRing $ring): float => $ring->middle(), $making->whole->rings(WholeFloor::cut($track, $burnt * $row / self::LOOKS_AT_THE_FLOOR), CrustResult::RINGS)),
        ], range(0, self::LOOKS_AT_THE_FLOOR));

        return new CrustNow($this->first / 60, $this->goldAt() / 60, ($this->first + $burnt) / 60, $rows);
    }

    public function scraped(float $off): ?float
    {
        if ($this->begun === 0 || $this->crust->legs === [] || $off <= $this->first) {
            return null;
        }
        $rings = $this->ask->crustMaking()->whole->rings([...WholeFloor::cut($this->really(), $off - $this->first), Leg::goesOn()], CrustResult::RINGS);
        // Of a floor the outer rings are the most.
        $shares = array_map(static fn (int $ring): float => (2 * $ring + 1) / CrustResult::RINGS ** 2, array_keys($rings));

        return array_sum(array_map(static fn (CrustRing $ring, float $share): float => $share * $ring->middle(), $rings, $shares));
    }

    /**
     * The floor as it was really heated since its crust began: knob and shift as they were said, the last one going on.
     *
     * @return non-empty-list<Leg>
     */
    private function really(): array
    {
        $turns = $this->turns === [] ? [['second' => $this->first, 'mark' => $this->mark, 'leg' => null]] : $this->turns;
        $legs = [];
        foreach ($turns as $i => $turn) {
            $seconds = ($turns[$i + 1]['second'] ?? INF) - $turn['second'];
            $net = $this->ask->burner->after($turn['second'] / 60)->net[$turn['mark']];
            $legs[] = $turn['leg'] === null ? new Leg($seconds, $net) : new Leg($seconds, $net, $turn['leg']->shift, $turn['leg']->every);
        }

        return $legs;
    }

    /** Second at which the floor is as it should be: by the moves of the plan, or anew where the knob was turned otherwise. */
    private function goldAt(): float
    {
        if ($this->turnedOtherwise && $this->crust->legs !== []) {
            return $this->first + $this->ask->crustMaking()->goldAfter($this->really());
        }
        $left = array_slice($this->crust->legs, $this->begun - 1);

        return $this->since + array_sum(array_map(static fn (Leg $leg): float => $leg->seconds, $left));
    }

    public function from(State $state): Projection
    {
        $start = clone $state;
        $doses = $this->stock->into($this->cooking, $start);
        if ($this->begun > 0) {
            return $this->crusting($start);
        }
        if ($this->bare && $this->crust->legs !== []) {
            return $this->crustingUnseen($start);
        }
        $gentle = $this->gentleNow($start);
        $left = $this->cook($start, 0.0, $gentle);
        $more = 0.0;
        $extras = [];
        $off = $left['landed'] - $this->wanted;
        // While the knob is still to be turned, that puts right as much.
        if ($off < ($this->gentle === null ? -self::NEAR_ENOUGH : -self::FAR_OFF) && $this->mayAdd()) {
            $more = Rounding::to($this->lacks($start, $off, $gentle), Rounding::JUG);
            if ($more >= self::WORTH_A_POUR * $this->rice) {
                $extras[] = new ExtraStep($start->second, StageKind::Pour, Fact::of('say.sprinkle'), $more);
            }
        }
        if ($off > self::NEAR_ENOUGH && $this->gentle === null && $this->mayAdd()) {
            $stronger = $this->stronger($start);
            if ($stronger !== null) {
                $extras[] = new ExtraStep($start->second, StageKind::Heat, Fact::of('say.too-wet'), mark: $stronger);
                $gentle = $stronger;
            }
        }
        $track = new Track;
        $cooked = $this->cook($start, $extras === [] ? 0.0 : $more, $gentle, $track);
        $turns = $this->gentle !== null && $gentle !== null ? [['second' => $cooked['turnedAt'], 'mark' => $gentle]] : [];

        return new Projection($doses, $turns, $extras, $cooked['dryAt'] === null ? [] : $this->crust->stages($cooked['dryAt']), $this->stock->volume() + $this->lacks($start, $off, $this->gentle), $cooked['dryAt'], $cooked['pulled'], $cooked['atTable'], $left['atTable'], $track);
    }

    /** It fell dry, and nobody has touched it since: the knob goes where the crust wants it, for what the floor still lacks. */
    private function crustingUnseen(State $start): Projection
    {
        $making = $this->ask->crustMaking();
        $soFar = WholeFloor::cut($this->really(), max(0.0, $start->second - $this->first));
        $gold = $this->first + $making->goldAfter([...$soFar, new Leg(INF, $this->ask->burner->after($start->second / 60)->net[$this->crust->mark])]);
        $off = min($gold, $start->second + $this->crust->seconds());
        $track = new Track;
        $this->cooking->record($track);
        $state = clone $start;
        $this->cooking->set($state, $this->crust->mark);
        $this->cooking->runTo($state, $off);
        $pulled = clone $state;
        $this->cooking->toTable($state);
        $this->cooking->record(null);
        $stages = $off > $start->second ? array_slice($this->crust->stages($this->first), 0, 1) : [];

        return new Projection([], [], [], $stages, 0.0, $this->first, $pulled, $state, $state, $track);
    }

    /** Whether something that the plan does not have may be asked for: one thing while the knob is still to be turned, since it can put right as much. */
    private function mayAdd(): bool
    {
        return $this->stock->areIn() && $this->beyond < ($this->gentle === null ? Replay::MOST_BEYOND : 1);
    }

    /** Where the knob goes when the grains show: as planned, or to the mark that brings dry and done nearest to each other. */
    private function gentleNow(State $start): ?string
    {
        $best = $this->gentle;
        if ($best === null || $best === Burner::OVEN) {
            return $best;
        }
        $off = fn (string $mark): float => abs($this->cook($start, 0.0, $mark)['landed'] - $this->wanted);
        $least = $off($best);
        foreach ($least <= self::NEAR_ENOUGH ? [] : $this->ask->burner->settings() as $mark) {
            if ($mark !== $this->gentle && $off($mark) < $least - self::WORTH_ANOTHER_MARK) {
                [$best, $least] = [$mark, $off($mark)];
            }
        }

        return $best;
    }

    /** The floor is taking its colour: so much of that is left. */
    private function crusting(State $start): Projection
    {
        $legs = $this->turnedOtherwise ? [] : array_slice($this->crust->legs, $this->begun - 1);
        $track = new Track;
        $this->cooking->record($track);
        $state = clone $start;
        $next = $this->since + ($legs[0]->seconds ?? 0.0);
        $this->cooking->runTo($state, $legs === [] ? $this->goldAt() : $next);
        $this->cooking->colour($state, $this->crust->mark, array_slice($legs, 1));
        $pulled = clone $state;
        $this->cooking->toTable($state);
        $this->cooking->record(null);

        return new Projection([], [], [], $legs === [] ? [] : $this->crust->stages($next, $this->begun), 0.0, null, $pulled, $state, $state, $track);
    }

    /**
     * The hot stock that gives the rice the minutes it lacks, mL. Negative, by the rule of thumb, if it has too much.
     *
     * @param  float  $off  min past the middle of its window as it is
     */
    private function lacks(State $start, float $off, ?string $gentle): float
    {
        if ($off >= 0) {
            return -$off * self::ML_PER_G_AND_MINUTE * $this->rice;
        }
        $slope = 1 / (self::ML_PER_G_AND_MINUTE * $this->rice);
        $volume = RootFinder::of(fn (float $v): float => $this->cook($start, $v, $gentle)['landed'], $this->wanted, -$off / $slope, $slope, 0.0, self::DONENESS_TOLERANCE);

        return $volume ?? 0.0;
    }

    /** The weakest mark on which it is dry before it is overdone, or else the strongest; null where the knob stands there. */
    private function stronger(State $start): ?string
    {
        $mark = $this->mark;
        while (($next = $this->ask->burner->above($mark)) !== null) {
            $mark = $next;
            if ($this->cook($start, 0.0, $mark)['landed'] <= $this->wanted + self::NEAR_ENOUGH) {
                break;
            }
        }

        return $mark === $this->mark ? null : $mark;
    }

    /**
     * On to dry, crust and table; but no longer on the heat than the bite allows.
     *
     * @param  string|null  $gentle  where the knob goes when the grains show; at once where it was turned already
     *
     * @return array{landed: float, turnedAt: float, dryAt: float|null, pulled: State, atTable: State} minutes at 100 °C at the table, were dry and crust waited for
     */
    private function cook(State $start, float $more, ?string $gentle, ?Track $track = null): array
    {
        $cooked = $this->cookUntil($start, $more, $gentle, Cooking::LONGEST);
        $outcome = $cooked['atTable']->doneness;
        $latest = Cooking::LONGEST;
        for ($try = 0; $try < self::MOST_PULLS; $try++) {
            $soft = $cooked['atTable']->doneness - $this->ask->grain->window->rightTo();
            if ($soft <= 0 || $cooked['pulled']->second <= $start->second) {
                break;
            }
            $latest = max($start->second, $cooked['pulled']->second - 60 * ($soft + self::BEFORE_THE_END));
            $cooked = $this->cookUntil($start, $more, $gentle, $latest);
        }
        if ($track !== null) {
            $cooked = $this->cookUntil($start, $more, $gentle, $latest, $track);
        }

        return ['landed' => $outcome, ...$cooked];
    }

    /**
     * @param  float  $latest  s, at which it comes off whatever it is like
     *
     * @return array{turnedAt: float, dryAt: float|null, pulled: State, atTable: State}
     */
    private function cookUntil(State $start, float $more, ?string $gentle, float $latest, ?Track $track = null): array
    {
        $dry = Simulation::DRY * $this->rice;
        $this->cooking->record($track);
        $state = clone $start;
        $this->cooking->pourStock($state, $more);
        $over = $this->wanted + self::DONE_ANYWAY;
        if ($this->gentle !== null && $state->free > $dry) {
            $this->cooking->runUntilGrainsShow($state, $latest, $over);
        }
        $turnedAt = $state->second;
        $this->cooking->set($state, $gentle ?? $this->mark);
        $this->cooking->runTo($state, $latest, $dry, $over);
        $dryAt = $state->free <= $dry + 1e-6 ? $state->second : null;
        if ($dryAt !== null && $this->crust->legs !== []) {
            $this->cooking->colour($state, $this->crust->mark, $this->crust->legs, $latest);
        }
        $pulled = clone $state;
        $this->cooking->toTable($state);
        $this->cooking->record(null);

        return ['turnedAt' => $turnedAt, 'dryAt' => $dryAt, 'pulled' => $pulled, 'atTable' => $state];
    }
}
