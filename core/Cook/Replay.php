<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

/**
 * Where a cook stands: nothing but its touches, played in order.
 *
 * A touch taken back by "undo" counts as never made; so does one that changes nothing, as a second "done" of the same stage. The order is the
 * device's time, and for the same millisecond the order in which they are given.
 */
final readonly class Replay
{
    /** What a ladle or a jug in a hurry is off by, one standard deviation as a share (our estimate). */
    private const POUR_SPREAD = 0.04;

    /** Nothing is followed further than this, s: whoever forgets to touch "done" does not stop the kitchen's clock. */
    public const LONGEST = 10800.0;

    /** Steps beyond its plan that a cook is asked for without a stated trouble. */
    public const MOST_BEYOND = 2;

    /**
     * @param  list<Stage>  $stages
     * @param  array<int, Touch>  $done  by stage, in order of stage
     * @param  int|null  $startedAt  ms since 1970
     * @param  int|null  $firstLiquidAt  ms since 1970
     * @param  list<Touch>  $counted  all that were not taken back and changed something, in order of time
     * @param  string|null  $note  what was written down last
     * @param  Touch|null  $takenBack  what the last touch of all took back
     * @param  list<array{Touch, Touch}>  $offByMistake  the touch that took the pan off, and the one that put it back on the heat
     */
    private function __construct(
        public array $stages,
        public Status $status,
        public array $done,
        public ?int $startedAt,
        public ?int $firstLiquidAt,
        public ?Verdict $verdict,
        public array $counted,
        public ?string $note = null,
        public ?Touch $takenBack = null,
        public array $offByMistake = [],
    ) {}

    /**
     * @param  list<Stage>  $stages  of the plan
     * @param  list<Touch>  $touches
     */
    public static function of(array $stages, array $touches): self
    {
        usort($touches, static fn (Touch $a, Touch $b): int => $a->at <=> $b->at);
        $takenBack = self::takenBack($touches);
        /** @var array<int, Touch> $done */
        $done = [];
        $counted = $offByMistake = [];
        $startedAt = $firstLiquidAt = $verdict = $note = null;
        $givenUp = $lidOn = false;
        $beside = [];
        foreach ($touches as $touch) {
            $again = (self::marksAStage($touch, $stages) && isset($done[$touch->stage])) || isset($beside[$touch->work ?? -1][(int) $touch->ready]);
            if ($touch->kind === TouchKind::Undo || isset($takenBack[$touch->id]) || $again || ($touch->kind === TouchKind::Lid && $touch->on === $lidOn)) {
                continue; // taken back, or it changed nothing
            }
            if ($touch->kind === TouchKind::BackOn) {
                $off = self::offOf($stages, $done);
                if ($off === null) {
                    continue; // it is on the heat, or finished
                }
                $offByMistake[] = [$done[$off], $touch];
                $done = array_filter($done, static fn (int $stage): bool => $stage < $off, ARRAY_FILTER_USE_KEY);
            }
            $counted[] = $touch;
            if ($touch->work !== null) {
                $beside[$touch->work][(int) $touch->ready] = true;
            }
            $lidOn = $touch->on ?? $lidOn;
            $verdict = $touch->verdict ?? $verdict;
            $note = $touch->note ?? $note;
            $givenUp = $givenUp || $touch->kind === TouchKind::Abandon;
            if ($touch->kind->begins()) {
                $startedAt ??= $touch->at;
            }
            if (self::marksAStage($touch, $stages)) {
                $done[$touch->stage] = $touch;
            }
            if ($touch->kind->poursIn() && ($touch->kind === TouchKind::Splash || ($done[$touch->stage] ?? null) === $touch)) {
                $firstLiquidAt ??= $touch->at;
            }
        }
        ksort($done);
        $status = match (true) {
            $givenUp => Status::GivenUp,
            $stages !== [] && isset($done[count($stages) - 1]) => Status::AtTable,
            $startedAt !== null => Status::Cooking,
            default => Status::Waiting,
        };
        $last = $touches === [] ? null : $touches[count($touches) - 1];

        return new self($stages, $status, $done, $startedAt, $firstLiquidAt, $verdict, $counted, $note, $last?->kind === TouchKind::Undo ? self::named($last->undoes, $touches) : null, $offByMistake);
    }

    /**
     * @param  list<Stage>  $stages
     * @param  array<int, Touch>  $done
     *
     * @return int|null the stage that took the pan off the heat, as long as nothing was finished or served since
     */
    private static function offOf(array $stages, array $done): ?int
    {
        $kinds = array_map(static fn (int $stage): StageKind => $stages[$stage]->kind, array_combine(array_keys($done), array_keys($done)));
        $off = array_search(StageKind::Off, $kinds, true);

        return $off === false || in_array(StageKind::Finish, $kinds, true) || in_array(StageKind::Serve, $kinds, true) ? null : $off;
    }

    /**
     * @param  list<Stage>  $stages
     *
     * @phpstan-assert-if-true int $touch->stage
     */
    private static function marksAStage(Touch $touch, array $stages): bool
    {
        return $touch->kind->marksAStage() && $touch->stage !== null && isset($stages[$touch->stage]);
    }

    /**
     * Ids of what was taken back; with a trouble goes its whole way back, with a step every touch that had said it again.
     *
     * @param  list<Touch>  $touches
     *
     * @return array<string, true>
     */
    private static function takenBack(array $touches): array
    {
        $taken = $said = [];
        foreach ($touches as $touch) {
            if ($touch->kind === TouchKind::Undo && $touch->undoes !== null) {
                $taken[$touch->undoes] = true;
                foreach ($said as $ids) {
                    $taken += in_array($touch->undoes, $ids, true) ? array_fill_keys($ids, true) : [];
                }
            }
            if ($touch->kind->marksAStage() && $touch->stage !== null) {
                $said[$touch->stage][] = $touch->id;
            }
            if ($touch->kind === TouchKind::BackOn) {
                $said = []; // what is said after it is another time off the heat
            }
        }
        foreach ($touches as $touch) {
            if ($touch->with !== null && isset($taken[$touch->with])) {
                $taken[$touch->id] = true;
            }
        }

        return $taken;
    }

    /** @param  list<Touch>  $touches */
    private static function named(?string $id, array $touches): ?Touch
    {
        foreach ($touches as $touch) {
            if ($touch->id === $id) {
                return $touch;
            }
        }

        return null;
    }

    /** What "undo" would take back: the last touch that counts, or the trouble whose way back it is part of. */
    public function undoable(): ?Touch
    {
        $last = $this->last();

        return $last === null || $last->with === null ? $last : self::named($last->with, $this->counted) ?? $last;
    }

    /** The touch that ended it, at the table or given up; null while it goes on. */
    public function ended(): ?Touch
    {
        return match ($this->status) {
            Status::AtTable => $this->done[count($this->stages) - 1] ?? null,
            Status::GivenUp => array_values(array_filter($this->counted, static fn (Touch $touch): bool => $touch->kind === TouchKind::Abandon))[0] ?? null,
            default => null,
        };
    }

    /** The stage to do now: the first after the furthest one done; null when all are done or the cook was given up. */
    public function now(): ?int
    {
        if ($this->status === Status::GivenUp) {
            return null;
        }
        $next = $this->done === [] ? 0 : array_key_last($this->done) + 1;

        return $next < count($this->stages) ? $next : null;
    }

    /** @return array<int, Stage> by index: those after the furthest one done */
    public function toCome(): array
    {
        $next = $this->now();

        return $next === null ? [] : array_slice($this->stages, $next, null, true);
    }

    /** Stock, and water in its place, poured so far, mL. */
    public function poured(): float
    {
        $stock = array_filter($this->pours(), static fn (Poured $pour): bool => ! $pour->wine);

        return array_sum(array_map(static fn (Poured $pour): float => $pour->volume, $stock));
    }

    /**
     * What went into the pan, and when.
     *
     * @return list<Poured> in order of time
     */
    public function pours(): array
    {
        $pours = [];
        foreach ($this->counted as $touch) {
            $minute = $this->minute($touch->at);
            if ($minute === null || $touch->volume === null) {
                continue;
            }
            if ($touch->kind === TouchKind::Splash) {
                $pours[] = new Poured($minute, $touch->volume, $touch->water ? 'water' : 'stock');
            }
            if ($touch->kind === TouchKind::Pour && $touch->stage !== null && ($this->done[$touch->stage] ?? null) === $touch) {
                $pours[] = new Poured($minute, $touch->volume, $this->stages[$touch->stage]->kind === StageKind::Wine ? 'wine' : 'stock');
            }
        }

        return $pours;
    }

    /** Steps so far that the stove asked for and the plan does not have: pours, lifts, turns of the knob. */
    public function beyond(): int
    {
        return count(array_filter($this->counted, static fn (Touch $touch): bool => $touch->asked));
    }

    /** The last "not yet" said of a stage that is still to come, or null. */
    public function notYet(int $stage): ?Touch
    {
        if (($this->now() ?? PHP_INT_MAX) > $stage) {
            return null;
        }
        $said = array_filter($this->counted, static fn (Touch $touch): bool => $touch->kind === TouchKind::NotYet && $touch->stage === $stage);

        return $said === [] ? null : $said[array_key_last($said)];
    }

    /**
     * How far all that was poured up to a minute may be off what was said, one standard deviation, mL: nobody pours to the
     * millilitre, and each pour errs by itself.
     */
    public function pouredSpread(float $minute): float
    {
        $poured = array_filter($this->pours(), static fn (Poured $pour): bool => $pour->minute <= $minute);

        return self::POUR_SPREAD * sqrt(array_sum(array_map(static fn (Poured $pour): float => $pour->volume ** 2, $poured)));
    }

    /** The same cook, had the ladle held so many times what it is said to hold. Wine is not measured with it. */
    public function withLadle(float $times): self
    {
        return $this->map(fn (Touch $touch): Touch => $touch->volume === null || ($this->stages[$touch->stage ?? -1] ?? null)?->kind === StageKind::Wine ? $touch : $touch->with(['volume' => $touch->volume * $times]));
    }

    /** The same cook, had the scale under the pan shown so many times what it showed. */
    public function withScale(float $times): self
    {
        return $this->map(static fn (Touch $touch): Touch => $touch->weighing === null ? $touch : $touch->with(['weighing' => $touch->weighing->times($times)]));
    }

    /** The same cook, had its pan held so many g more of other things than was entered with its weighings. */
    public function withMoreInThePan(float $grams): self
    {
        return $this->map(static fn (Touch $touch): Touch => $touch->weighing === null ? $touch : $touch->with(['weighing' => $touch->weighing->withMore($grams)]));
    }

    /** @param  callable(Touch): Touch  $change  What it changes is neither its kind, its stage nor its time. */
    private function map(callable $change): self
    {
        $counted = $done = [];
        foreach ($this->counted as $touch) {
            $changed = $change($touch);
            $counted[] = $changed;
            if ($touch->stage !== null && ($this->done[$touch->stage] ?? null) === $touch) {
                $done[$touch->stage] = $changed;
            }
        }
        ksort($done);

        return new self($this->stages, $this->status, $done, $this->startedAt, $this->firstLiquidAt, $this->verdict, $counted, $this->note, $this->takenBack, $this->offByMistake);
    }

    /** As it was said last. */
    public function lidIsOn(): bool
    {
        $on = false;
        foreach ($this->counted as $touch) {
            $on = $touch->on ?? $on;
        }

        return $on;
    }

    /** Minute of the cook at which a lid that a remedy put on comes off; null where none lies, or where nobody said for how long. */
    public function lidOffAt(): ?float
    {
        $last = null;
        foreach ($this->counted as $touch) {
            $last = $touch->on === null ? $last : $touch;
        }

        return $last?->on === true && $last->lidFor !== null ? ($this->minute($last->at) ?? 0.0) + $last->lidFor : null;
    }

    /**
     * The works beside the pan of which anything was said.
     *
     * @return array<int, array{begun: int|null, ready: int|null}> ms since 1970, by place in the plan's list
     */
    public function sideWork(): array
    {
        $works = [];
        foreach ($this->counted as $touch) {
            if ($touch->work !== null) {
                $works[$touch->work] ??= ['begun' => null, 'ready' => null];
                $works[$touch->work][$touch->ready ? 'ready' : 'begun'] = $touch->at;
            }
        }
        ksort($works);

        return $works;
    }

    /** The same cook as if one touch, and the way back that belongs to it, had never been made. */
    public function without(Touch $touch): self
    {
        return self::of($this->stages, array_values(array_filter($this->counted, static fn (Touch $other): bool => $other !== $touch && $other->with !== $touch->id)));
    }

    /** The last of the touches that count, or null. */
    public function last(): ?Touch
    {
        return $this->counted[count($this->counted) - 1] ?? null;
    }

    /** The same cook as it stood when a touch was made. */
    public function before(Touch $touch): self
    {
        return self::of($this->stages, array_values(array_filter($this->counted, static fn (Touch $other): bool => $other !== $touch && $other->at <= $touch->at)));
    }

    /** The touch that did the first stage of a kind, or null. */
    public function touchOf(StageKind $kind): ?Touch
    {
        foreach ($this->done as $stage => $touch) {
            if ($this->stages[$stage]->kind === $kind) {
                return $touch;
            }
        }

        return null;
    }

    /** Minute of the cook at which the first stage of a kind was done, or null. */
    public function minuteOf(StageKind $kind): ?float
    {
        $touch = $this->touchOf($kind);

        return $touch === null ? null : $this->minute($touch->at);
    }

    /** Minute of the cook at a moment, ms since 1970; null before the first liquid. */
    public function minute(int $at): ?float
    {
        return $this->firstLiquidAt === null ? null : ($at - $this->firstLiquidAt) / 60000;
    }
}
