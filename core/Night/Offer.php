<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** One change that mends a clash, and what is late after it. */
final readonly class Offer
{
    /**
     * @param  'more-hands'|'other-pan'|'other-ring'|'later'|'split'|'merge'|'ahead'  $code
     * @param  float  $lateAfter  cover-minutes of the whole night
     * @param  array<int, float>  $late  min, by the firings that are late then
     * @param  float|null  $from  min of the night from which a pair of hands more is needed
     * @param  float|null  $to  and until when
     * @param  float|null  $minutes  later at the table
     * @param  int|null  $like  the pan, or the ring, of which there would be one more
     * @param  int|null  $firing  of which the rice would be part-cooked ahead
     */
    public function __construct(
        public string $code,
        public float $lateAfter,
        public array $late = [],
        public ?float $from = null,
        public ?float $to = null,
        public ?float $minutes = null,
        public ?int $like = null,
        public ?int $firing = null,
    ) {}
}
