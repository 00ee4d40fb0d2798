<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Quantity;

/** Something about the choice that will go wrong at the stove, and what to do about it. */
final readonly class Warning
{
    public Fact $fact;

    /**
     * @param  array<string, Quantity|Fact|list<Fact|string>|string|int|float|bool>  $args  what its words need, by name
     * @param  Fact  $fix  the way out
     */
    public function __construct(public string $code, array $args, public Fact $fix)
    {
        $this->fact = new Fact("warning.$code", $args);
    }
}
