<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/** What a stock is made from, and so who may eat it (common practice, no single source). */
enum Base: string
{
    case Vegetable = 'vegetable';
    case Mushroom = 'mushroom';
    case Fish = 'fish';
    case Shellfish = 'shellfish';
    case Poultry = 'poultry';
    case Meat = 'meat';

    /** The strictest diet that it suits. */
    public function suits(): Diet
    {
        return match ($this) {
            self::Vegetable, self::Mushroom => Diet::Vegan,
            self::Fish, self::Shellfish => Diet::Pescatarian,
            self::Poultry, self::Meat => Diet::Any,
        };
    }

    /**
     * What it must bring of allergens, whatever else was put into it. Shellfish may be either kind: both are named.
     *
     * @return list<Allergen>
     */
    public function brings(): array
    {
        return match ($this) {
            self::Fish => [Allergen::Fish],
            self::Shellfish => [Allergen::Crustaceans, Allergen::Molluscs],
            default => [],
        };
    }
}
