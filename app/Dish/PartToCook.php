<?php

declare(strict_types=1);

namespace App\Dish;

use App\Models\Dish;
use App\Models\Kitchen;
use Velko\Core\Method\PartCooking;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\ReadyBy;
use Velko\Core\Mise\SideWork;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Window;

/** How much of a dish is cooked now: all of it, the part ahead of the service, or what finishes that to order. */
enum PartToCook: string
{
    case Whole = 'whole';
    case Ahead = 'ahead';
    case ToOrder = 'to-order';

    /** How a dish is cooked part-way; null where it is not, or its kitchen does not do so. */
    public static function partCooking(Dish $dish, Kitchen $kitchen): ?PartCooking
    {
        return $kitchen->part_cooks && $dish->part_cooked_share !== null ? new PartCooking($dish->part_cooked_share, $dish->part_cooked_mm) : null;
    }

    /** Whether an ingredient goes in now. */
    public function takes(?PartCooking $part, Window $window, Ingredient $ingredient): bool
    {
        return $part === null || $this === self::Whole || $part->takes($ingredient->goes, $ingredient->minute, $window) === ($this === self::Ahead);
    }

    /** Whether a work beside the pan is done now: what the rice or the first stock waits for is done ahead. */
    public function does(SideWork $work): bool
    {
        return $this === self::Whole || in_array($work->ready, [ReadyBy::Rice, ReadyBy::Stock], true) === ($this === self::Ahead);
    }

    public function named(string $dish): Fact
    {
        return Fact::of('way.named', way: $this === self::ToOrder ? 'order' : $this->value, dish: $dish);
    }
}
