<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** A firing that is late or cannot be cooked, what it lacks, and what would mend it. */
final readonly class Clash
{
    /**
     * @param  'hands'|'ring'|'pan'|'too-big'|'too-soon'|'behind'  $code  behind: its pan is on already
     * @param  float  $at  min of the night at which it would have to go on
     * @param  list<int>  $firings
     * @param  float  $lateCovers  cover-minutes that come of it
     * @param  list<Offer>  $offers  the best first
     */
    public function __construct(public string $code, public float $at, public array $firings, public float $lateCovers, public array $offers) {}
}
