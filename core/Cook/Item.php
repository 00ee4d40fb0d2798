<?php

declare(strict_types=1);

namespace Velko\Core\Cook;

/** Something besides rice and stock that goes into the pan at a step, as it is weighed out. */
final readonly class Item
{
    /**
     * @param  float  $amount  in its unit, for all covers
     * @param  'g'|'ml'|'pieces'  $unit
     */
    public function __construct(public string $name, public float $amount, public string $unit) {}
}
