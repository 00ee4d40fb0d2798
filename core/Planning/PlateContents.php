<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Food\Portion;
use Velko\Core\Pan\State;
use Velko\Core\Season\Salt;

/** What lies on all plates together when a pan comes to the table, and the salt in it. */
final readonly class PlateContents
{
    public function __construct(private Ask $ask, private State $atTable) {}

    /** The weight of all plates, g. */
    public function weight(): float
    {
        return $this->ask->rice() * (1 + $this->atTable->drunk) + $this->atTable->free + $this->ask->finish->weight() + $this->food();
    }

    /** The weight of everything else, without the water that came out of it, g. */
    public function food(): float
    {
        return $this->ask->extras + array_sum(array_map(static fn (Portion $portion): float => $portion->mass(), $this->ask->food)) - $this->atTable->brought;
    }

    /** The salt that everything else brings, in the pan and on top, g. */
    public function saltOfFood(): float
    {
        return array_sum(array_map(static fn (Portion $portion): float => $portion->salt(), $this->ask->food));
    }

    /** The salt that the stock brought, g. */
    public function saltOfStock(): float
    {
        return $this->atTable->salt - array_sum(array_map(static fn (Portion $portion): float => $portion->isInThePan() ? $portion->salt() : 0.0, $this->ask->food));
    }

    /** The salt from the stock, from what was beaten in and from everything else, g. */
    public function salt(): float
    {
        return $this->saltOfStock() + $this->ask->finish->salt() + $this->saltOfFood();
    }

    public function saltPercent(): float
    {
        return Salt::percent($this->salt(), $this->weight());
    }

    /** Salt to season with, for all plates, g: to the middle of the kitchen's target, and no further than the dish's ceiling of sodium. */
    public function toSeason(): float
    {
        return $this->ask->seasoning->grams($this->salt(), $this->weight(), $this->ask->covers);
    }
}
