<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Cook\Replay;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;

/** One cook out of the log: what was asked and planned, and what was touched. */
final readonly class LoggedCook
{
    /**
     * @param  string  $id  Its own.
     * @param  int  $at  ms since 1970.
     * @param  Ask  $ask  With the numbers that were used that day.
     * @param  non-empty-list<HeatChange>  $heat  As planned.
     * @param  string  $ring  As the kitchen calls it.
     * @param  string  $rice  Likewise.
     * @param  string  $dish  Likewise.
     * @param  string|null  $panName  Of the pan, likewise; null if nobody knows.
     */
    public function __construct(public string $id, public int $at, public Ask $ask, public array $heat, public Replay $replay, public string $ring, public string $rice, public string $dish, public ?string $panName = null) {}

    /** The same cook if it had been asked for like this. */
    public function asked(Ask $ask): self
    {
        return new self($this->id, $this->at, $ask, $this->heat, $this->replay, $this->ring, $this->rice, $this->dish, $this->panName);
    }

    /** The same cook if these had been its touches. */
    public function touched(Replay $replay): self
    {
        return new self($this->id, $this->at, $this->ask, $this->heat, $replay, $this->ring, $this->rice, $this->dish, $this->panName);
    }
}
