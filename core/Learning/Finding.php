<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

/**
 * One thing that was found in a pan, and how it moves with each number. A measurement is a straight line of them; a word is asked anew wherever
 * the numbers are: past the end of its range it holds nobody back.
 */
final readonly class Finding
{
    /**
     * @param  float|Word  $what  how far off it was where its lesson was worked out, in standard deviations; or the word that was said there
     * @param  list<float>  $slopes  how that, or the place of the word, moves with the logarithm of each number
     */
    public function __construct(public float|Word $what, public array $slopes) {}

    /** A word says for itself how far it is believed. */
    public function isWord(): bool
    {
        return $this->what instanceof Word;
    }

    /**
     * @param  list<float>  $moved  by so much each, logarithms
     */
    public function movedBy(array $moved): float
    {
        return array_sum(array_map(static fn (float $slope, float $one): float => $slope * $one, $this->slopes, $moved));
    }

    /**
     * As it would be with other numbers.
     *
     * @param  list<float>  $moved  by so much each, logarithms
     *
     * @return array{float, list<float>} how far off, in standard deviations, and how that moves with each
     */
    public function at(array $moved): array
    {
        $by = $this->movedBy($moved);
        if (! $this->what instanceof Word) {
            return [$this->what + $by, $this->slopes];
        }
        [$miss, $scale] = $this->what->moved($by)->told();

        return [$miss, array_map(static fn (float $slope): float => $scale * $slope, $this->slopes)];
    }
}
