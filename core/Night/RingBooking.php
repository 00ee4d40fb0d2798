<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** A ring that carries something else for a while, a pot of stock, and what that needs of a hand. Minutes of the night. */
final readonly class RingBooking
{
    /** @param  float  $share  of one pair of hands, 0 to 1 */
    public function __construct(public int $ring, public float $from, public float $to, public float $share = 0.0) {}
}
