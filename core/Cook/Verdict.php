<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Pan\Browning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Scale;

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
    public function asWanted(float $looseness, Scale $scale): bool
    {
        return in_array($this->bite, [Bite::Right, Bite::FirmHeart], true)
            && abs($this->looseness->value() - $looseness) <= $scale->step
            && $this->crust !== Browning::Burnt;
    }
}
