<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Method\Family;
use Velko\Core\Pan\Browning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

/** What came to the plate, as the cook judged it. */
final readonly class Verdict
{
    /** @param  Browning|null  $crust  of a pan rice */
    public function __construct(public Looseness $looseness, public Bite $bite, public string $note, public ?Browning $crust = null) {}

    /**
     * Whether the plate was what the dish asks for.
     *
     * @param  float  $looseness  asked for, g/g
     */
    public function asWanted(float $looseness, Family $family): bool
    {
        return in_array($this->bite, [Bite::Right, Bite::FirmHeart], true)
            && abs($this->looseness->value() - $looseness) <= Looseness::oneStep($family)
            && $this->crust !== Browning::Burnt;
    }
}
