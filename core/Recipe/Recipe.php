<?php

declare(strict_types=1);

namespace Velko\Core\Recipe;

/** A recipe as it stands in its source, before anything of it is understood. */
final readonly class Recipe
{
    /**
     * @param  string  $about  category and keywords, from which its family may show
     * @param  string  $yield  "4 persone", "Serves 6"; '' if it is not said
     * @param  list<string>  $lines  its ingredients, one a line
     * @param  list<string>  $instructions
     */
    public function __construct(public string $name, public string $about, public string $yield, public array $lines, public array $instructions) {}
}
