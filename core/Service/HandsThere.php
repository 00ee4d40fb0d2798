<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** So many cooks from one minute of the night to another. */
final readonly class HandsThere
{
    public function __construct(public float $from, public float $to, public int $count) {}
}
