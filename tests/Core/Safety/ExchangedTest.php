<?php

declare(strict_types=1);

use Velko\Core\Quantity\Fact;
use Velko\Core\Safety\Allergen;
use Velko\Core\Safety\Diet;
use Velko\Core\Safety\Part;
use Velko\Core\Safety\SwapEffect;

/* One part taken for another: what the guest must be told. */

it('says what comes, what goes, and for whom it is then', function (Part $before, Part $after, array $facts): void {
    expect(SwapEffect::of($before, $after))->toEqual($facts);
})->with([
    'fish for vegetable' => [new Part('vegetable', Diet::Vegan, [Allergen::Celery]), new Part('fish', Diet::Pescatarian, [Allergen::Fish, Allergen::Celery]), [Fact::of('swap.brings', allergens: [Allergen::Fish->fact()]), Fact::of('swap.no-longer', before: Diet::Vegan->fact(), after: Diet::Pescatarian->fact())]],
    'vegetable for meat' => [new Part('meat', Diet::Any, [Allergen::Celery]), new Part('vegetable', Diet::Vegan, []), [Fact::of('swap.spares', allergens: [Allergen::Celery->fact()]), Fact::of('swap.guests-too', diet: Diet::Vegan->fact())]],
    'meat for vegetable' => [new Part('vegetable', Diet::Vegan, []), new Part('meat', Diet::Any, []), [Fact::of('swap.now-meat', before: Diet::Vegan->fact())]],
    'one of which nobody said what is in it' => [new Part('vegetable', Diet::Vegan, [Allergen::Celery]), new Part('cube', Diet::Vegan, [], complete: false), [Fact::of('swap.not-said')]],
    'like for like' => [new Part('a', Diet::Any, [Allergen::Fish]), new Part('b', Diet::Any, [Allergen::Fish]), []],
]);

it('says that a part is not for the guest the dish is meant for, and does not praise it to another', function (): void {
    $meat = new Part('meat stock', Diet::Any, []);
    $fish = new Part('fish stock', Diet::Pescatarian, [Allergen::Fish]);
    expect(SwapEffect::unfit($fish, Diet::Vegan))->toEqual(Fact::of('swap.unfit', what: 'fish stock', diet: Diet::Vegan->fact()))
        ->and(SwapEffect::unfit($fish, Diet::Pescatarian))->toBeNull()
        ->and(SwapEffect::unfit(new Part('cube', null, [], complete: false), Diet::Vegan))->toBeNull()
        ->and(SwapEffect::of($meat, $fish, Diet::Vegan))->toEqual([Fact::of('swap.brings', allergens: [Allergen::Fish->fact()])])
        ->and(SwapEffect::of($meat, $fish, Diet::Pescatarian)[1])->toEqual(Fact::of('swap.guests-too', diet: Diet::Pescatarian->fact()));
});
