<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** From this minute on, the knob stands at this mark. */
final readonly class HeatChange
{
    public function __construct(public float $fromMinute, public string $mark) {}
}
