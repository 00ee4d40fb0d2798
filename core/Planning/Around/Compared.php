<?php

declare(strict_types=1);

namespace Velko\Core\Planning\Around;

use Velko\Core\Planning\Plan;
use Velko\Core\Quantity\Fact;

/** The same pan with one thing about it different, beside the pan as it was asked. */
final readonly class Compared
{
    public function __construct(public Fact $what, public Plan $before, public Plan $after, public Fact $because) {}

    /** By how much more stock it needs than as asked, mL. */
    public function stockBy(): float
    {
        return $this->after->stock - $this->before->stock;
    }

    /** By how much more stock a gram of rice needs than as asked, mL/g. */
    public function ratioBy(): float
    {
        return $this->after->millilitresPerGram() - $this->before->millilitresPerGram();
    }

    /** By how many minutes it comes off later than as asked. */
    public function pullBy(): float
    {
        return $this->after->pulled->minute() - $this->before->pulled->minute();
    }
}
