<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** So many cooks from one minute of the night to another. */
final readonly class Shift
{
    public function __construct(public float $from, public float $to, public int $count) {}
}
