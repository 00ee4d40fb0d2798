<?php

declare(strict_types=1);

use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Larder;

/*
 * What is known of an ordinary ingredient by its name. Allergens: Regulation (EU) No 1169/2011, Annex II (from memory); what
 * things are made of: common practice, no single source.
 */

it('knows ordinary ingredients, however a recipe writes them', function (string $name, Diet $suits, array $allergens): void {
    $part = Larder::find($name);
    expect($part?->suits)->toBe($suits)->and($part?->allergens)->toEqualCanonicalizing($allergens);
})->with([
    ['parmesan', Diet::Any, [Allergen::Milk]], // rennet from the calf
    ['finely grated Parmesan, to serve', Diet::Any, [Allergen::Milk]],
    ['butter', Diet::Vegetarian, [Allergen::Milk]],
    ['butter beans', Diet::Vegan, []],
    ['butternut squash, diced', Diet::Vegan, []],
    ['peanut butter', Diet::Vegan, [Allergen::Peanuts]],
    ['coconut milk', Diet::Vegan, []],
    ['almond milk', Diet::Vegan, [Allergen::Nuts]],
    ['4 large raw prawns', Diet::Pescatarian, [Allergen::Crustaceans]],
    ['squid and prawns', Diet::Pescatarian, [Allergen::Molluscs, Allergen::Crustaceans]],
    ['anchovies', Diet::Pescatarian, [Allergen::Fish]],
    ['celeriac', Diet::Vegan, [Allergen::Celery]],
    ['soy sauce', Diet::Vegan, [Allergen::Soy, Allergen::Gluten]],
    ['pearl barley', Diet::Vegan, [Allergen::Gluten]],
    ['tomatoes', Diet::Vegan, []],
    ['chopped parsley leaves', Diet::Vegan, []],
    ['duck legs', Diet::Any, []],
    ['goat’s cheese', Diet::Vegetarian, [Allergen::Milk]],
    ['cream', Diet::Vegetarian, [Allergen::Milk]],
    ['eggs', Diet::Vegetarian, [Allergen::Egg]],
    ['mussels', Diet::Pescatarian, [Allergen::Molluscs]],
    ['sesame seeds', Diet::Vegan, [Allergen::Sesame]],
    ['dry white wine', Diet::Vegan, [Allergen::Sulphites]],
]);

it('says nothing of a name with a word in it that it does not know', function (string $name): void {
    expect(Larder::find($name))->toBeNull();
})->with(['house spice mix', 'prawn dumplings', 'chicken seasoning', 'surimi', '', '  ', 'fresh', 'worcester sauce', '☃']);

it('leaves to the label what is made with more than its name says', function (string $name): void {
    expect(Larder::find($name)?->suits)->toBe(Diet::Any)->and(Larder::find($name)?->complete)->toBeFalse()->and(Larder::find($name)?->isKnown())->toBeFalse();
})->with(['pancetta', 'smoked bacon', 'sausages', 'stock cube']);
