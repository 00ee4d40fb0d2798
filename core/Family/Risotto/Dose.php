<?php

declare(strict_types=1);

namespace Velko\Core\Family\Risotto;

use Velko\Core\Pan\State;

/** One dose as the school gives it, with the pan as it stood just before. */
final readonly class Dose
{
    public function __construct(public float $second, public float $volume, public State $before) {}
}
