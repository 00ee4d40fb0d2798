<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** One pan of the night: what it serves, where and when it goes on. */
final readonly class Placement
{
    /**
     * @param  array<int, int>  $serves  covers by firing
     * @param  float  $rice  g raw
     * @param  int  $pan  its number
     * @param  float  $on  min of the night
     * @param  list<int>  $besideOn  a ring for each that its timetable needs beside its own
     */
    public function __construct(public array $serves, public int $dish, public float $rice, public int $pan, public int $ring, public float $on, public Timetable $timetable, public array $besideOn = []) {}

    public function covers(): int
    {
        return array_sum($this->serves);
    }

    public function firstLiquid(): float
    {
        return $this->on - $this->timetable->on;
    }

    public function off(): float
    {
        return $this->firstLiquid() + $this->timetable->off;
    }

    public function table(): float
    {
        return $this->firstLiquid() + $this->timetable->table;
    }

    /** @param  list<int>  $rings  a ring for each that its timetable needs beside its own */
    public function withRingsBeside(array $rings): self
    {
        return new self($this->serves, $this->dish, $this->rice, $this->pan, $this->ring, $this->on, $this->timetable, $rings);
    }

    /** @return list<array{int, float, float}> a ring, and from when until when something stands on it beside its pan, min of the night */
    public function ringsBeside(): array
    {
        $from = $this->firstLiquid();

        return array_map(static fn (int $ring, array $span): array => [$ring, $from + $span[0], $from + $span[1]], $this->besideOn, array_slice($this->timetable->besideRings, 0, count($this->besideOn)));
    }

    /** @return list<HandShare> in minutes of the night */
    public function hands(): array
    {
        $from = $this->firstLiquid();

        return array_map(static fn (HandShare $share): HandShare => new HandShare($from + $share->from, $from + $share->to, $share->share, $share->doing), $this->timetable->hands);
    }
}
