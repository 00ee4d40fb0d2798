<?php

declare(strict_types=1);

namespace Velko\Core\Live;

use Velko\Core\Planning\Looseness;
use Velko\Core\Rice\Bite;

/** What came to the plate, as the cook judged it. */
final readonly class Verdict
{
    /** As far from the looseness asked for as one step of the scale, g/g, still counts as wanted. */
    private const ONE_STEP = 0.25;

    public function __construct(public Looseness $looseness, public Bite $bite, public string $note) {}

    /**
     * Whether the plate was what the dish asks for.
     *
     * @param  float  $looseness  asked for, g/g
     */
    public function asWanted(float $looseness): bool
    {
        return in_array($this->bite, [Bite::Right, Bite::FirmHeart], true)
            && abs($this->looseness->value() - $looseness) <= self::ONE_STEP;
    }
}
