<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

/** The words for how a family's rice lies on the plate, from tight to loose. */
final readonly class Scale
{
    /**
     * @param  non-empty-list<Looseness>  $words  from tight to loose
     * @param  float  $step  how far from what was asked a verdict may lie and still be what was wanted: one step of the scale, g/g
     */
    public function __construct(public array $words, public float $step) {}

    public function nearest(float $looseness): Looseness
    {
        $words = $this->words;
        usort($words, static fn (Looseness $a, Looseness $b): int => abs($a->value() - $looseness) <=> abs($b->value() - $looseness));

        return $words[0];
    }

    /**
     * The nearest to what was thought that would be called by a word; open at both ends of the scale.
     *
     * @param  float  $thought  g/g
     *
     * @return float|null g/g; null for a word that is not on it
     */
    public function within(Looseness $word, float $thought): ?float
    {
        $range = $this->range($word);

        return $range === null ? null : max($range[0], min($range[1], $thought));
    }

    /** @return array{float, float}|null g/g between which a pan is called so, -INF and INF where there is no end to it; null for a word that is not on it */
    public function range(Looseness $word): ?array
    {
        $at = array_search($word, $this->words, true);
        if ($at === false) {
            return null;
        }
        $half = fn (int $i): float => ($this->words[$i]->value() + $this->words[$i + 1]->value()) / 2;

        return [$at === 0 ? -INF : $half($at - 1), $at === count($this->words) - 1 ? INF : $half($at)];
    }
}
