<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

/** The floor of a pan that is taking its colour, from when it began until it burns. */
final readonly class CrustNow
{
    /**
     * @param  float  $since  minute of the cook at which it began
     * @param  float  $gold  minute at which it must come off to be as it should be when the metal is cool
     * @param  float  $burnt  last minute at which taking it off keeps every part of it from burning
     * @param  non-empty-list<array{minute: float, rings: list<float>}>  $rows  browning from the middle to the rim, minutes at 150 °C, row after row up to where it burns
     */
    public function __construct(public float $since, public float $gold, public float $burnt, public array $rows) {}
}
