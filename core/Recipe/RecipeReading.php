<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

/** A recipe as it was understood. */
final readonly class RecipeReading
{
    /**
     * @param  string|null  $family  of rice dishes; null if its name does not say
     * @param  int|null  $covers  null if the recipe does not say
     * @param  list<Line>  $lines  every line of the recipe, in its order
     * @param  list<string>  $instructions
     */
    public function __construct(public string $name, public ?string $family, public ?int $covers, public Language $language, public array $lines, public array $instructions) {}

    /** @return list<Line> those that somebody has to decide */
    public function asked(): array
    {
        return array_values(array_filter($this->lines, static fn (Line $line): bool => $line->isAsked()));
    }
}
