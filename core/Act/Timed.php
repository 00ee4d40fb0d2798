<?php

declare(strict_types=1);

namespace Velko\Core\Act;

/** An act and when it is done. */
final readonly class Timed
{
    /** @param  float  $second  since the first liquid */
    public function __construct(public float $second, public Act $act) {}
}
