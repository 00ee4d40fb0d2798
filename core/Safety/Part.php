<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/** One thing on the plate, as far as it concerns who may eat it. What nobody has said is unknown, never safe. */
final readonly class Part
{
    /**
     * @param  Diet|null  $suits  the strictest diet that it suits; null: nobody has said
     * @param  list<Allergen>  $allergens  all of them, or those it brings at the least
     * @param  bool  $complete  whether somebody has said that these are all
     */
    public function __construct(public string $name, public ?Diet $suits, public array $allergens, public bool $complete = true) {}

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

    public function isKnown(): bool
    {
        return $this->suits !== null && $this->complete;
    }
}
