<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Item;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Mise\Course;
use Velko\Core\Mise\Ingredient;
use Velko\Core\Mise\ReadyBy;
use Velko\Core\Mise\Scales;
use Velko\Core\Mise\SideWork;
use Velko\Core\Mise\Until;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;

/* From the cold pan to the plate. Order, minutes and signs: common practice, no single source. */

/** @param  list<Ingredient>  $ingredients */
function course(Ask $ask, array $ingredients, SideWork ...$works): Course
{
    $food = array_map(static fn (Ingredient $ingredient): Portion => new Portion($ingredient->name, Foods::find($ingredient->name) ?? Foods::find('carrot'), $ingredient->amount * $ask->covers, $ingredient->goes, 20.0, $ingredient->minute, fried: $ingredient->goesBackIn()), $ingredients);

    return new Course(Planner::plan($ask->withFood($food)), $ingredients, $ask->gramsPerCover, array_values($works));
}

/** @param  list<Stage>  $stages */
function told(array $stages): array
{
    return array_map(static fn (Stage $stage): array => [round($stage->minute, 2), $stage->kind, array_map(static fn (Item $item): string => $item->what->code ?? $item->name, $stage->items)], $stages);
}

it('carries the base from the cold pan on: what browns first, what burns last, each with its minutes and its sign', function (): void {
    $course = course(Kitchens::panRice(6), [
        new Ingredient('olive oil', 4, 'g', Scales::Main, Goes::Base),
        new Ingredient('chicken thigh', 60, 'g', Scales::Main, Goes::AtMinute, 4.0, before: 12.0, until: Until::Brown),
        new Ingredient('onion', 20, 'g', Scales::Main, Goes::Base, until: Until::Soft),
        new Ingredient('garlic', 2, 'g', Scales::Main, Goes::Base, until: Until::Fragrant),
        new Ingredient('paprika', 1, 'g', Scales::Main, Goes::Base),
        new Ingredient('saffron', 0.02, 'g', Scales::Main, Goes::WithTheRice),
    ]);
    $stages = $course->stages();
    // Toasted for three minutes; before that chicken 12, onion 4, garlic 1, paprika a half, and two to warm the pan: on at −3 −17.5 −2.
    expect($course->panOn())->toBe(-22.5)
        ->and(array_slice(told($stages), 0, 8))->toBe([
            [-22.5, StageKind::PanOn, []],
            [-20.5, StageKind::Base, ['olive oil', 'chicken thigh']],
            [-8.5, StageKind::TakeOut, ['chicken thigh']],
            [-8.5, StageKind::Base, ['onion']],
            [-4.5, StageKind::Base, ['garlic']],
            [-3.5, StageKind::Base, ['paprika']],
            [-3.0, StageKind::RiceIn, ['rice.bomba']],
            [-3.0, StageKind::Toast, ['saffron']],
        ])
        ->and($stages[1]->say->code)->toBe('until.brown')
        ->and($stages[1]->items[1]->amount)->toBe(360.0)
        ->and($stages[5]->say->code)->toBe('until.seconds')
        ->and($stages[7]->say->code)->toBe('say.toast-colour-last');
    // and the chicken goes back in where its dish says so
    $back = array_values(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Add));
    expect($back)->toHaveCount(1)->and($back[0]->item?->name)->toBe('chicken thigh')->and($back[0]->minute)->toBe(4.0);
});

it('stands hot to brown and gently to soften', function (): void {
    $ask = Kitchens::ask(6);
    $mark = static fn (Until $until): float => $ask->burner->net[course($ask, [new Ingredient('onion', 20, 'g', Scales::Main, Goes::Base, until: $until)])->stages()[1]->mark];
    expect($mark(Until::Brown))->toBeGreaterThan($mark(Until::Glassy))->and($mark(Until::Glassy))->toBeGreaterThan($mark(Until::Soft));
});

it('warms a base that is ready: what has no minutes goes in with the next, or just before the rice', function (): void {
    $stages = course(Kitchens::ask(), [new Ingredient('sofrito', 40, 'g', Scales::Main, Goes::Base, before: 0.0), new Ingredient('oil', 4, 'g', Scales::Main, Goes::Base)])->stages();
    // Two minutes to warm the pan, then at once the rice, three minutes before the first liquid.
    expect(array_slice(told($stages), 0, 4))->toBe([[-5.0, StageKind::PanOn, []], [-3.0, StageKind::Base, ['sofrito', 'oil']], [-3.0, StageKind::RiceIn, ['rice.carnaroli']], [-3.0, StageKind::Toast, []]])
        ->and($stages[1]->say->args)->toBe(['burns' => false]);
});

