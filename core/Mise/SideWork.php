<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Quantity\Fact;

/** Work beside the pan that must be ready in time: a stock, a sofrito, a fillet. */
final readonly class SideWork
{
    /**
     * @param  float  $takes  min from its start until it is ready
     * @param  float  $hands  min of hands in it
     * @param  bool  $ahead  can be done before service
     * @param  int|null  $needs  place in its list of what must be ready before this is begun, which stands before it
     */
    public function __construct(public Fact $what, public Ready $ready, public float $takes, public float $hands, public bool $ahead, public ?int $needs = null) {}
}
