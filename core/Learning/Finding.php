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
     * Where the numbers are others.
     *
     * @param  list<float>  $moves  by what it moves with each (Hidden::moves)
     * @param  list<float>  $steeper  how much more steeply it moves there (Hidden::steeper)
     *
     * @return array{float, list<float>} how far off it is there, or the thought of its word, and how that moves from there
     */
    public function at(array $moves, array $steeper): array
    {
        $there = $this->what instanceof Word ? $this->what->thought : $this->what;
        $slopes = [];
        foreach ($this->slopes as $k => $slope) {
            $there += $slope * $moves[$k];
            $slopes[] = $slope * $steeper[$k];
        }

        return [$there, $slopes];
    }
}
