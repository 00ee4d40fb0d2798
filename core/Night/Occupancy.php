<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** What is taken of rings, pans and hands as the night fills. */
final class Occupancy
{
    /** Pans go on by the half minute, and hands are counted by it, min. */
    public const STEP = 0.5;

    /** @var array<int, list<array{float, float}>> by ring, min */
    private array $rings = [];

    /** @var array<int, list<array{float, float}>> by pan */
    private array $pans = [];

    /** @var array<int, float> hands that come free at a step of the night, and below nothing that are needed from there on */
    private array $changes = [];

    /** @var non-empty-list<array{int, int, float}>|null steps, from and before, and the hands that are free in them; null until they are counted again */
    private ?array $runs = null;

    public function __construct(private readonly Night $night)
    {
        foreach ($night->hands as $hand) {
            $from = (int) ceil($hand->from / self::STEP - Night::EPSILON);
            $this->change($from, max($from, (int) floor($hand->to / self::STEP + Night::EPSILON)), $hand->count);
        }
        foreach ($night->taken as $booking) {
            $this->rings[$booking->ring][] = [$booking->from, $booking->to];
            $this->change((int) floor($booking->from / self::STEP + Night::EPSILON), (int) ceil($booking->to / self::STEP - Night::EPSILON), -$booking->share);
        }
        foreach ($night->running as $placement) {
            $this->put($placement);
        }
    }

    public function put(Placement $placement): void
    {
        $this->rings[$placement->ring][] = [$placement->on, $placement->off()];
        foreach ($placement->ringsBeside() as [$ring, $from, $to]) {
            $this->rings[$ring][] = [$from, $to];
        }
        $this->pans[$placement->pan][] = [$placement->on, $this->panFree($placement)];
        $this->hold($placement, 1.0);
    }

    /** What was put there is not there any more. */
    public function take(Placement $placement): void
    {
        self::without($this->rings[$placement->ring], [$placement->on, $placement->off()]);
        foreach ($placement->ringsBeside() as [$ring, $from, $to]) {
            self::without($this->rings[$ring], [$from, $to]);
        }
        self::without($this->pans[$placement->pan], [$placement->on, $this->panFree($placement)]);
        $this->hold($placement, -1.0);
    }

    /**
     * @param  list<array{float, float}>  $taken
     * @param  array{float, float}  $span
     */
    private static function without(array &$taken, array $span): void
    {
        $at = array_search($span, $taken, true);
        if ($at !== false) {
            array_splice($taken, $at, 1);
        }
    }

    /** Minute of the night from which its pan can go on again. */
    private function panFree(Placement $placement): float
    {
        return $placement->table() + $this->night->wash;
    }

    /**
     * The first minute from one on at which a pan may go on a ring and finds all it needs, by the step; null where it would be past the end.
     *
     * @param  float  $from  min of the night
     * @param  float  $end  the last
     * @param  'hands'|'ring'|'pan'|null  $except  what is not looked at
     */
    public function first(float $from, float $end, int $pan, int $ring, Timetable $timetable, ?string $except = null): ?float
    {
        for ($on = $from; $on <= $end + Night::EPSILON;) {
            $next = max(
                $except === 'ring' ? $on : self::after($this->rings[$ring] ?? [], $on, $timetable->off - $timetable->on),
                $except === 'pan' ? $on : self::after($this->pans[$pan] ?? [], $on, $timetable->whole + $this->night->wash),
            );
            if ($next <= $on + Night::EPSILON) {
                $next = max($except === 'hands' ? $on : $this->handsAfter($on, $timetable), $except === 'ring' || $timetable->besideRings === [] ? $on : $this->besideAfter($on, $ring, $timetable));
                if ($next <= $on + Night::EPSILON) {
                    return $on;
                }
            }
            $on = ceil($next / self::STEP - Night::EPSILON) * self::STEP;
        }

        return null;
    }

    /**
     * A ring for each of what stands beside a pan that goes on then, those it had where they are free; null where not all find one.
     *
     * @param  list<int>  $had
     * @param  list<int>  $found  for the first of them
     *
     * @return list<int>|null
     */
    public function ringsBeside(float $on, int $ring, Timetable $timetable, array $had = [], array $found = []): ?array
    {
        $at = count($found);
        if ($at === count($timetable->besideRings)) {
            return $found;
        }
        [$from, $to] = $timetable->besideRings[$at];
        $begins = $on - $timetable->on + $from;
        foreach (array_unique([...array_intersect(array_slice($had, $at, 1), $this->night->rings), ...$this->night->rings]) as $other) {
            $taken = [...$this->rings[$other] ?? [], ...self::own($other, $on, $ring, $timetable, $found)];
            $all = self::after($taken, $begins, $to - $from) > $begins + Night::EPSILON ? null : $this->ringsBeside($on, $ring, $timetable, $had, [...$found, $other]);
            if ($all !== null) {
                return $all;
            }
        }

        return null;
    }

