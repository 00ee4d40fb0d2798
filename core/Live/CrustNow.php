<?php

declare(strict_types=1);

namespace Velko\Core\Live;

/** The floor of a pan that is taking its colour. */
final readonly class CrustNow
{
    /**
     * @param  float  $since  minute of the cook at which it began
     * @param  float  $gold  minute at which it is as it should be
     * @param  float  $burnt  minute at which the first part of it is burnt
     * @param  list<array{float, float}>  $rings  browning by now, from the middle to the rim: palest and darkest part, minutes at 150 °C
     */
    public function __construct(public float $since, public float $gold, public float $burnt, public array $rings) {}
}
