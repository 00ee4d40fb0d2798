<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/**
 * What a plate comes to from its parts: who may eat it, and what it brings of allergens, each with where it is from. Where
 * a part is unknown, both are what is known at the least, and the part is named.
 */
final readonly class Served
{
    /**
     * @param  array<string, non-empty-list<string>>  $allergens  names of the parts, by allergen
     * @param  list<Part>  $against  parts that are not for the guest the dish is meant for
     * @param  list<Part>  $unknown  parts whose allergens or diet nobody has said
     */
    private function __construct(public Diet $wanted, public Diet $suits, public array $allergens, public array $against, public array $unknown) {}

    /** @param  list<Part>  $parts */
    public static function of(Diet $wanted, array $parts): self
    {
        $suits = Diet::Vegan;
        $allergens = $against = $unknown = [];
        foreach ($parts as $part) {
            $suits = $suits->with($part->suits ?? Diet::Vegan);
            if (! $part->isKnown()) {
                $unknown[] = $part;
            }
            foreach ($part->allergens as $allergen) {
                $allergens[$allergen->value][] = $part->name;
            }
            if ($part->suits !== null && ! $part->suits->servesAlso($wanted)) {
                $against[] = $part;
            }
        }
        ksort($allergens);

        return new self($wanted, $suits, $allergens, $against, $unknown);
    }

    /** Whether everything on the plate is known, so that it may be said who can eat it. */
    public function isKnown(): bool
    {
        return $this->unknown === [];
    }

    /** The strictest diet that it may be called, as far as it holds; null while something on the plate is unknown. */
    public function holds(): ?Diet
    {
        return $this->isKnown() ? $this->suits : null;
    }
}
