<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

/** The floor of a pan that is taking its colour, from when it began until it burns. */
final readonly class CrustNow
{
    /**
     * @param  float  $since  minute of the cook at which it began
     * @param  float  $gold  minute at which it is as it should be
     * @param  float  $burnt  minute at which the first part of it is burnt
     * @param  non-empty-list<array{minute: float, rings: list<float>}>  $rows  browning from the middle to the rim, minutes at 150 °C, row after row up to where it burns
     */
    public function __construct(public float $since, public float $gold, public float $burnt, public array $rows) {}
}
