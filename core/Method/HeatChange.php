<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** From this minute on, the knob stands at this mark, and the pan so over the ring. */
final readonly class HeatChange
{
    /** @param  float  $catches  share of the ring's heat that the pan catches; less than 1 where it is shifted off the middle */
    public function __construct(public float $fromMinute, public string $mark, public float $catches = 1.0) {}
}
