<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** A night with every pan in its place, as far as there is one. */
final readonly class Schedule
{
    /** A table that will be later than this is worth a warning, min past its window (our estimate). */
    public const MINDS = 1.0;

    /** Only a table that is due within so many minutes is warned of: what is further off mostly comes right by itself (as played in the tests). */
    public const AHEAD = 45.0;

    /**
     * @param  list<Placement>  $placements  in order of the minute at which they go on
     * @param  list<int>  $notCooked  firings
     */
    public function __construct(public Night $night, public array $placements, public array $notCooked) {}

    /** Minute of the night at which all of a firing is at the table; null where it is not cooked. */
    public function tableOf(int $firing): ?float
    {
        $tables = array_map(static fn (Placement $placement): float => $placement->table(), array_filter($this->placements, static fn (Placement $placement): bool => isset($placement->serves[$firing])));

        return $tables === [] || in_array($firing, $this->notCooked, true) ? null : max($tables);
    }

    /** Minutes past its window; 0 where it is not cooked. */
    public function lateOf(int $firing): float
    {
        $table = $this->tableOf($firing);

        return $table === null ? 0.0 : max(0.0, $table - $this->night->firings[$firing]->until());
    }

    /** Covers that are not cooked at all. */
    public function coversNotCooked(): int
    {
        return array_sum(array_map(fn (int $number): int => $this->night->firings[$number]->covers, $this->notCooked));
    }

    /** Covers × minutes late, over the whole night. */
    public function lateCovers(): float
    {
        $late = 0.0;
        foreach ($this->night->firings as $number => $firing) {
            $late += $firing->covers * $this->lateOf($number);
        }

        return $late;
    }

    /** @return array<int, float> minutes late, by firing; those that are not */
    public function late(): array
    {
        $late = array_map($this->lateOf(...), array_combine(array_keys($this->night->firings), array_keys($this->night->firings)));

        return array_filter($late, static fn (float $minutes): bool => $minutes > 0.0);
    }

    /** @return list<int> firings that will be late, or are not cooked, soon enough to do something about it now */
    public function warnings(): array
    {
        return array_values(array_filter(array_keys($this->night->firings), fn (int $number): bool => $this->night->firings[$number]->table <= $this->night->now + self::AHEAD && ($this->tableOf($number) === null || $this->lateOf($number) > self::MINDS)));
    }

    /** Whether less is wrong with it than with another: fewer covers not cooked, then fewer late, then fewer pans. */
    public function isBetterThan(self $other): bool
    {
        return [$this->coversNotCooked(), round($this->lateCovers(), 6), count($this->placements)] < [$other->coversNotCooked(), round($other->lateCovers(), 6), count($other->placements)];
    }
}