    /**
     * When a pan and what stands beside it are on a ring themselves.
     *
     * @param  list<int>  $found  rings of what stands beside it
     *
     * @return list<array{float, float}>
     */
    private static function own(int $ownRing, float $on, int $ring, Timetable $timetable, array $found): array
    {
        $own = $ownRing === $ring ? [[$on, $on - $timetable->on + $timetable->off]] : [];
        foreach (array_keys($found, $ownRing, true) as $at) {
            $own[] = [$on - $timetable->on + $timetable->besideRings[$at][0], $on - $timetable->on + $timetable->besideRings[$at][1]];
        }

        return $own;
    }

    /** The same minute where what stands beside its pan finds its rings; else the next at which one more may be free; no minute where none ever is. */
    private function besideAfter(float $on, int $ring, Timetable $timetable): float
    {
        if ($this->ringsBeside($on, $ring, $timetable) !== null) {
            return $on;
        }
        $next = INF;
        foreach ($timetable->besideRings as [$from, $to]) {
            $begins = $on - $timetable->on + $from;
            foreach ($this->night->rings as $other) {
                $free = self::after($this->rings[$other] ?? [], $begins, $to - $from);
                $next = min($next, $free > $begins + Night::EPSILON ? $on + $free - $begins : INF);
            }
        }

        return $next;
    }

    /** The same minute where there are hands; else one before which there are none. */
    private function handsAfter(float $on, Timetable $timetable): float
    {
        $runs = $this->runs ??= $this->runs();
        [$begin, $offGrid] = self::step($on);
        foreach ($timetable->steps as [$from, $to, $share]) {
            [$first, $before] = [$begin + $from, $begin + $to + $offGrid];
            for ($at = self::runAt($runs, $before - 1); $at >= 0 && $runs[$at][1] > $first; $at--) {
                if ($runs[$at][2] < $share - Night::EPSILON) {
                    return $on + ($runs[$at][1] - $first) * self::STEP;
                }
            }
        }

        return $on;
    }

    /** @param  float  $times  1 to need its hands, -1 to need them no more */
    private function hold(Placement $placement, float $times): void
    {
        [$begin, $offGrid] = self::step($placement->on);
        foreach ($placement->timetable->steps as [$from, $to, $share]) {
            $this->change($begin + $from, $begin + $to + $offGrid, -$times * $share);
        }
    }

    private function change(int $from, int $before, float $hands): void
    {
        $this->changes[$from] = ($this->changes[$from] ?? 0.0) + $hands;
        $this->changes[$before] = ($this->changes[$before] ?? 0.0) - $hands;
        $this->runs = null;
    }

    /** @return non-empty-list<array{int, int, float}> the whole night, and what is before and after it */
    private function runs(): array
    {
        ksort($this->changes);
        $runs = [];
        [$from, $free] = [PHP_INT_MIN, 0.0];
        foreach ($this->changes as $step => $hands) {
            if (abs($hands) > Night::EPSILON) {
                $runs[] = [$from, $step, $free];
                [$from, $free] = [$step, $free + $hands];
            }
        }
        $runs[] = [$from, PHP_INT_MAX, $free];

        return $runs;
    }

    /**
     * Which run a step is in.
     *
     * @param  non-empty-list<array{int, int, float}>  $runs
     */
    private static function runAt(array $runs, int $step): int
    {
        [$low, $high] = [0, count($runs) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $runs[$middle][1] > $step ? [$low, $middle] : [$middle + 1, $high];
        }

        return $low;
    }

    /** @return array{int, 0|1} the step of a minute, and whether it begins within it */
    private static function step(float $minute): array
    {
        $at = $minute / self::STEP;
        $step = (int) floor($at + Night::EPSILON);

        return [$step, $at - $step > Night::EPSILON ? 1 : 0];
    }

    /**
     * The same minute where nothing is in the way for so long; else one at which that is over.
     *
     * @param  list<array{float, float}>  $taken
     */
    private static function after(array $taken, float $from, float $minutes): float
    {
        foreach ($taken as [$begin, $end]) {
            if ($from < $end - Night::EPSILON && $begin < $from + $minutes - Night::EPSILON) {
                return $end;
            }
        }

        return $from;
    }
}
