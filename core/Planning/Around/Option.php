<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Fact;

/** One school of a choice, worked out. */
final readonly class Option
{
    /**
     * @param  string  $school  its code
     * @param  bool  $chosen  as the dish has it
     * @param  Fact  $note  what to know of it
     */
    public function __construct(public string $school, public bool $chosen, public Plan $plan, public Fact $note) {}
}
