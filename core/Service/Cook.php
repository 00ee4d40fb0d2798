<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** One pan of the night: what it serves, where and when it goes on. */
final readonly class Cook
{
    /**
     * @param  array<int, int>  $serves  covers by firing
     * @param  int  $pan  its number
     * @param  float  $on  min of the night
     */
    public function __construct(public array $serves, public int $dish, public int $pan, public int $ring, public float $on, public Length $length) {}

    public function covers(): int
    {
        return array_sum($this->serves);
    }

    public function firstLiquid(): float
    {
        return $this->on - $this->length->on;
    }

    public function off(): float
    {
        return $this->firstLiquid() + $this->length->off;
    }

    public function table(): float
    {
        return $this->firstLiquid() + $this->length->table;
    }

    /** @return list<Share> in minutes of the night */
    public function hands(): array
    {
        $from = $this->firstLiquid();

        return array_map(static fn (Share $one): Share => new Share($from + $one->from, $from + $one->to, $one->share, $one->doing), $this->length->hands);
    }
}