it('gives what has neither minutes nor sign what such a food usually gets in a base', function (string $name, string $sign, float $minutes): void {
    $stages = course(Kitchens::ask(), [new Ingredient($name, 40, 'g', Scales::Main, Goes::Base)])->stages();
    expect($stages[1]->say->code)->toBe("until.$sign")->and($stages[2]->minute - $stages[1]->minute)->toEqualWithDelta($minutes, 1e-9);
})->with([
    // Minutes and signs: common practice, no single source.
    ['chicken thighs', 'brown', 12.0], ['pork ribs', 'brown', 12.0], ['pancetta', 'fat-runs', 5.0], ['chorizo', 'fat-runs', 5.0], ['smoked bacon', 'fat-runs', 5.0], ['garlic sausage', 'fat-runs', 5.0],
    ['onion', 'soft', 4.0], ['leek', 'soft', 4.0], ['turnip', 'soft', 6.0], ['carrots', 'soft', 6.0], ['garlic cloves', 'fragrant', 1.0], ['spinach', 'wilted', 2.0],
    ['mushrooms', 'dry-again', 7.0], ['dried porcini', 'pressed-out', 2.0], ['tomatoes', 'dark', 25.0], ['tomato paste', 'fragrant', 2.0], ['cherry tomatoes', 'soft', 6.0],
    ['prawns', 'firm', 2.0], ['chilli prawns', 'firm', 2.0], ['octopus', 'tender', 55.0], ['mussels', 'open', 5.0], ['hake', 'firm', 3.0], ['smoked trout', 'through', 2.0],
    ['roast chicken', 'through', 2.0], ['sofrito', 'through', 2.0], ['white beans', 'through', 2.0], ['hazelnuts', 'golden', 3.0], ['smoked paprika', 'seconds', 0.5], ['clam juice', 'through', 1.0],
]);

it('puts a bay leaf, rosemary and fat in with what comes after them', function (): void {
    $stages = course(Kitchens::ask(), [new Ingredient('bay leaf', 1, 'pieces', Scales::Pan, Goes::Base), new Ingredient('rosemary', 2, 'g', Scales::Pan, Goes::Base), new Ingredient('olive oil', 20, 'ml', Scales::Pan, Goes::Base), new Ingredient('onion', 40, 'g', Scales::Main, Goes::Base)])->stages();
    expect(array_slice(told($stages), 0, 3))->toBe([[-9.0, StageKind::PanOn, []], [-7.0, StageKind::Base, ['bay leaf', 'rosemary', 'olive oil', 'onion']], [-3.0, StageKind::RiceIn, ['rice.carnaroli']]]);
});

it('has dried mushrooms soaked before the base begins', function (): void {
    $course = course(Kitchens::ask(), [new Ingredient('dried porcini', 4, 'g', Scales::Main, Goes::Base), new Ingredient('onion', 20, 'g', Scales::Main, Goes::Base)]);
    // Twenty minutes in water; then two to warm the pan, two for the mushrooms, four for the onion until the rice.
    expect($course->besideForTheBase())->toHaveCount(1)->and($course->besideForTheBase()[0]->takes)->toBe(28.0)->and($course->besideForTheBase()[0]->ahead)->toBeFalse();
});

it('calls the rice with its grams before it is toasted, and the finish with those of its butter, cheese and salt', function (): void {
    // Six mains of 70 g; 10 g of butter and 15 g of cheese each.
    $stages = course(Kitchens::ask(6, butter: 10.0, cheese: 15.0), [])->stages();
    $items = static fn (StageKind $kind): array => array_map(static fn (Item $item): array => [$item->what?->code, $item->amount], array_values(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === $kind))[0]->items);
    expect($items(StageKind::RiceIn))->toBe([['rice.carnaroli', 6 * Kitchens::ask(6)->gramsPerCover]])
        ->and(array_slice($items(StageKind::Finish), 0, 2))->toBe([['ingredient.butter', 60.0], ['ingredient.hard-cheese', 90.0]]);
});

