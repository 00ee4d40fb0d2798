<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Cook\Item;
use Velko\Core\Planning\Plan;

/** How much of each ingredient goes into the pan of one plan, rounded as a kitchen weighs it. */
final readonly class WeighedOut
{
    /** @param  float  $main  g raw rice of one main, > 0 */
    public function __construct(private Plan $plan, private float $main) {}

    /** For the whole pan. */
    public function item(Ingredient $ingredient): Item
    {
        return new Item($ingredient->name, Amount::rounded($this->amount($ingredient), $ingredient->unit), $ingredient->unit);
    }

    /** For one plate; for all of the pan if it goes to the table as it is. */
    public function onAPlate(Ingredient $ingredient): Item
    {
        $amount = $this->amount($ingredient) / ($this->plan->ask->isPlated() ? $this->plan->ask->covers : 1);

        // What is cut up for the plates is put there in quarters; nobody counts less than a quarter.
        return new Item($ingredient->name, $ingredient->unit === 'pieces' ? floor(4 * $amount + 1e-9) / 4 : Amount::rounded($amount, $ingredient->unit), $ingredient->unit);
    }

    /** In the unit of the ingredient, not rounded. */
    private function amount(Ingredient $ingredient): float
    {
        return $ingredient->for($this->plan->rice(), $this->main, $this->plan->ask->covers, $this->plan->ask->pan->baseArea());
    }
}
