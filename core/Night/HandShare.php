<?php

declare(strict_types=1);

namespace Velko\Core\Night;

/** A share of one pair of hands for a while, in minutes from the first liquid. */
final readonly class HandShare
{
    /**
     * @param  float  $share  of one pair of hands, 0 to 1
     * @param  'base'|'toast'|'stir'|'watch'|'finish'|'beside'  $doing
     */
    public function __construct(public float $from, public float $to, public float $share, public string $doing) {}

    /**
     * What is done beside a pan: its minutes of hands, even over all the time it takes.
     *
     * @param  float  $to  > $from
     * @param  float  $hands  min of a pair of hands, ≥ 0
     */
    public static function ofWork(float $from, float $to, float $hands): self
    {
        return new self($from, $to, min(1.0, $hands / ($to - $from)), Timetable::BESIDE);
    }
}
