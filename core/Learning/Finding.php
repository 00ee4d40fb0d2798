<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * One thing that was found in a pan: how far off a measurement was, or the word that was said, where its lesson was worked out; and how that
 * moves with each number (Hidden::moves). A word is asked anew wherever the numbers are: past the end of its range it holds nobody back.
 */
final readonly class Finding
{
    /**
     * @param  float|Word  $what  a measurement in standard deviations; or the word
     * @param  list<float>  $slopes  how that, or the thought of the word, moves with each number there
     */
    public function __construct(public float|Word $what, public array $slopes) {}

    /**
     * How far the measurement or the thought of the word moves.
     *
     * @param  list<Hidden>  $hidden
     * @param  list<float>  $off  each number another, logarithms
     */
    public function movedBy(array $hidden, array $off): float
    {
        return array_sum(array_map(static fn (float $slope, Hidden $one, float $off): float => $slope * $one->moves($off), $this->slopes, $hidden, $off));
    }

    /**
     * How it moves with each, from there on.
     *
     * @param  list<Hidden>  $hidden
     * @param  list<float>  $off  each number another, logarithms
     *
     * @return list<float>
     */
    public function slopesAt(array $hidden, array $off): array
    {
        return array_map(static fn (float $slope, Hidden $one, float $off): float => $slope * $one->steeper($off), $this->slopes, $hidden, $off);
    }
}
