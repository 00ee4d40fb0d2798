<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Planning\Plan;

/** One school of a choice, worked out. */
final readonly class Option
{
    /** @param  bool  $chosen  as the dish has it */
    public function __construct(public string $label, public bool $chosen, public Plan $plan, public string $note) {}
}
