<?php

declare(strict_types=1);

use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Diet;

it('knows who may eat what a stock is made from (common practice, no single source)', function (Base $base, Diet $strictest): void {
    foreach (Diet::cases() as $guest) {
        expect($base->suits()->servesAlso($guest))->toBe(array_search($guest, Diet::cases(), true) >= array_search($strictest, Diet::cases(), true));
    }
})->with([[Base::Vegetable, Diet::Vegan], [Base::Mushroom, Diet::Vegan], [Base::Fish, Diet::Pescatarian], [Base::Shellfish, Diet::Pescatarian], [Base::Poultry, Diet::Any], [Base::Meat, Diet::Any]]);

it('lets the less strict of two decide', function (): void {
    expect(Diet::Vegan->with(Diet::Vegetarian))->toBe(Diet::Vegetarian)->and(Diet::Any->with(Diet::Vegan))->toBe(Diet::Any);
});

it('names what a base cannot be without', function (): void {
    expect(Base::Fish->brings())->toBe([Allergen::Fish])->and(Base::Shellfish->brings())->toContain(Allergen::Molluscs, Allergen::Crustaceans)->and(Base::Vegetable->brings())->toBe([]);
});

it('knows the fourteen allergens of EU 1169/2011, Annex II (from memory)', function (): void {
    expect(Allergen::cases())->toHaveCount(14);
});
