<?php

declare(strict_types=1);

use Velko\Core\Food\Food;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;

/* What foods are made of: USDA FoodData Central, SR Legacy, from memory; heat: Siebel's equations (ASHRAE Handbook, Refrigeration), from memory. */

it('knows some two hundred names, each made of no more than itself', function (): void {
    expect(count(Foods::names()))->toBeGreaterThan(160);
    foreach (Foods::names() as $name) {
        $food = Foods::find($name) ?? throw new LogicException($name);
        // What is neither water nor fat is the rest: below nothing no food can have.
        expect($food->water + $food->fat)->toBeLessThanOrEqual(1.0, $name)
            ->and($food->salt / 100 + $food->fat)->toBeLessThanOrEqual(1.0, $name)
            ->and($food->frees)->toBeBetween(0.0, 1.0)
            ->and($food->loses)->toBeBetween(0.0, 0.7);
    }
});

it('has water, fat and salt as the table has them', function (string $name, float $water, float $sodium): void {
    $food = Foods::find($name) ?? throw new LogicException($name);
    // USDA FoodData Central, SR Legacy (from memory): g of water and mg of sodium in 100 g; 1 g of salt has 393 mg of sodium.
    expect(100 * $food->water)->toEqualWithDelta($water, 2.0)
        ->and(393 * $food->salt)->toEqualWithDelta($sodium, max(25.0, 0.15 * $sodium));
})->with([
    'peas, green, raw' => ['peas', 78.9, 5], 'onions, raw' => ['onion', 89.1, 4], 'leeks, raw' => ['leek', 83.0, 20], 'spinach, raw' => ['spinach', 91.4, 79],
    'cod, Atlantic, raw' => ['cod', 81.2, 54], 'trout, rainbow, raw' => ['trout', 71.9, 51], 'olives, ripe, canned' => ['black olives', 80.0, 735], 'olives, pickled, green' => ['green olives', 75.3, 1556], 'ham, cured, dry' => ['ham', 55.0, 1770],
    'mushrooms, white, raw' => ['mushrooms', 92.5, 5], 'salt' => ['salt', 0.2, 38758],
]);

it('takes the last thing that a name names, and how it was treated before', function (string $name, Group $group): void {
    expect(Foods::find($name)?->group)->toBe($group);
})->with([
    ['parsnip purée', Group::Puree], ['tomato paste', Group::Tomato], ['cauliflower florets', Group::Vegetable], ['hake fillet, skin on', Group::Fish],
    ['pea shoots', Group::Leaf], ['duck fat', Group::Fat], ['mussels in their shells', Group::InShell],
]);

it('lets go of less where it was cooked before, and is cold where it was frozen', function (): void {
    expect(Foods::find('cuttlefish, braised')->frees)->toBeLessThan(0.25 * Foods::find('cuttlefish')->frees)
        ->and(Foods::find('frozen peas')->kept)->toBe(Food::FROZEN_C)
        ->and(Foods::find('peas')->kept)->toBe(Food::FRIDGE_C)
        ->and(Foods::find('something nobody ever heard of'))->toBeNull();
});

it('holds heat by its water, and thaws', function (): void {
    $peas = Foods::find('peas');
    // Above freezing 0.84 + 3.35 · 0.79 = 3.4865 kJ/(kg·K).
    expect($peas->capacity(0.79))->toEqualWithDelta(3.4865, 1e-9)
        // A gram at −18 °C is (0.84 + 1.26 · 0.79) · 18 + 334 · 0.79 = 33.04 + 263.86 = 296.9 J short of one at 0 °C.
        ->and($peas->heat(0.79, -18.0))->toEqualWithDelta(-296.9, 0.1)
        ->and($peas->heat(0.79, 10.0))->toEqualWithDelta(34.865, 1e-9);
});

it('weighs what is left of it once it is sweated, and gives no more water then', function (): void {
    $leek = new Portion('leek', Foods::find('leek'), 200.0, Goes::Base, 5.0);
    // 30 % goes: 140 g are left.
    expect($leek->mass())->toEqualWithDelta(140.0, 1e-9)
        ->and($leek->massSpread())->toEqualWithDelta(20.0, 1e-9)
        ->and($leek->add()->gives)->toBe(0.0)
        // Its water fell from 0.83 · 200 = 166 to 106 g: 140 · (0.84 + 3.35 · 106 / 140) J/K.
        ->and($leek->add()->capacity)->toEqualWithDelta(140 * 0.84 + 3.35 * 106, 1e-6);
});

it('gives what the equations say, and takes it', function (): void {
    $mushrooms = (new Portion('mushrooms', Foods::find('mushrooms'), 300.0, Goes::WithTheRice, 5.0))->add();
    $dried = (new Portion('dried mushrooms', Foods::find('dried mushrooms'), 20.0, Goes::WithTheRice, 20.0))->add();
    $puree = (new Portion('parsnip purée', Foods::find('parsnip purée'), 625.0, Goes::AtMinute, 5.0, 12.0))->add();
    expect($mushrooms->gives)->toEqualWithDelta(0.45 * 0.92 * 300, 1e-9)
        ->and($dried->gives)->toBeLessThan(-45.0) // 20 g take up two and a half times their weight, less what they free
        ->and($puree->atOnce)->toEqualWithDelta(0.7 * 0.85 * 625, 1e-9)->and($puree->gives)->toBe(0.0);
});
