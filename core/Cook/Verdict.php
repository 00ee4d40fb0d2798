<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Pan\Browning;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;
use Velko\Core\Rice\Scale;
use Velko\Core\Season\SaltTaste;

/** What came to the plate, as the cook judged it. */
final readonly class Verdict
{
    /**
     * @param  Browning|null  $crust  of a pan rice
     * @param  SaltTaste|null  $salt  null: nobody said
     */
    public function __construct(public Looseness $looseness, public Bite $bite, public string $note, public ?Browning $crust = null, public ?SaltTaste $salt = null) {}

    /**
     * Whether the plate was what the dish asks for.
     *
     * @param  float  $looseness  asked for, g/g
     */
    public function asWanted(float $looseness, Scale $scale): bool
    {
        return in_array($this->bite, [Bite::Right, Bite::FirmHeart], true)
            && abs($this->looseness->value() - $looseness) <= $scale->step
            && $this->crust !== Browning::Burnt
            && in_array($this->salt, [null, SaltTaste::Right], true);
    }
}
