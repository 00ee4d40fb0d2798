<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;
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
    $codes = static fn (Plan $plan, Served $served): array => array_column(Cautions::of($plan, $served), 'code');
    expect($codes(Planner::plan(Kitchens::ask(sealed: false)), served(Diet::Vegan)))->toBe(['caution.kept'])
        ->and($codes(Planner::plan(Kitchens::panRice()), served(Diet::Any, new Part('cuttlefish', Diet::Pescatarian, [Allergen::Molluscs]), new Part('duck', Diet::Any, []))))
        ->toBe(['caution.hot-fat', 'caution.cloth', 'caution.fish', 'caution.meat', 'caution.kept']);
    // Shells that stay shut are said of what is in its shell: not of prawns, and not of cuttlefish.
    $with = static fn (string $food): array => $codes(Planner::plan(Kitchens::panRice()->withFood([new Portion($food, Foods::find($food) ?? throw new LogicException, 200.0, Goes::NineTenthsGone, 5.0)])), served(Diet::Any));
    expect($with('mussels'))->toContain('caution.shells')->and($with('prawns'))->not->toContain('caution.shells');
});

it('names the temperatures of the food code (FDA Food Code 2022, 3-401.11 and 3-501.16): 63, 74 and 57 °C', function (): void {
    $cautions = array_column(Cautions::of(Planner::plan(Kitchens::panRice()), served(Diet::Any, new Part('hake', Diet::Any, [Allergen::Fish]))), 'args', 'code');
    expect($cautions['caution.fish']['reach']->celsius)->toBe(63.0)
        ->and($cautions['caution.meat']['poultry']->celsius)->toBe(74.0);
});

it('calls two people to a full wide pan', function (): void {
    $lift = static fn (int $covers): array => array_column(Cautions::of(Planner::plan(Kitchens::soupy(covers: $covers, base: 45, height: 30, metal: 5000, net: ['on' => 4000, 'high' => 8000])), served(Diet::Vegan)), 'code');
    expect($lift(60))->toContain('caution.two-people')->and(array_column(Cautions::of(Planner::plan(Kitchens::ask()), served(Diet::Vegan)), 'code'))->not->toContain('caution.two-people');
});

it('says each allergen once with all it is from, and what is not for the guest', function (): void {
    $plate = served(Diet::Vegetarian, Part::butter('butter'), Part::cheese('cheese'), Part::wine('wine'), new Part('fish stock', Diet::Pescatarian, [Allergen::Fish]));
    expect($plate->allergens)->toBe(['fish' => ['fish stock'], 'milk' => ['butter', 'cheese'], 'sulphites' => ['wine']])
        ->and($plate->suits)->toBe(Diet::Pescatarian)
        ->and(Checks::of($plate)[0]->fact)->toEqual(Fact::of('warning.not-for-diet', diet: Diet::Vegetarian->fact(), parts: ['fish stock']))
        ->and(Checks::of(served(Diet::Any, Part::butter('butter'))))->toBe([]);
});

it('holds nothing for safe that nobody has said', function (): void {
    $plate = served(Diet::Vegan, new Part('celeriac', Diet::Vegan, [Allergen::Celery]), new Part('stock cube', null, [], complete: false), new Part('pancetta', Diet::Any, [], complete: false));
    expect($plate->isKnown())->toBeFalse()->and($plate->holds())->toBeNull()
        ->and(array_column($plate->unknown, 'name'))->toBe(['stock cube', 'pancetta'])
        ->and(array_column(Checks::of($plate), 'code'))->toBe(['not-for-diet', 'not-fully-known'])
        ->and(Checks::of($plate)[1]->fact)->toEqual(Fact::of('warning.not-fully-known', parts: ['stock cube', 'pancetta']))
        ->and(array_column(Cautions::of(Planner::plan(Kitchens::ask()), $plate), 'code'))->toContain('caution.meat');
});

it('has hands washed after what is raw, and a lid lifted away', function (): void {
    $codes = static fn (Ask $ask): array => array_column(Cautions::of(Planner::plan($ask), served(Diet::Any)), 'code');
    $with = static fn (string $name): Ask => Kitchens::panRice()->withFood([new Portion($name, Foods::find($name), 200.0, Goes::AtMinute, 5.0, 6.0)]);
    expect($codes($with('chicken thigh')))->toContain('caution.hands')
        ->and($codes($with('mussels')))->toContain('caution.hands')
        ->and($codes($with('chicken, roasted')))->not->toContain('caution.hands')
        ->and($codes($with('carrot')))->not->toContain('caution.hands')->not->toContain('caution.lid')
        ->and($codes($with('carrot')->withMethod(['coverLast' => 2.0])))->toContain('caution.lid');
});
