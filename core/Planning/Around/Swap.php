<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Fact;

/** One thing taken in place of another, and what that changes. */
final readonly class Swap
{
    /**
     * @param  'wine'|'rice'|'stock'|'pan'|'ingredient'  $kind  what it stands in for
     * @param  float  $stockBy  mL more than as asked
     * @param  list<Fact>  $changes
     * @param  list<Fact>  $warnings  that the pan as asked did not have
     */
    public function __construct(public string $kind, public Fact $what, public Plan $after, public float $stockBy, public array $changes, public array $warnings) {}

    /** By how many minutes it comes off later than as asked. */
    public function pullBy(Plan $before): float
    {
        return $this->after->pulled->minute() - $before->pulled->minute();
    }

    /**
     * @param  list<Fact>  $changes  that are not of the pan: what it brings, who may eat it
     * @param  Fact|null  $unfit  that it is not for whom the dish is meant
     */
    public function andAlso(array $changes, ?Fact $unfit = null): self
    {
        return new self($this->kind, $this->what, $this->after, $this->stockBy, [...$this->changes, ...$changes], $unfit === null ? $this->warnings : [$unfit, ...$this->warnings]);
    }
}
