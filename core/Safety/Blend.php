<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/** A stock of several: broth, bottled juice, a liquor, water with a cube in it. Each brings its salt and what is in it by its share. */
final readonly class Blend
{
    /** All shares together may be so far from the whole. */
    private const ABOUT = 0.001;

    /** @param  non-empty-list<array{share: float, salt: float, base: Base|null, allergens: list<Allergen>|null}>  $parts  share of the volume, 0 to 1; g salt per 100 g; a base of null suits everybody; allergens beside those of the base, null: nobody has said */
    public function __construct(public array $parts) {}

    /** Whether the shares make a whole. */
    public function isWhole(): bool
    {
        return abs($this->shares() - 1) <= self::ABOUT;
    }

    public function shares(): float
    {
        return array_sum(array_column($this->parts, 'share'));
    }

    /** The salt in 100 g, g. */
    public function saltPercent(): float
    {
        return array_sum(array_map(static fn (array $part): float => $part['share'] * $part['salt'], $this->parts));
    }

    /** The base of the largest part that has one; vegetable where it is all water. */
    public function base(): Base
    {
        $based = array_filter($this->parts, static fn (array $part): bool => $part['base'] !== null);
        usort($based, static fn (array $a, array $b): int => $b['share'] <=> $a['share']);

        return $based[0]['base'] ?? Base::Vegetable;
    }

    /** The strictest diet that all of it suits. */
    public function suits(): Diet
    {
        return array_reduce($this->parts, static fn (Diet $suits, array $part): Diet => $suits->with($part['base']?->suits() ?? Diet::Vegan), Diet::Vegan);
    }

    /** @return list<Allergen>|null those of every part, each once; null where nobody has said it of one of them */
    public function allergens(): ?array
    {
        $found = [];
        foreach ($this->parts as $part) {
            if ($part['allergens'] === null) {
                return null;
            }
            $found = [...$found, ...$part['base']?->brings() ?? [], ...$part['allergens']];
        }

        return array_values(array_unique($found, SORT_REGULAR));
    }

    /** @return list<Allergen> what its bases bring, whatever has been said of the rest */
    public function brings(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (array $part): array => $part['base']?->brings() ?? [], $this->parts)), SORT_REGULAR));
    }
}
