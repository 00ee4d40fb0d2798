<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** What is taken of rings, pans and hands as the night fills. */
final class Board
{
    /** Pans go on by the half minute, and hands are counted by it, min. */
    public const STEP = 0.5;

    private const NOTHING = 1e-9;

    /** @var array<int, list<array{float, float}>> by ring, min */
    private array $rings = [];

    /** @var array<int, list<array{float, float}>> by pan */
    private array $pans = [];

    /** @var array<int, float> hands needed, by step of the night */
    private array $needed = [];

    /** @var array<int, int> hands there, by step of the night */
    private array $there = [];

    public function __construct(private readonly Night $night)
    {
        foreach ($night->hands as $one) {
            for ($step = (int) ceil($one->from / self::STEP - self::NOTHING); ($step + 1) * self::STEP <= $one->to + self::NOTHING; $step++) {
                $this->there[$step] = ($this->there[$step] ?? 0) + $one->count;
            }
        }
    }

    public function put(Cook $cook): void
    {
        $this->rings[$cook->ring][] = [$cook->on, $cook->off()];
        $this->pans[$cook->pan][] = [$cook->on, $this->panFree($cook)];
        $this->hold($cook);
    }

    /** Minute of the night from which its pan can go on again. */
    private function panFree(Cook $cook): float
    {
        return $cook->table() + $this->night->wash;
    }

    /**
     * The first minute from one on at which a pan may go on a ring and finds all it needs, by the step; null where it would be past the end.
     *
     * @param  float  $from  min of the night
     * @param  float  $end  the last
     * @param  'hands'|'ring'|'pan'|null  $but  what is not looked at
     */
    public function first(float $from, float $end, int $pan, int $ring, Length $length, ?string $but = null): ?float
    {
        for ($on = $from; $on <= $end + self::NOTHING;) {
            $next = max(
                $but === 'ring' ? $on : self::after($this->rings[$ring] ?? [], $on, $length->off - $length->on),
                $but === 'pan' ? $on : self::after($this->pans[$pan] ?? [], $on, $length->whole() + $this->night->wash),
            );
            if ($next <= $on + self::NOTHING) {
                $next = $but === 'hands' ? $on : $this->handsAfter($on, $length);
                if ($next <= $on + self::NOTHING) {
                    return $on;
                }
            }
            $on = ceil($next / self::STEP - self::NOTHING) * self::STEP;
        }

        return null;
    }

    /** The same minute where there are hands; else one before which there are none. */
    private function handsAfter(float $on, Length $length): float
    {
        $at = $on / self::STEP;
        $begin = (int) floor($at + self::NOTHING);
        $offGrid = $at - $begin > self::NOTHING ? 1 : 0;
        foreach ($length->steps as [$from, $to, $share]) {
            for ($step = $begin + $to + $offGrid - 1; $step >= $begin + $from; $step--) {
                if (($this->needed[$step] ?? 0.0) + $share > ($this->there[$step] ?? 0) + self::NOTHING) {
                    return $on + ($step - $begin - $from + 1) * self::STEP;
                }
            }
        }

        return $on;
    }

    private function hold(Cook $cook): void
    {
        $at = $cook->on / self::STEP;
        $begin = (int) floor($at + self::NOTHING);
        $offGrid = $at - $begin > self::NOTHING ? 1 : 0;
        foreach ($cook->length->steps as [$from, $to, $share]) {
            for ($step = $begin + $from; $step < $begin + $to + $offGrid; $step++) {
                $this->needed[$step] = ($this->needed[$step] ?? 0.0) + $share;
            }
        }
    }

    /**
     * The same minute where nothing is in the way for so long; else one at which that is over.
     *
     * @param  list<array{float, float}>  $taken
     */
    private static function after(array $taken, float $from, float $minutes): float
    {
        foreach ($taken as [$begin, $end]) {
            if ($from < $end - self::NOTHING && $begin < $from + $minutes - self::NOTHING) {
                return $end;
            }
        }

        return $from;
    }
}
