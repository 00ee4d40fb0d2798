<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/** One thing on the plate, as far as it concerns who may eat it. */
final readonly class Part
{
    /** @param  list<Allergen>  $allergens */
    public function __construct(public string $name, public Diet $suits, public array $allergens) {}

    public static function wine(): self
    {
        return new self('wine', Diet::Vegan, [Allergen::Sulphites]);
    }

    public static function butter(): self
    {
        return new self('butter', Diet::Vegetarian, [Allergen::Milk]);
    }

    /** Hard cheese of the old kind is made with rennet from animals: a vegetarian asks for one that is not. */
    public static function cheese(): self
    {
        return new self('cheese', Diet::Vegetarian, [Allergen::Milk]);
    }
}
