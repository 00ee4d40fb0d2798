<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** What one pan is to serve, before it has a place: a firing, a part of one, or several of the same dish. */
final readonly class Job
{
    /**
     * @param  array<int, int>  $serves  covers by firing
     * @param  float  $rice  g raw
     * @param  float  $from  min of the night, the first at which it is right at the table
     * @param  float  $table  the best
     * @param  float  $until  the last
     * @param  Firing|null  $pinned  where something about it was settled by hand
     */
    public function __construct(public array $serves, public int $dish, public float $rice, public float $from, public float $table, public float $until, public ?Firing $pinned = null) {}

    public function covers(): int
    {
        return array_sum($this->serves);
    }
}