it('says "butter first" only of a finish that has both', function (float $butter, float $cheese, string $order): void {
    $finish = array_values(array_filter(course(Kitchens::ask(6, butter: $butter, cheese: $cheese)->withMethod(['finish' => 1.0]), [])->stages(), static fn (Stage $stage): bool => $stage->kind === StageKind::Finish))[0];
    expect($finish->say->args['order'])->toBe($order);
})->with([[10.0, 15.0, 'both'], [10.0, 0.0, 'butter'], [0.0, 15.0, 'cheese'], [0.0, 0.0, 'nothing']]);

it('beats in what is weighed out for the finish if no minutes are given for it', function (): void {
    $kinds = array_map(static fn (Stage $stage): StageKind => $stage->kind, course(Kitchens::ask(6, cheese: 15.0)->withMethod(['finish' => 0.0]), [])->stages());
    expect($kinds)->toContain(StageKind::Finish);
});

it('turns in with the rice what goes in with it where nothing is toasted', function (): void {
    $stages = course(Kitchens::soupy(sealed: false), [new Ingredient('turnip', 30, 'g', Scales::Main, Goes::WithTheRice)])->stages();
    expect(told($stages)[0])->toBe([0.0, StageKind::RiceIn, ['rice.round', 'turnip']])->and($stages[0]->say->code)->toBe('say.rice-in');
});

it('pours what steeped in the stock as a part of it: with the first, or with the last, and what one dose does not hold with the next', function (): void {
    $steeped = static fn (Ask $ask, SideWork ...$works): array => array_map(
        static fn (Stage $stage): array => [$stage->volume, array_map(static fn (Item $item): array => [$item->name, $item->amount], $stage->items)],
        array_values(array_filter(course($ask, [], ...$works)->stages(), static fn (Stage $stage): bool => $stage->kind === StageKind::Pour)),
    );
    $saffron = static fn (ReadyBy $ready, float $drinks): SideWork => new SideWork(Fact::text('saffron'), $ready, 18.0, 1.0, false, drinks: $drinks);
    $onePour = $steeped(Kitchens::panRice(6), $saffron(ReadyBy::Rice, 62.0), new SideWork(Fact::text('braise'), ReadyBy::Stock, 60.0, 5.0, true, gives: 400.0));
    expect($onePour)->toHaveCount(1)
        ->and($onePour[0][0])->toBe($steeped(Kitchens::panRice(6))[0][0]) // as much goes in as without it
        ->and($onePour[0][1])->toBe([['saffron', 62.0]]);
    $plain = $steeped(Kitchens::ask(6));
    $doses = $steeped(Kitchens::ask(6), $saffron(ReadyBy::Stock, $plain[0][0] + 40.0), $saffron(ReadyBy::LastDose, 20.0));
    $last = count($doses) - 1;
    expect($doses[0][1])->toBe([['saffron', $plain[0][0]]])
        ->and($doses[1][1])->toBe([['saffron', 40.0]])
        ->and($doses[$last][1])->toBe([['saffron', 20.0]])
        ->and(array_filter(array_slice($doses, 2, $last - 2), static fn (array $dose): bool => $dose[1] !== []))->toBe([]);
});

it('has raw poultry measured before the pan comes off, to what the kitchen\'s code asks; not what was cooked before, and nothing else', function (string $name, Goes $goes, bool $measured): void {
    $ask = Kitchens::panRice(6)->withFood([new Portion($name, Foods::find($name) ?? Foods::find('carrot'), 240.0, $goes, 4.0, 2.0)]);
    $plan = Planner::plan($ask);
    $stages = (new Course($plan, [], 55.0, poultry: 75.0))->stages();
    $core = array_values(array_filter($stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Core));
    expect(count($core))->toBe($measured ? 1 : 0);
    if ($measured) {
        expect($core[0]->reach)->toBe(75.0)
            ->and($core[0]->items[0]->name)->toBe($name)
            ->and($core[0]->minute)->toEqualWithDelta($plan->pulled->minute() - 1.5, 1e-9);
    }
})->with([
    'raw thighs' => ['chicken thighs', Goes::AtMinute, true],
    'guinea fowl, in the base' => ['guinea fowl', Goes::Base, true],
    'pulled from a cooked bird' => ['roast chicken', Goes::AtMinute, false],
    'on top' => ['duck breast', Goes::OnTop, false],
    'rabbit' => ['rabbit', Goes::AtMinute, false],
    'fat of a duck' => ['duck fat', Goes::Base, false],
]);

