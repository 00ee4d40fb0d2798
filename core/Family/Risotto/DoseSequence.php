<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Pan\State;

/** The doses from a moment on until the pull, and what comes to the table. */
final readonly class DoseSequence
{
    /**
     * @param  list<Dose>  $doses  the last one as it was solved; empty when nothing more is needed
     * @param  float  $pullAt  s
     */
    public function __construct(public array $doses, public float $pullAt, public State $atTable) {}

    /** The stock of all doses, mL. */
    public function volume(): float
    {
        return array_sum(array_map(static fn (Dose $dose): float => $dose->volume, $this->doses));
    }
}
