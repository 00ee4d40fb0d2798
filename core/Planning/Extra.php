<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Quantity\Fact;

/** Something to do that the plan does not have, because the pan ran otherwise. */
final readonly class Extra
{
    /**
     * @param  'pour'|'lift'|'heat'  $kind
     * @param  float  $volume  mL
     * @param  string|null  $mark  where the knob goes
     */
    public function __construct(public float $second, public string $kind, public Fact $say, public float $volume = 0.0, public ?string $mark = null) {}
}
