<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/** One piece of a food as it is usually cut, and how much of the pan it lies on. Our estimates from common kitchen cuts. */
final readonly class Piece
{
    /**
     * @param  float  $grams  as it is weighed out
     * @param  float  $long  cm
     * @param  float  $wide  cm
     */
    public function __construct(public float $grams, public float $long, public float $wide) {}

    /** What it covers as it lies, an oval, cm². */
    public function area(): float
    {
        return M_PI / 4 * $this->long * $this->wide;
    }
}
