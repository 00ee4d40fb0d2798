<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/** What a plate comes to from its parts: who may eat it, and what it brings of allergens, each with where it is from. */
final readonly class Served
{
    /**
     * @param  array<string, non-empty-list<string>>  $allergens  names of the parts, by allergen
     * @param  list<Part>  $against  parts that are not for the guest the dish is meant for
     */
    private function __construct(public Diet $wanted, public Diet $suits, public array $allergens, public array $against) {}

    /** @param  list<Part>  $parts */
    public static function of(Diet $wanted, array $parts): self
    {
        $suits = Diet::Vegan;
        $allergens = $against = [];
        foreach ($parts as $part) {
            $suits = $suits->with($part->suits);
            foreach ($part->allergens as $allergen) {
                $allergens[$allergen->value][] = $part->name;
            }
            if (! $part->suits->servesAlso($wanted)) {
                $against[] = $part;
            }
        }
        ksort($allergens);

        return new self($wanted, $suits, $allergens, $against);
    }
}
