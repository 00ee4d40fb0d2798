<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Cook\StageKind;
use Velko\Core\Quantity\Fact;

/** Something to do that the plan does not have, because the pan ran otherwise. */
final readonly class ExtraStep
{
    /**
     * @param  float  $volume  mL
     * @param  string|null  $mark  where the knob goes
     */
    public function __construct(public float $second, public StageKind $kind, public Fact $say, public float $volume = 0.0, public ?string $mark = null) {}
}
