<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Planning\Planner;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Cautions;
use Velko\Core\Safety\Checks;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Part;
use Velko\Core\Safety\Served;

function served(Diet $wanted, Part ...$parts): Served
{
    return Served::of($wanted, array_values($parts));
}

it('warns of what can hurt in this very pan, and of nothing else', function (): void {
    $plain = implode(' ', Cautions::of(Planner::plan(Kitchens::ask(sealed: false)), served(Diet::Vegan)));
    expect($plain)->not->toContain('Hot fat')->not->toContain('Cloth')->not->toContain('Shells')->not->toContain('74 °C')
        ->toContain('cooked rice is a known risk');

    $pan = implode(' ', Cautions::of(Planner::plan(Kitchens::panRice()), served(Diet::Any, new Part('cuttlefish', Diet::Pescatarian, [Allergen::Molluscs]), new Part('duck', Diet::Any, []))));
    expect($pan)->toContain('Hot fat')->toContain('only with every flame out')->toContain('stays shut')->toContain('63 °C')->toContain('74 °C');
});

it('calls two people to a full wide pan', function (): void {
    $lift = static fn (int $covers): string => implode(' ', Cautions::of(Planner::plan(Kitchens::soupy(covers: $covers, base: 45, height: 30, metal: 5000, net: ['on' => 4000, 'high' => 8000])), served(Diet::Vegan)));
    expect($lift(60))->toContain('two people lift it')->and(implode(' ', Cautions::of(Planner::plan(Kitchens::ask()), served(Diet::Vegan))))->not->toContain('two people');
});

it('defers to the local code wherever it names a temperature', function (): void {
    foreach (Cautions::of(Planner::plan(Kitchens::panRice()), served(Diet::Any, new Part('hake', Diet::Any, [Allergen::Fish]))) as $caution) {
        if (str_contains($caution, '°C')) {
            expect(mb_strtolower($caution))->toContain('your local code decides');
        }
    }
});

it('says each allergen once with all it is from, and what is not for the guest', function (): void {
    $plate = served(Diet::Vegetarian, Part::butter(), Part::cheese(), Part::wine(), new Part('fish stock', Diet::Pescatarian, [Allergen::Fish]));
    expect($plate->allergens)->toBe(['fish' => ['fish stock'], 'milk' => ['butter', 'cheese'], 'sulphites' => ['wine']])
        ->and($plate->suits)->toBe(Diet::Pescatarian)
        ->and(Checks::of($plate)[0]->message)->toBe('Not vegetarian: fish stock')
        ->and(Checks::of(served(Diet::Any, Part::butter())))->toBe([]);
});

it('holds nothing for safe that nobody has said', function (): void {
    $plate = served(Diet::Vegan, new Part('celeriac', Diet::Vegan, [Allergen::Celery]), new Part('stock cube', null, [], complete: false), new Part('pancetta', Diet::Any, [], complete: false));
    expect($plate->isKnown())->toBeFalse()->and($plate->holds())->toBeNull()
        ->and(array_column($plate->unknown, 'name'))->toBe(['stock cube', 'pancetta'])
        ->and(array_column(Checks::of($plate), 'code'))->toBe(['not-for-diet', 'not-fully-known'])
        ->and(Checks::of($plate)[1]->message)->toBe('Not fully known: stock cube, pancetta')
        ->and(implode(' ', Cautions::of(Planner::plan(Kitchens::ask()), $plate)))->toContain('Poultry reaches');
});
