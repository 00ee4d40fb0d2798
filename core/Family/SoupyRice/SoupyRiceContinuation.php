<?php

declare(strict_types=1);

namespace Velko\Core\Family\SoupyRice;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Continuation;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\ExtraStep;
use Velko\Core\Planning\Outcome;
use Velko\Core\Planning\PoursToCome;
use Velko\Core\Planning\Projection;
use Velko\Core\Planning\RightAtTheTable;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Rounding;

/** When the pot comes off, and what hot stock it lacks or has too much of for the bowl. */
final readonly class SoupyRiceContinuation implements Continuation
{
    private const MOST_PULLS = 6;

    /** Nothing is poured any more so shortly before the pull, s. */
    private const TOO_LATE = 30.0;

    private const DONENESS_TOLERANCE = 0.03;

    private const LOOSENESS_TOLERANCE = 0.01;

    /** A bowl so near to what was asked is left alone, as a share of it. */
    private const NEAR_ENOUGH = 0.05;

    private Cooking $cooking;

    private float $rice;

    private RightAtTheTable $right;

    private PoursToCome $stock;

    /** Something that the plan does not have may still be asked for. */
    private bool $mayAdd;

    /** @var list<HeatChange> of the plan, still to come */
    private array $turns;

    /** @param  string  $mark  where the knob stands */
    public function __construct(private Ask $ask, Replay $replay, string $mark)
    {
        $this->rice = $ask->rice();
        $this->right = new RightAtTheTable($ask, self::DONENESS_TOLERANCE, self::LOOSENESS_TOLERANCE, self::MOST_PULLS);
        $turns = [];
        foreach ($replay->toCome() as $stage) {
            if ($stage->kind === StageKind::Heat && $stage->mark !== null) {
                $turns[] = new HeatChange($stage->minute, $stage->mark);
            }
        }
        $this->stock = PoursToCome::of($replay);
        $this->mayAdd = $replay->beyond() < Replay::MOST_BEYOND;
        $this->turns = $turns;
        $this->cooking = new Cooking($ask, [new HeatChange(0.0, $mark), ...$turns]);
    }

    public function floor(): null
    {
        return null;
    }

    public function scraped(float $off): null
    {
        return null;
    }

    public function from(State $state): Projection
    {
        $start = clone $state;
        $track = new Track;
        $this->cooking->record($track);
        $doses = $this->stock->into($this->cooking, $start);
        $this->cooking->record(null);
        $left = $this->cook($start, 0.0);
        // Off before anything else: what is missing loosens it at the pass.
        $needs = $this->mayAdd && $left->pulled->second > $start->second + self::TOO_LATE ? $this->needs($start, $left->atTable) : 0.0;
        $cooked = $this->cook($start, max(0.0, $needs));
        $pulled = $cooked->pulled;
        $extras = [];
        if ($needs > 0) {
            $extras[] = new ExtraStep($start->second, StageKind::Pour, Fact::of('say.too-tight-in-the-bowl'), $needs);
        }
        if ($needs < 0 && $this->stock->areIn()) {
            $extras[] = new ExtraStep($pulled->second, StageKind::Lift, Fact::of('say.off-the-top'), -$needs);
        }
        $turns = array_values(array_filter($this->turns, static fn (HeatChange $turn): bool => 60 * $turn->fromMinute < $pulled->second));

        return new Projection($doses, array_map(static fn (HeatChange $turn): array => ['second' => 60 * $turn->fromMinute, 'mark' => $turn->mark], $turns), $extras, [], $this->stock->volume() + ($this->ask->target->looseness - $left->atTable->free / $this->rice) * $this->rice, null, $pulled, $cooked->atTable, $left->atTable, $this->wayFrom($start, max(0.0, $needs), $pulled, $track));
    }

    /** The stock that the bowl lacks, mL; negative if it has too much. */
    private function needs(State $start, State $left): float
    {
        $target = $this->ask->target->looseness;
        $off = $target - $left->free / $this->rice;
        if (abs($off) <= self::NEAR_ENOUGH * $target || ! $this->stock->areIn()) {
            return 0.0;
        }
        if ($off < 0) {
            return Rounding::to($off * $this->rice, Rounding::step(self::NEAR_ENOUGH * $this->rice));
        }
        [$volume] = $this->right->stock(fn (float $v): Outcome => $this->cook($start, $v), $off * $this->rice) ?? [0.0];

        return Rounding::to($volume, Rounding::JUG);
    }

    /** Pulled so early that the bite is right at the table. */
    private function cook(State $start, float $more): Outcome
    {
        return $this->right->pulled(function (float $pull) use ($start, $more): Outcome {
            $state = clone $start;
            $this->cooking->pourStock($state, $more);
            $this->cooking->runTo($state, Cooking::LONGEST, -1.0, $pull);

            return $this->cooking->land($state);
        }, $this->right->firstPull(), $start->second);
    }

    /** The way from here to the table, for the picture. */
    private function wayFrom(State $start, float $more, State $pulled, Track $track): Track
    {
        $state = clone $start;
        $this->cooking->record($track);
        $this->cooking->pourStock($state, $more);
        $this->cooking->runTo($state, $pulled->second);
        $this->cooking->toTable($state);
        $this->cooking->record(null);

        return $track;
    }
}
