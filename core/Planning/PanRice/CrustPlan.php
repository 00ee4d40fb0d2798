<?php

declare(strict_types=1);

namespace Velko\Core\Planning\PanRice;

use Velko\Core\Pan\Leg;

/** How the floor of a dry pan gets its colour: one setting, and how to move the pan over the ring meanwhile. */
final readonly class CrustPlan
{
    /**
     * @param  string  $mark  where the knob stands
     * @param  list<Leg>  $legs  empty when no crust is wanted or none is possible
     * @param  bool  $even  Every part of the floor gets there without any part burning.
     * @param  float  $palest  browning of the palest part of the floor at the end, minutes at 150 °C
     * @param  float  $darkest  of the darkest part
     */
    public function __construct(
        public string $mark,
        public array $legs,
        public bool $even,
        public float $palest,
        public float $darkest,
    ) {}

    /** s from dry until off the heat */
    public function seconds(): float
    {
        return array_sum(array_map(static fn (Leg $leg): float => $leg->seconds, $this->legs));
    }

    /** How far the pan is shifted off the middle of the ring, cm; 0 when it stays. */
    public function shift(): float
    {
        return $this->legs === [] ? 0.0 : max(array_map(static fn (Leg $leg): float => $leg->shift, $this->legs));
    }

    /** s the pan stands shifted, and is turned; 0 when it stays in the middle */
    public function turning(): float
    {
        return array_sum(array_map(static fn (Leg $leg): float => $leg->shift > 0 ? $leg->seconds : 0.0, $this->legs));
    }
}
