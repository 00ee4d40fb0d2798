<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Pan\PartCooked;

/** What became of part-cooked rice on its trays. */
final readonly class CooledRice
{
    /** From here its cooling counts, the end of its first stage, and cold, °C: FDA Food Code 2022, 3-501.14 (from memory). */
    public const COUNTS_FROM = 57.0;

    public const FIRST = 21.0;

    public const COLD = 5.0;

    /**
     * @param  float  $area  m² of tray
     * @param  float  $first  min from {@see COUNTS_FROM} to {@see FIRST}
     * @param  float  $cold  min from there to {@see COLD}
     */
    public function __construct(public PartCooked $part, public float $area, public float $first, public float $cold) {}

    /** The grams that a gram of raw rice has become, without what else is in it. */
    public function weighs(): float
    {
        return 1 + $this->part->drunk + $this->part->free;
    }
}
