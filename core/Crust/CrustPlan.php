<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Pan\Leg;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;

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

    /** The seconds from dry until off the heat. */
    public function seconds(): float
    {
        return array_sum(array_map(static fn (Leg $leg): float => $leg->seconds, $this->legs));
    }

    /**
     * @param  float  $second  at which the first of these legs begins
     * @param  int  $from  legs that have begun already
     *
     * @return list<Stage> one for each leg to begin
     */
    public function stages(float $second, int $from = 0): array
    {
        $stages = [];
        foreach (array_slice($this->legs, $from) as $i => $leg) {
            $say = match (true) {
                $leg->shift > 0 => Fact::of('say.crust-shifted', shift: Length::ofCm(round($leg->shift)), every: Duration::ofSeconds(round($leg->every))),
                $from + $i === 0 => Fact::of('say.crust'),
                default => Fact::of('say.crust-middle'),
            };
            $stages[] = new Stage($second / 60, StageKind::Crust, $say, mark: $this->mark, shift: $leg->shift > 0 ? $leg->shift : null);
            $second += $leg->seconds;
        }

        return $stages;
    }

    /** How far the pan is shifted off the middle of the ring, cm; 0 when it stays. */
    public function shift(): float
    {
        return $this->legs === [] ? 0.0 : max(array_map(static fn (Leg $leg): float => $leg->shift, $this->legs));
    }

    /** The seconds for which the pan stands shifted and is turned; 0 if it stays in the middle. */
    public function turning(): float
    {
        return array_sum(array_map(static fn (Leg $leg): float => $leg->shift > 0 ? $leg->seconds : 0.0, $this->legs));
    }
}
