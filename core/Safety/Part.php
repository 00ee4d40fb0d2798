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

    /** @param  string  $name  as it is read */
    public static function wine(string $name): self
    {
        return new self($name, Diet::Vegan, [Allergen::Sulphites]);
    }

    /** @param  string  $name  as it is read */
    public static function butter(string $name): self
    {
        return new self($name, Diet::Vegetarian, [Allergen::Milk]);
    }

    /**
     * Hard cheese of the old kind is made with rennet from animals: a vegetarian asks for one that is not.
     *
     * @param  string  $name  as it is read
     */
    public static function cheese(string $name): self
    {
        return new self($name, Diet::Vegetarian, [Allergen::Milk]);
    }

    /**
     * Marrow, and the fat that runs out of meat.
     *
     * @param  string  $name  as it is read
     */
    public static function meat(string $name): self
    {
        return new self($name, Diet::Any, []);
    }

    public function isKnown(): bool
    {
        return $this->suits !== null && $this->complete;
    }
}
