<?php

declare(strict_types=1);

namespace Velko\Core\Service;

/** One change that mends a clash, and what is late after it. */
final readonly class Offer
{
    /**
     * @param  'more-hands'|'other-pan'|'other-ring'|'later'|'split'|'merge'  $code
     * @param  float  $lateAfter  cover-minutes of the whole night
     */
    public function __construct(public string $code, public float $lateAfter) {}
}
