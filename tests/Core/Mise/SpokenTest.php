<?php

declare(strict_types=1);

use Velko\Core\Mise\SpokenAmount;
use Velko\Core\Quantity\NotAMeasure;

/* What a hand takes: common practice, no single source; saffron some 450 threads to the gram (from memory). US cup 236.588 mL, ounce 28.3495 g (NIST Handbook 44). */

it('reads an amount as a cook says it', function (string $text, string $name, float $amount, string $unit): void {
    expect((new SpokenAmount)->read($text, $name))->toEqualWithDelta([$amount, $unit], 0.01 * $amount);
})->with([
    ['3/4 cup', 'cream', 177.44, 'ml'],
    // 1.5 x 236.588 mL.
    ['a cup and a half', 'cream', 354.88, 'ml'],
    ['quarter cup', 'cream', 59.15, 'ml'],
    // 4 x 453.592 + 2 x 28.3495 g.
    ['4 lb 2 oz', 'squid', 1871.07, 'g'],
    ['1½ kg', 'squid', 1500.0, 'g'],
    ['1,250 g', 'squid', 1250.0, 'g'],
    ['1,5 kg', 'squid', 1500.0, 'g'],
    ['2 glasses', 'water', 400.0, 'ml'],
    ['half a glass', 'white wine', 75.0, 'ml'],
    ['a can', 'chickpeas', 400.0, 'g'],
    ['3 cubes', 'stock cubes', 30.0, 'g'],
    ['a head of garlic', 'garlic', 44.0, 'g'],
    ['one medium onion', 'onion, diced', 110.0, 'g'],
    ['2 large', 'carrots', 144.0, 'g'],
    ['two onions', 'onion', 220.0, 'g'],
    ['half a dozen eggs', 'eggs', 264.0, 'g'],
    ['two handfuls', 'round rice', 130.0, 'g'],
    ['3 oz', 'hard cheese', 85.05, 'g'],
    ['½ l', 'milk', 500.0, 'ml'],
    ['180 g', 'onion', 180.0, 'g'],
    ['2 glugs', 'olive oil', 30.0, 'ml'],
    ['a glug of oil', 'olive oil', 15.0, 'ml'],
    ['a splash', 'cream', 10.0, 'ml'],
    ['a pinch', 'salt', 0.4, 'g'],
    ['two pinches', 'salt', 0.8, 'g'],
    ['a pinch', 'saffron', 0.05, 'g'],
    ['40 threads', 'saffron', 0.09, 'g'],
    ['3 cloves', 'garlic', 12.0, 'g'],
    ['a handful', 'parsley', 15.0, 'g'],
    ['a handful', 'walnuts', 40.0, 'g'],
    ['half a bunch', 'parsley', 15.0, 'g'],
    ['2 bunches', 'parsley', 60.0, 'g'],
    ['a knob', 'butter', 15.0, 'g'],
]);

it('reads one thing by another of the dish', function (string $text, float $amount, string $unit): void {
    $others = ['red onion, diced' => [60.0, 'g'], 'tomatoes' => [120.0, 'g'], 'eggs' => [2.0, 'pieces']];
    expect((new SpokenAmount)->read($text, 'tomato', $others))->toEqual([$amount, $unit]);
})->with([['three times the onion', 180.0, 'g'], ['half the tomato', 60.0, 'g'], ['as much as the eggs', 2.0, 'pieces']]);

it('takes the kitchen\'s own glug', function (): void {
    expect((new SpokenAmount(glug: 22.0))->read('2 glugs', 'olive oil'))->toBe([44.0, 'ml']);
});

it('says of what is no amount that it is none', function (string $text): void {
    (new SpokenAmount)->read($text, 'onion', ['garlic' => [2.0, 'g']]);
})->with(['some', 'twice the moon', 'banana', '2 lemons', '1.2.3 g', 'a lot', '', 'three blue moons', '20 min', '200 °C'])->throws(NotAMeasure::class);

it('weighs raw rice that is said in cups, by what a cup of it weighs', function (string $text, ?float $cup, float $grams): void {
    expect((new SpokenAmount)->rice($text, $cup))->toEqualWithDelta($grams, 0.1);
})->with([
    // 200 g to a US cup: USDA FoodData Central, white short-grain rice, raw (from memory).
    'three quarters of a cup' => ['three quarters of a cup', null, 150.0],
    'of a heavier rice' => ['1/4 cup', 212.0, 53.0],
    'in ounces' => ['2 oz', 212.0, 2 * 28.3495],
]);

it('weighs no rice in pieces', function (): void {
    (new SpokenAmount)->rice('3 pieces');
})->throws(NotAMeasure::class);
