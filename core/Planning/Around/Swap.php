<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Planning\Plan;

/** One thing taken in place of another, and what that changes. */
final readonly class Swap
{
    /**
     * @param  float  $stockBy  mL more than as asked
     * @param  list<string>  $changes  in a cook's words
     * @param  list<string>  $warnings  that the pan as asked did not have
     */
    public function __construct(public string $what, public Plan $after, public float $stockBy, public array $changes, public array $warnings) {}
}
