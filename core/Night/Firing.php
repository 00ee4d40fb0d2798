<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** So many covers of a dish for a time at the table. */
final readonly class Firing
{
    /** Of a main, where nobody says, g raw. */
    public const GRAMS = 80.0;

    /**
     * @param  int  $dish  its number among the dishes of the night
     * @param  int  $covers  ≥ 1
     * @param  float  $table  min of the night
     * @param  float  $early  min before that at which it may be there, ≥ 0
     * @param  float  $late  min after that at which it still may, ≥ 0
     * @param  int|null  $pan  given by hand, as its number
     * @param  int|null  $ring  likewise
     * @param  float|null  $on  min of the night at which its pan goes on, given by hand
     * @param  float  $grams  raw rice a cover, over all its sizes, > 0
     * @param  int  $parts  pans it is cooked in at least, ≥ 1
     */
    public function __construct(
        public int $dish,
        public int $covers,
        public float $table,
        public float $early = 3.0,
        public float $late = 0.0,
        public ?int $pan = null,
        public ?int $ring = null,
        public ?float $on = null,
        public float $grams = self::GRAMS,
        public int $parts = 1,
    ) {}

    /** @param  array<string, mixed>  $changes  by property */
    public function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** Whether nothing that was settled by hand speaks against a pan on a ring. */
    public function mayBeAt(int $pan, int $ring): bool
    {
        return ($this->pan ?? $pan) === $pan && ($this->ring ?? $ring) === $ring;
    }

    /** Whether anything about it was settled by hand. */
    public function isPinned(): bool
    {
        return $this->pan !== null || $this->ring !== null || $this->on !== null;
    }

    /** The first and the last minute at which it is right at the table. */
    public function from(): float
    {
        return $this->table - $this->early;
    }

    public function until(): float
    {
        return $this->table + $this->late;
    }
}
