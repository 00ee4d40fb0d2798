<?php

declare(strict_types=1);

namespace Velko\Core\Method;

/** Where a risotto is to leave the heat, so that it is right at the table: as a school needs to know it beforehand, roughly. */
final readonly class PullEstimate
{
    /**
     * @param  float  $doneness  minutes at 100 °C as it leaves the heat
     * @param  float  $free  free liquid then, g: what is wanted at the table and what is drunk and given off on the way there
     */
    public function __construct(public float $doneness, public float $free) {}
}
