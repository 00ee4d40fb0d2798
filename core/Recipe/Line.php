<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

use Velko\Core\Food\Goes;

/** One line of a recipe as it was understood. */
final readonly class Line
{
    /**
     * @param  string  $said  as the recipe has it
     * @param  string  $food  the food in the words of the recipe, without its amount
     * @param  string  $known  the same food by the name that Velko knows, in English; '' if it knows none
     * @param  float|null  $amount  in its unit, for the whole recipe; null if the recipe gives none, or none that can be read
     * @param  'g'|'ml'|'pieces'  $unit
     * @param  Goes|null  $goes  when it goes in; null if its role says so
     * @param  bool  $toTaste  the recipe leaves the amount to the cook
     */
    public function __construct(
        public string $said,
        public Role $role,
        public string $food,
        public string $known,
        public ?float $amount,
        public string $unit,
        public ?Goes $goes = null,
        public bool $toTaste = false,
    ) {}

    /** Whether somebody has to say what it is, or how much of it goes in. */
    public function isAsked(): bool
    {
        $needsNone = $this->toTaste || in_array($this->role, [Role::Stock, Role::Salt, Role::Fat], true);

        return $this->role === Role::Unknown || ($this->amount === null && ! $needsNone);
    }
}
