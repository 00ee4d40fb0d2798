<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Cook\Replay;
use Velko\Core\Method\HeatChange;
use Velko\Core\Planning\Ask;

/** One cook out of the log: what was asked and planned, and what was touched. */
final readonly class Cooked
{
    /**
     * @param  string  $id  its own
     * @param  int  $at  ms since 1970
     * @param  Ask  $ask  by the numbers of then
     * @param  non-empty-list<HeatChange>  $heat  as planned
     * @param  string  $ring  as the kitchen calls it
     * @param  string  $rice  likewise
     * @param  string  $dish  likewise
     */
    public function __construct(public string $id, public int $at, public Ask $ask, public array $heat, public Replay $replay, public string $ring, public string $rice, public string $dish) {}
}
