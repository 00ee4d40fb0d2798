<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

use Velko\Core\Quantity\Fact;

/** Something besides rice and stock that goes into the pan at a step, as it is weighed out. */
final readonly class Item
{
    /**
     * @param  float  $amount  in its unit, for all covers
     * @param  'g'|'ml'|'pieces'  $unit
     * @param  Fact|null  $what  its name where it is no word of the kitchen's own
     */
    public function __construct(public string $name, public float $amount, public string $unit, public ?Fact $what = null) {}

    /**
     * Something that every kitchen has: butter, salt, rice of a variety.
     *
     * @param  float  $amount  in its unit, for all covers
     * @param  'g'|'ml'|'pieces'  $unit
     */
    public static function of(Fact $what, float $amount, string $unit): self
    {
        return new self('', $amount, $unit, $what);
    }
}
