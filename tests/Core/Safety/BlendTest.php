<?php

declare(strict_types=1);

use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Base;
use Velko\Core\Safety\Blend;
use Velko\Core\Safety\Diet;

/* A stock of several: each brings its salt and what is in it. */

beforeEach(function (): void {
    $this->part = static fn (float $share, float $salt, ?Base $base, ?array $allergens = []): array => ['share' => $share, 'salt' => $salt, 'base' => $base, 'allergens' => $allergens];
});

it('has the salt of its parts by their shares', function (): void {
    // 70 % of shell broth at 0.6, 20 % of bottled juice at 1.4, 10 % of water with a cube at 2.5: 0.42 + 0.28 + 0.25 = 0.95.
    $blend = new Blend([($this->part)(0.7, 0.6, Base::Shellfish), ($this->part)(0.2, 1.4, Base::Vegetable, [Allergen::Celery]), ($this->part)(0.1, 2.5, null, [Allergen::Gluten])]);
    expect($blend->isWhole())->toBeTrue()
        ->and($blend->saltPercent())->toEqualWithDelta(0.95, 1e-9)
        ->and($blend->base())->toBe(Base::Shellfish)
        ->and($blend->suits())->toBe(Diet::Pescatarian)
        ->and($blend->allergens())->toBe([Allergen::Crustaceans, Allergen::Molluscs, Allergen::Celery, Allergen::Gluten]);
});

it('is as strict as the least strict of its parts, however little of it', function (): void {
    expect((new Blend([($this->part)(0.99, 0.0, null), ($this->part)(0.01, 1.0, Base::Poultry)]))->suits())->toBe(Diet::Any)
        ->and((new Blend([($this->part)(0.5, 0.0, null), ($this->part)(0.5, 0.0, Base::Mushroom)]))->suits())->toBe(Diet::Vegan);
});

it('knows no allergens where nobody has said those of one part, but what its bases must bring', function (): void {
    $blend = new Blend([($this->part)(0.5, 0.0, Base::Fish), ($this->part)(0.5, 0.0, null, null)]);
    expect($blend->allergens())->toBeNull()->and($blend->brings())->toBe([Allergen::Fish]);
});

it('is no whole where its shares are not', function (): void {
    expect((new Blend([($this->part)(0.5, 0.0, null), ($this->part)(0.4, 0.0, null)]))->isWhole())->toBeFalse();
});