it('has what comes out, and then what goes on top by the plate, before anybody is served', function (): void {
    $stages = course(Kitchens::ask(6), [
        new Ingredient('bay leaf', 1, 'pieces', Scales::Pan, Goes::Base, comesOut: true),
        new Ingredient('mussels', 60, 'g', Scales::Main, Goes::LastTwoMinutes),
        new Ingredient('parsley', 4, 'g', Scales::Plate, Goes::OnTop),
        new Ingredient('lemon', 0.25, 'pieces', Scales::Plate, Goes::OnTop),
        new Ingredient('quail egg', 0.1, 'pieces', Scales::Plate, Goes::OnTop),
    ])->stages();
    [$out, $top, $serve] = array_slice($stages, -3);
    expect([$out->kind, $top->kind, $serve->kind])->toBe([StageKind::PickOut, StageKind::Garnish, StageKind::Serve])
        ->and($out->say->code)->toBe('say.pick-out-shells') // what stayed shut, too
        ->and(array_column($out->items, 'name'))->toBe(['bay leaf'])
        ->and(array_map(static fn (Item $item): array => [$item->name, $item->amount], $top->items))->toBe([['parsley', 4.0], ['lemon', 0.25], ['quail egg', 0.0]]) // a plate; pieces in quarters, of less nobody counts
        ->and($out->minute)->toBeLessThanOrEqual($serve->minute);
});

it('says nothing of a base or a top that there is not', function (): void {
    $kinds = array_map(static fn (Stage $stage): StageKind => $stage->kind, course(Kitchens::ask(), [])->stages());
    expect(array_filter($kinds, static fn (StageKind $kind): bool => in_array($kind, [StageKind::PanOn, StageKind::Base, StageKind::TakeOut, StageKind::PickOut, StageKind::Garnish], true)))->toBe([]);
});

it('counts what was browned first as browned: lighter, and with little left to give', function (): void {
    // Chicken: 74 % water, loses 8 % browned, sets 15 % of its water free (the group's; USDA FoodData Central, from memory). 200 g weigh 184; of
    // their water, 0.74·200 − 16 = 132 g, a fifth of 15 % is still to come: 3.96 g.
    $chicken = new Portion('chicken thigh', Foods::find('chicken thigh'), 200.0, Goes::AtMinute, 50.0, 4.0, fried: true);
    expect($chicken->mass())->toEqualWithDelta(184.0, 0.01)->and($chicken->add()->gives)->toEqualWithDelta(3.96, 0.01);
});

it('cooks the base in a pan of its own where it goes to the stock: a work beside the pan, and a cold pan for the stock', function (): void {
    $ingredients = [new Ingredient('onion', 20, 'g', Scales::Main, Goes::Base, until: Until::Soft), new Ingredient('garlic', 2, 'g', Scales::Main, Goes::Base, until: Until::Fragrant), new Ingredient('tomato', 30, 'g', Scales::Main, Goes::Base, before: 20.0)];
    $apart = course(Kitchens::panRice(6)->withMethod(['rainedIn' => true, 'baseApart' => true]), $ingredients);
    $stages = told($apart->stages());
    // Two to warm its pan, onion 4, garlic 1, tomato 20; a spoon in it for two fifths of that.
    [$beside] = $apart->besideForTheBase();
    expect($beside->takes)->toBe(27.0)->and($beside->hands)->toBe(10.8)->and($beside->ahead)->toBeFalse() // the stove shows it with its clock
        ->and($stages[0][1])->toBe(StageKind::BoilUp)->and($stages[0][2])->toBe(['onion', 'garlic', 'tomato'])
        ->and($apart->panOn())->toBe($apart->stages()[0]->minute)
        ->and(course(Kitchens::panRice(6)->withMethod(['rainedIn' => true]), $ingredients)->besideForTheBase())->toBe([])
        ->and(course(Kitchens::panRice(6)->withMethod(['rainedIn' => true, 'baseApart' => true]), [])->besideForTheBase())->toBe([]);
});
