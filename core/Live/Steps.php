<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Planning\Projection;
use Velko\Core\Quantity\Fact;

/** The steps of a plan that are still to come, each moved to where the pan now wants it. */
final readonly class Steps
{
    /** Minute of the plan's pull. */
    private float $plannedPull;

    /** Minute up to which the plan has happened, by the plan. */
    private float $plannedSoFar;

    /**
     * @param  float  $said  minute of the cook at which something was said last
     * @param  float  $now  minute of the cook from which the rest is counted
     * @param  float  $early  s by which a cook who comes late is called early
     */
    public function __construct(private Replay $replay, private Projection $projection, private float $said, private float $now, private AddedFood $added, private float $early = 0.0)
    {
        $this->plannedPull = self::minuteOf($replay->stages, StageKind::Off);
        $furthest = $replay->done === [] ? null : array_key_last($replay->done);
        $this->plannedSoFar = $furthest === null ? 0.0 : max(0.0, $replay->stages[$furthest]->minute);
    }

    /** @return list<Step> in order of time */
    public function all(): array
    {
        $doses = $this->projection->doses;
        $turns = $this->projection->turns;
        $crust = $this->projection->crust;
        $pull = $this->projection->pulled->minute();
        $steps = [];
        $poured = null;
        foreach ($this->replay->toCome() as $i => $stage) {
            if ($stage->kind === StageKind::Pour) {
                $dose = array_shift($doses);
                $poured = $dose === null ? $poured : $dose['second'] / 60;
                $steps[] = $dose === null ? null : new Step($i, $dose['second'] / 60, StageKind::Pour, $stage->say, $dose['volume'], $stage->mark);

                continue;
            }
            if ($stage->kind === StageKind::Heat) {
                $turn = array_shift($turns);
                $steps[] = $turn === null ? null : new Step($i, $turn['second'] / 60, StageKind::Heat, $stage->say, null, $turn['mark']);

                continue;
            }
            if ($stage->kind === StageKind::Crust) {
                $move = array_shift($crust);
                $steps[] = $move === null ? null : new Step($i, $move->minute, StageKind::Crust, $move->say, null, $move->mark);

                continue;
            }
            $goesIn = $this->projection->atTable->addedAt[$this->added->numbers[$i] ?? -1] ?? null;
            if ($goesIn !== null) {
                $steps[] = new Step($i, $goesIn / 60, $stage->kind, $stage->say, $stage->volume, $stage->mark);

                continue;
            }
            $minute = $stage->kind === StageKind::Level && $poured !== null ? $poured : $this->moved($stage, $pull);
            $steps[] = new Step($i, $minute, $stage->kind, $stage->say, $stage->volume, $stage->mark);
        }
        foreach ($doses as $dose) {
            $steps[] = new Step(null, $dose['second'] / 60, StageKind::Pour, Fact::of('say.one-more'), $dose['volume']);
        }
        foreach ($this->projection->extras as $extra) {
            $steps[] = new Step(null, $extra->second / 60, $extra->kind, $extra->say, $extra->volume > 0 ? $extra->volume : null, $extra->mark);
        }
        $lidOffAt = $this->replay->lidOffAt();
        if ($lidOffAt !== null && $this->replay->minuteOf(StageKind::Off) === null) {
            $steps[] = new Step(null, $lidOffAt, StageKind::Lid, Fact::of('say.lid', on: false));
        }
        $steps = $this->calledEarly(array_values(array_filter($steps, static fn (?Step $step): bool => $step !== null)));
        usort($steps, static fn (Step $a, Step $b): int => [$a->minute, $a->stage ?? -1] <=> [$b->minute, $b->stage ?? -1]);

        return $this->offFirst($steps);
    }

    /**
     * What the clock decides is called early for a cook who comes late; what a sign decides is not, or it would not show yet.
     *
     * @param  list<Step>  $steps
     *
     * @return list<Step>
     */
    private function calledEarly(array $steps): array
    {
        $early = $this->early / 60;
        if ($early <= 0.0) {
            return $steps;
        }
        $off = min([INF, ...array_map(static fn (Step $step): float => $step->kind === StageKind::Off ? $step->minute : INF, $steps)]);
        // It begins to take its colour when it crackles.
        $crackles = array_key_first(array_filter($this->replay->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Crust));

        return array_map(function (Step $step) use ($early, $off, $crackles): Step {
            $byTheClock = $step->kind->isOffTheHeat()
                || in_array($step->kind, [StageKind::Taste, StageKind::Off], true)
                || ($step->kind === StageKind::Crust && $step->stage !== $crackles)
                || $step->minute > $off - $early;

            return $byTheClock ? $step->dueAt(max($step->minute - $early, min($step->minute, $this->said))) : $step;
        }, $steps);
    }

    /**
     * Once the pan has to come off, nothing outranks that: what should have been done before is passed over.
     *
     * @param  list<Step>  $steps  in order of time
     *
     * @return list<Step>
     */
    private function offFirst(array $steps): array
    {
        $off = array_values(array_filter($steps, static fn (Step $step): bool => $step->kind === StageKind::Off))[0] ?? null;
        if ($off === null) {
            return $steps;
        }
        if ($off->minute > $this->now + Forecast::AT_ONCE / 60) {
            // What would come after the pan is off is not to be done any more.
            return array_values(array_filter($steps, static fn (Step $step): bool => $step->minute <= $off->minute || $step->kind->isOffTheHeat()));
        }
        $after = array_filter($steps, static fn (Step $step): bool => $step !== $off && $step->kind->isOffTheHeat());

        return [$off, ...array_values($after)];
    }

    /** What is after the pull keeps its distance from it; what is before keeps its share of the way there. */
    private function moved(Stage $stage, float $pull): float
    {
        if ($stage->minute <= 0.0) {
            return $stage->minute;
        }
        if ($stage->minute >= $this->plannedPull) {
            return $pull + $stage->minute - $this->plannedPull;
        }
        $planned = $this->plannedPull - $this->plannedSoFar;
        $share = $planned > 0 ? ($stage->minute - $this->plannedSoFar) / $planned : 1.0;

        return $this->said + max(0.0, $share) * max(0.0, $pull - $this->said);
    }

    /** @param  list<Stage>  $stages */
    private static function minuteOf(array $stages, StageKind $kind): float
    {
        foreach ($stages as $stage) {
            if ($stage->kind === $kind) {
                return $stage->minute;
            }
        }

        return 0.0;
    }
}
