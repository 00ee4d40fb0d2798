<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** From this minute on, the lid is on, or off. */
final readonly class LidChange
{
    public function __construct(public float $fromMinute, public bool $on) {}
}
