<?php

declare(strict_types=1);

use App\Models\Dish;
use App\Models\Rice;
use App\Models\Stock;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
    $this->entry = fn (mixed ...$dish): array => [
        'format' => 'velko.dish-entry/1', 'rice_id' => $this->station->dish->rice_id, 'stock_id' => $this->station->dish->stock_id,
        'dish' => [
            'name' => 'nettle risotto', 'family' => 'risotto', 'grams_main' => 80, 'grams_starter' => 45, 'wine_ml_per_80_g' => 25, 'doses' => 'kept-covered', 'stirring' => 'constant',
            'sealed' => true, 'toast' => 'slow', 'pace' => 'medium', 'cover' => 'open', 'wine_percent' => 12.5, 'wine_cooked_off' => false, 'butter_c' => 4, 'fat' => 'oil', 'rained_in' => false, 'base_apart' => false, 'oven_c' => null, 'part_cooked_share' => null, 'part_cooked_mm' => 20, 'two_pours' => false, 'finish_on_the_heat' => false, 'plated' => null, 'cream_g_per_80_g' => 0, 'marrow_g_per_80_g' => 0, 'oil_g_per_80_g' => 0, 'rinsed' => false, 'soak_min' => 0, 'finish_min' => 1, 'rest_min' => 0, 'rest_covered' => false, 'looseness' => 0.85, 'crust' => 'none',
            'crust_school' => 'short-and-hot', 'minutes_to_table' => 2, 'sodium_most_mg' => null, 'diet' => 'vegetarian', 'finish' => 'butter', 'butter_g_per_80_g' => 15, 'butter_salted' => false, 'cheese_g_per_80_g' => 10, 'garnish' => '', 'instructions' => '',
            'ingredients' => [
                ['name' => 'shallot', 'amount' => 20, 'unit' => 'g', 'per' => 'main', 'goes' => 'base', 'minute' => null, 'before_min' => 4, 'until' => 'soft', 'comes_out' => false, 'temperature_c' => null, 'food' => null, 'suits' => 'vegan', 'allergens' => []],
                ['name' => 'nettle tops', 'amount' => 30, 'unit' => 'g', 'per' => 'main', 'goes' => 'at-minute', 'minute' => 12, 'before_min' => null, 'until' => null, 'comes_out' => false, 'temperature_c' => 70, 'food' => ['group' => 'leaf', 'salt_g_per_100_g' => 0.3], 'suits' => 'vegan', 'allergens' => []],
                ['name' => 'hazelnuts', 'amount' => 8, 'unit' => 'g', 'per' => 'plate', 'goes' => 'on-top', 'minute' => null, 'before_min' => null, 'until' => null, 'comes_out' => false, 'temperature_c' => null, 'food' => null, 'suits' => 'vegan', 'allergens' => ['nuts']],
            ],
            'side_work' => [['what' => 'blanch the nettles', 'ready' => 'rice', 'takes_min' => 20, 'hands_min' => 8, 'ahead' => false, 'needs' => null, 'drinks_ml_per_80_g' => 12.5, 'gives_ml_per_80_g' => 0, 'on_ring' => true], ['what' => 'shred them', 'ready' => 'last-dose', 'takes_min' => 5, 'hands_min' => 5, 'ahead' => false, 'needs' => 0, 'drinks_ml_per_80_g' => 0, 'gives_ml_per_80_g' => 40, 'on_ring' => false]],
            ...$dish,
        ],
    ];
});

it('enters a dish, shows it as it was entered, and plans it', function (): void {
    $page = $this->postJson('/api/dishes', ($this->entry)())->assertCreated();
    Station::keeps('dish-page', $page->getContent());
    expect($page->json('dish'))->toEqual(($this->entry)()['dish'])->and($page->json('versions'))->toHaveCount(1);
    $working = $this->postJson('/api/work-out', $this->station->ask(dish_id: $page->json('id')))->assertOk();
    Station::keeps('working', $working->getContent());
    expect($working->json('dish.name'))->toBe('nettle risotto');
});

it('knows a food by the kitchen\'s own numbers where it has some', function (): void {
    $puree = ['name' => 'parsnip purée', 'amount' => 100, 'unit' => 'g', 'per' => 'main', 'goes' => 'with-the-rice', 'minute' => null, 'temperature_c' => 65, 'food' => null, 'suits' => 'vegan', 'allergens' => []];
    $planned = function (?array $food) use ($puree): array {
        $id = $this->postJson('/api/dishes', ($this->entry)(name: 'squash '.json_encode($food), ingredients: [[...$puree, 'food' => $food]]))->assertCreated()->json('id');

        $this->actingAs($this->station->cook->fresh());

        return $this->postJson('/api/work-out', $this->station->ask(dish_id: $id))->assertOk()->json('plan');
    };
    $usual = $planned(null);
    $wetter = $planned(['water_percent' => 95, 'frees_percent' => 90]);
    // By its name: 85 % water, 70 % of it out, 59.5 g in 100 g. The kitchen's own: 95 % and 90 %, 85.5 g.
    $more = (0.95 * 0.90 - 0.85 * 0.70) * 100 * $usual['rice_g'] / 80;
    expect($wetter['balance']['brought_g'] - $usual['balance']['brought_g'])->toEqualWithDelta($more, 1)
        ->and($usual['stock_ml'] - $wetter['stock_ml'])->toEqualWithDelta($more, 30); // to the marks of a jug
});

it('says what is known of a food by its name, and what is taken where nothing is', function (): void {
    $known = $this->getJson('/api/foods?name='.urlencode('cold hake'))->assertOk();
    Station::keeps('food-by-name', $known->getContent());
    // Hake: 80 % water, 1 % fat (USDA FoodData Central, white fish raw, from memory).
    expect($known->json())->toMatchArray(['known' => true])->and($known->json('food.group'))->toBe('fish')->and($known->json('food.water_percent'))->toEqual(80);
    // What a base usually does to it, where the dish says nothing.
    expect($this->getJson('/api/foods?name=chorizo')->json('usual'))->toEqual(['until' => 'fat-runs', 'minutes' => 5])
        ->and($this->getJson('/api/foods?name=butter')->json('usual'))->toBeNull();
    $this->getJson('/api/foods?name=moonroot')->assertOk()->assertJsonPath('known', false)->assertJsonPath('food.group', 'vegetable');
    foreach (['', '?name[]=x', '?name='.str_repeat('x', 81)] as $query) {
        $this->getJson("/api/foods$query")->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/name');
    }
});

it('cooks by the schools that a dish has, and counts their fat and marrow among what it brings', function (): void {
    $work = fn (array $with): TestResponse => $this->postJson('/api/work-out', $this->station->ask(
        dish_id: $this->postJson('/api/dishes', ($this->entry)(...$with))->assertCreated()->json('id'), pan_id: null, burner_id: null,
    ))->assertOk();
    $stew = $work(['name' => 'stew', 'family' => 'soupy-rice', 'doses' => 'one-pour', 'looseness' => 3, 'finish_min' => 0, 'rained_in' => true, 'two_pours' => true, 'fat' => 'butter', 'butter_g_per_80_g' => 0, 'cheese_g_per_80_g' => 0]);
    $kinds = array_column($stew->json('plan.stages'), 'kind');
    expect($kinds)->toContain('boil-up')->not->toContain('toast')
        ->and(array_count_values($kinds)['pour'])->toBe(2)
        ->and(array_column($stew->json('served.allergens'), 'from', 'allergen')['milk'])->toBe(['butter']);
    $risotto = $work(['name' => 'marrow', 'fat' => 'rendered-fat', 'butter_g_per_80_g' => 0, 'marrow_g_per_80_g' => 12, 'cream_g_per_80_g' => 20, 'finish_on_the_heat' => true]);
    expect($risotto->json('served.suits'))->toBe('any')
        ->and(array_column($risotto->json('mise'), 'amount', 'name'))->toHaveKeys(['marrow', 'cream'])
        ->and(array_column($risotto->json('plan.stages'), 'say_fact'))->toContain(['code' => 'say.finish-on-the-heat', 'args' => ['order' => 'both']]);
});

it('names the kinds of food that are seen on its rice, the heaviest first, and none that melts or comes out', function (): void {
    // Six prawns of 18 g are 108 g, against 60 g of peas and 30 g of almonds; onion melts, saffron is none.
    $ingredient = static fn (string $name, float $amount, string $unit = 'g', bool $out = false): array => ['name' => $name, 'amount' => $amount, 'unit' => $unit, 'per' => 'main', 'goes' => 'last-two-minutes', 'minute' => null, 'comes_out' => $out, 'suits' => null, 'allergens' => null];
    $id = $this->postJson('/api/dishes', ($this->entry)(name: 'prawn and pea', ingredients: [
        $ingredient('peas', 60), $ingredient('pea purée', 90), $ingredient('prawns', 6, 'pieces'), $ingredient('onion', 90), $ingredient('almonds', 30), $ingredient('mussels', 500, 'g', true),
    ]))->assertCreated()->json('id');
    expect(array_column($this->getJson('/api/kitchen')->json('dishes'), 'shows', 'id')[$id])->toBe(['prawn', 'vegetable', 'nut']);
});

it('says of what is counted and has no known weight that it counts for nothing, and of nothing else', function (): void {
    $ingredient = static fn (string $name, float $amount): array => ['name' => $name, 'amount' => $amount, 'unit' => 'pieces', 'per' => 'main', 'goes' => 'last-two-minutes', 'minute' => null, 'suits' => null, 'allergens' => null];
    $id = $this->postJson('/api/dishes', ($this->entry)(name: 'lobster', ingredients: [
        $ingredient('lobsters', 1), $ingredient('prawns', 4), $ingredient('bay leaf', 1),
    ]))->assertCreated()->json('id');
    $working = $this->postJson('/api/work-out', $this->station->ask(dish_id: $id, pan_id: null, burner_id: null))->assertOk();
    $said = array_values(array_filter($working->json('plan.warnings'), static fn (array $warning): bool => $warning['code'] === 'weight-unknown'));
    expect(array_column(array_column($said, 'message_fact'), 'args'))->toBe([['what' => 'lobsters']]);
});

it('beats in oil where a dish has it: weighed out, in the step, and no butter named beside it', function (): void {
    $worked = $this->postJson('/api/work-out', $this->station->ask(
        dish_id: $this->postJson('/api/dishes', ($this->entry)(butter_g_per_80_g: 0, cheese_g_per_80_g: 0, oil_g_per_80_g: 10))->assertCreated()->json('id'),
        pan_id: null,
        burner_id: null,
    ))->assertOk();
    $stages = array_values(array_filter($worked->json('plan.stages'), static fn (array $stage): bool => $stage['kind'] === 'finish'));
    // 10 g to 80 g of rice, six mains of 80 g: 60 g.
    expect(array_column($worked->json('mise'), 'amount', 'name'))->toMatchArray(['olive oil' => 60])
        ->and(array_column($stages[0]['items'], 'amount', 'name'))->toMatchArray(['olive oil' => 60])
        ->and($stages[0]['say_fact'])->toBe(['code' => 'say.finish', 'args' => ['order' => 'oil']])
        ->and($stages[0]['say'])->not->toContain('butter')->not->toContain('cheese');
});

it('reads an amount as a cook says it, and says of what is none that it is none', function (): void {
    $said = static fn (string $text, mixed ...$more): array => ['format' => 'velko.amount-said/1', 'text' => $text, 'name' => 'saffron', 'others' => [['name' => 'onion', 'amount' => 60, 'unit' => 'g']], ...$more];
    $read = $this->postJson('/api/amounts', $said('three times the onion'))->assertOk();
    Station::keeps('amount-read', $read->getContent());
    expect($read->json('amount'))->toEqual(180)->and($read->json('unit'))->toBe('g');
    foreach (['a lot', 'three times the moon', '900000 kg', '-3 g', '20 min'] as $text) {
        $this->postJson('/api/amounts', $said($text))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/text');
    }
    // What a field asks for, by where its reader comes from: a mile is 1,609.344 m, an inch 2.54 cm (NIST Handbook 44).
    foreach ([['altitude', 'en-US', '5,280 ft', 1609.344, 'm'], ['altitude', 'it-IT', '1.250 m', 1250.0, 'm'], ['length', 'en-US', '11 1/2 in', 29.21, 'cm'], ['weight', 'en-GB', '4 lb 2 oz', 1871.068, 'g'], ['heat', 'en-US', '145 °F', 62.7778, '°C'], ['burner', 'en-GB', '3.5 kW', 3500.0, 'W']] as [$of, $locale, $text, $amount, $unit]) {
        $read = $this->postJson('/api/amounts', $said($text, of: $of, locale: $locale))->assertOk();
        Station::keeps('amount-read', $read->getContent());
        expect($read->json('unit'))->toBe($unit)->and($read->json('amount'))->toEqualWithDelta($amount, 0.001);
        // 1,609 m: 83.4 kPa (ICAO standard atmosphere), where water boils at 94.7 °C (steam tables).
        if ($text === '5,280 ft') {
            expect($read->json('boils_c'))->toEqualWithDelta(94.7, 0.15);
        }
    }
    // A locale is bounded, and one that nobody has is read as English.
    $this->postJson('/api/amounts', $said('1 g', locale: str_repeat('en-', 60).'us'))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/locale');
    $this->postJson('/api/amounts', $said('1,250 g', locale: 'zz-zzzzzzzz'))->assertOk()->assertJsonPath('amount', 1250);
    foreach ([['altitude', 'banana'], ['altitude', '3 g'], ['weight', '3 cm'], ['heat', '2 l']] as [$of, $text]) {
        $this->postJson('/api/amounts', $said($text, of: $of))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/text');
    }
    $this->postJson('/api/amounts', $said('1 g', others: [['name' => 'x', 'amount' => -1, 'unit' => 'g']]))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/others/0/amount');
});

it('keeps every version, and one only when something changed', function (): void {
    $id = $this->postJson('/api/dishes', ($this->entry)())->json('id');
    $this->putJson("/api/dishes/$id", ($this->entry)())->assertOk()->assertJsonCount(1, 'versions');
    $page = $this->putJson("/api/dishes/$id", ($this->entry)(looseness: 1.1))->assertOk();
    expect($page->json('versions.*.number'))->toBe([2, 1])
        ->and($page->json('versions.1.dish.looseness'))->toEqual(0.85)
        ->and($page->json('versions.0.by'))->toBe($this->station->cook->name);
    // and the first again
    $this->putJson("/api/dishes/$id", [...($this->entry)(), 'dish' => $page->json('versions.1.dish')])->assertOk()->assertJsonPath('dish.looseness', 0.85)->assertJsonCount(3, 'versions');
});

it('copies a dish under a name of its own', function (): void {
    $id = $this->postJson('/api/dishes', ($this->entry)())->json('id');
    $copy = $this->postJson("/api/dishes/$id/copy")->assertCreated();
    expect($copy->json('dish.name'))->toBe('nettle risotto (2)')
        ->and([...$copy->json('dish'), 'name' => ''])->toEqual([...($this->entry)()['dish'], 'name' => '']);
    $this->postJson("/api/dishes/$id/copy")->assertJsonPath('dish.name', 'nettle risotto (3)');
});

it('takes a dish off the list, keeps its cooks, and frees its name', function (): void {
    $id = $this->postJson('/api/dishes', ($this->entry)())->json('id');
    $cook = $this->postJson('/api/cooks', $this->station->start(ask: $this->station->ask(dish_id: $id)))->assertCreated()->json();
    $kitchen = $this->deleteJson("/api/dishes/$id")->assertOk();
    expect($kitchen->json('dishes.*.name'))->toBe(['leek risotto']);
    $this->getJson("/api/cooks/{$cook['id']}")->assertOk()->assertJsonPath('working.dish.name', 'nettle risotto');
    $this->postJson('/api/dishes', ($this->entry)())->assertCreated();
});

it('brings a dish back under its own name, unless that has been given to another, or its rice has gone too', function (): void {
    $id = $this->postJson('/api/dishes', ($this->entry)())->json('id');
    $this->deleteJson("/api/dishes/$id")->assertOk();
    $this->actingAs(Station::open()->cook);
    $this->postJson("/api/dishes/$id/back")->assertNotFound();
    $this->actingAs($this->station->cook);
    expect($this->postJson("/api/dishes/$id/back")->assertOk()->json('dishes.*.name'))->toContain('nettle risotto');
    $this->getJson("/api/dishes/$id")->assertOk()->assertJsonPath('dish.ingredients.1.name', 'nettle tops');

    $this->deleteJson("/api/dishes/$id")->assertOk();
    $other = $this->postJson('/api/dishes', ($this->entry)())->assertCreated()->json('id');
    $this->postJson("/api/dishes/$id/back")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/dish/name');

    $rice = collect($this->postJson('/api/kitchen/rices', ['format' => 'velko.rice/1', 'name' => 'blue packet', 'variety' => 'arborio', 'window_min' => null, 'grams_per_cup' => null])->json('rices'))->firstWhere('name', 'blue packet')['id'];
    $this->putJson("/api/dishes/$other", [...($this->entry)(), 'rice_id' => $rice])->assertOk();
    $this->deleteJson("/api/dishes/$other")->assertOk();
    $this->deleteJson("/api/kitchen/rices/$rice")->assertOk();
    $this->postJson("/api/dishes/$other/back")->assertStatus(422)->assertJsonPath('errors.0.pointer', '/rice_id');
});

it('refuses what does not go together, by field', function (array $dish, string $pointer, string $says): void {
    $answer = $this->postJson('/api/dishes', ($this->entry)(...$dish))->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    $said = collect($answer->json('errors'))->firstWhere('pointer', $pointer);
    expect($said)->not->toBeNull($answer->getContent())->and($said['detail'])->toContain($says)
        ->and(Dish::query()->count())->toBe(1);
})->with([
    'one pour for a risotto' => [['doses' => 'one-pour'], '/dish/doses', 'ladle-by-ladle'],
    'a crust on a risotto' => [['crust' => 'gold'], '/dish/crust', 'none'],
    'a name that is taken' => [['name' => 'leek risotto'], '/dish/name', 'is there already'],
    'no name' => [['name' => ''], '/dish/name', 'text'],
    'half a gram of a mushroom' => [['ingredients' => [['name' => 'x', 'amount' => -1, 'unit' => 'g', 'per' => 'main', 'goes' => 'base', 'minute' => null, 'temperature_c' => null, 'food' => null, 'suits' => 'vegan', 'allergens' => []]]], '/dish/ingredients/0/amount', 'from 0'],
    'a food of more water than it weighs' => [['ingredients' => [['name' => 'x', 'amount' => 1, 'unit' => 'g', 'per' => 'main', 'goes' => 'base', 'minute' => null, 'temperature_c' => null, 'food' => ['water_percent' => 120], 'suits' => 'vegan', 'allergens' => []]]], '/dish/ingredients/0/food/water_percent', 'from 0 to 100'],
    'stock for what is never in the pan' => [['side_work' => [['what' => 'x', 'ready' => 'table', 'takes_min' => 1, 'hands_min' => 1, 'ahead' => false, 'drinks_ml_per_80_g' => 10]]], '/dish/side_work/0/drinks_ml_per_80_g', 'must be 0'],
    'more liquor than a pot' => [['side_work' => [['what' => 'x', 'ready' => 'stock', 'takes_min' => 1, 'hands_min' => 1, 'ahead' => false, 'gives_ml_per_80_g' => 2001]]], '/dish/side_work/0/gives_ml_per_80_g', 'from 0 to 2000'],
    'a work that needs itself' => [['side_work' => [['what' => 'x', 'ready' => 'rice', 'takes_min' => 1, 'hands_min' => 1, 'ahead' => false, 'needs' => 0]]], '/dish/side_work/0/needs', 'nothing stands before it'],
    'a lid over what is stirred' => [['cover' => 'to-the-end'], '/dish/cover', 'must be one of open'],
    'an allergen nobody knows' => [['ingredients' => [['name' => 'x', 'amount' => 1, 'unit' => 'g', 'per' => 'main', 'goes' => 'base', 'minute' => null, 'temperature_c' => null, 'food' => null, 'suits' => 'vegan', 'allergens' => ['moonlight']]]], '/dish/ingredients/0/allergens/0', 'must be one of celery'],
    'work without end' => [['side_work' => [['what' => 'x', 'ready' => 'rice', 'takes_min' => 9999, 'hands_min' => 1, 'ahead' => true]]], '/dish/side_work/0/takes_min', 'from 0 to 2880'],
]);

it('does not cook with another kitchen\'s rice or stock, nor reach its dishes', function (): void {
    $other = Station::open();
    $entry = ($this->entry)();
    $this->postJson('/api/dishes', [...$entry, 'rice_id' => $other->dish->rice_id])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/rice_id');
    $this->postJson('/api/dishes', [...$entry, 'stock_id' => $other->dish->stock_id])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/stock_id');
    $this->getJson("/api/dishes/{$other->dish->id}")->assertNotFound();
    $this->putJson("/api/dishes/{$other->dish->id}", $entry)->assertNotFound();
    $this->deleteJson("/api/dishes/{$other->dish->id}")->assertNotFound();
    $this->postJson("/api/dishes/{$other->dish->id}/copy")->assertNotFound();
});

describe('before the heat', function (): void {
    beforeEach(function (): void {
        $this->id = $this->postJson('/api/dishes', ($this->entry)())->json('id');
        $this->workOut = fn (mixed ...$with): array => $this->postJson('/api/work-out', $this->station->ask(...['dish_id' => $this->id, ...$with]))->assertOk()->json();
    });

    it('scales the mise for mains and starters at once', function (): void {
        $working = ($this->workOut)(covers: 4, starters: 4);
        $mise = collect($working['mise'])->keyBy('name');
        expect($working['plan']['rice_g'])->toEqual(4 * 80 + 4 * 45)
            ->and($mise['shallot']['amount'])->toEqual(125) // 20 g × 500/80
            ->and($mise['hazelnuts']['amount'])->toEqual(64) // 8 plates
            ->and($mise['hazelnuts']['per'])->toBe('with the plates');
        Station::keeps('working', json_encode($working));
    });

    it('counts mains and starters in the log', function (): void {
        $this->postJson('/api/cooks', $this->station->start(ask: $this->station->ask(dish_id: $this->id, covers: 4, starters: 5)))->assertCreated();
        $log = $this->getJson('/api/cooks')->assertOk();
        Station::keeps('log', $log->getContent());
        expect($log->json('cooks.0.covers'))->toBe(9);
    });

    it('takes no starters beside starters', function (): void {
        expect(($this->workOut)(portion: 'starter', covers: 4, starters: 9)['plan']['rice_g'])->toEqual(4 * 45);
    });

    it('puts what goes in at a minute among the steps', function (): void {
        $stages = ($this->workOut)()['plan']['stages'];
        $add = collect($stages)->firstWhere('kind', 'add');
        expect($add['at_min'])->toEqual(12)->and($add['item'])->toEqual(['name' => 'nettle tops', 'amount' => 180, 'unit' => 'g'])->and($add['say'])->toBe('stir once, or lay it on');
    });

    it('counts start times back from the table, and says what cannot be ready', function (): void {
        $prep = collect(($this->workOut)(table_at: '19:40')['prep'])->keyBy('what');
        expect(Carbon::parse($prep['blanch the nettles']['start_at'])->diffInMinutes(Carbon::parse($prep['blanch the nettles']['ready_at'])))->toEqual(20.0)
            ->and($prep['blanch the nettles']['late'])->toBeFalse();
        $late = ($this->workOut)(table_at: '19:00');
        expect(collect($late['plan']['warnings'])->pluck('code'))->toContain('not-ready')
            ->and($late['clock']['starts_in_min'])->toBeLessThan(0);
        $offer = collect($late['offers'])->firstWhere('warning', 'too-late');
        $taken = ($this->workOut)(...$offer['change']);
        expect(collect($taken['plan']['warnings'])->pluck('code'))->not->toContain('not-ready');
    });

    it('names every allergen and where it is from', function (): void {
        $served = collect(($this->workOut)()['served']['allergens'])->pluck('from', 'allergen');
        expect($served->all())->toEqual(['milk' => ['butter', 'cheese'], 'nuts' => ['hazelnuts'], 'sulphites' => ['wine']]);
    });

    it('says when a stock is not for the guest: meat in a vegetarian dish', function (): void {
        Stock::query()->where('kitchen_id', $this->station->kitchen->id)->update(['base' => 'poultry', 'name' => 'chicken stock']);
        $this->actingAs($this->station->cook->fresh());
        $working = ($this->workOut)();
        $warning = collect($working['plan']['warnings'])->firstWhere('code', 'not-for-diet');
        expect($warning['message'])->toBe('Not vegetarian: chicken stock')->and($working['served']['suits'])->toBe('any')
            ->and(implode(' ', $working['cautions']))->toContain('74 °C')->toContain('your local code decides');
    });

    it('leaves a vegan guest without butter to find out before, not after', function (): void {
        $this->putJson("/api/dishes/{$this->id}", ($this->entry)(diet: 'vegan'))->assertOk();
        expect(collect(($this->workOut)()['plan']['warnings'])->firstWhere('code', 'not-for-diet')['message'])->toBe('Not vegan: butter, cheese');
    });
});

it('never breaks on a dish, whatever is sent', function (): void {
    mt_srand(11);
    $odd = [null, true, -1, 1e308, '', 'x', [], [[]], new stdClass, str_repeat('9', 3000), ['a' => 1]];
    $fields = array_keys(($this->entry)()['dish']);
    for ($i = 0; $i < 200; $i++) {
        $answer = $this->postJson('/api/dishes', ($this->entry)(...['name' => "dish $i", $fields[array_rand($fields)] => $odd[array_rand($odd)]]));
        expect($answer->getStatusCode())->toBeIn([201, 422], $answer->getContent());
    }
    expect(Rice::query()->count())->toBe(1);
});

it('tells the second of two who changed the same version, and keeps nothing of theirs', function (): void {
    $address = '/api/dishes/'.$this->station->dish->id;
    $page = $this->getJson($address)->assertOk();
    $entry = fn (float $looseness): array => ['format' => 'velko.dish-entry/1', 'rice_id' => $page->json('rice_id'), 'stock_id' => $page->json('stock_id'), 'dish' => [...$page->json('dish'), 'looseness' => $looseness]];
    $first = $this->putJson($address, $entry(0.7), ['If-Match' => $page->headers->get('ETag')])->assertOk();
    expect($first->headers->get('ETag'))->not->toBe($page->headers->get('ETag'));
    $second = $this->putJson($address, $entry(0.9), ['If-Match' => $page->headers->get('ETag')])->assertStatus(412);
    Station::keeps('problem', $second->getContent());
    $this->getJson($address)->assertJsonPath('dish.looseness', 0.7);
    $this->putJson($address, $entry(0.9), ['If-Match' => $first->headers->get('ETag')])->assertOk();
});

it('finishes a pan rice in an oven, covers it when its grains show, and takes its base from a pan of its own', function (): void {
    $work = fn (array $with): TestResponse => $this->postJson('/api/work-out', $this->station->ask(
        dish_id: $this->postJson('/api/dishes', ($this->entry)(...$with))->assertCreated()->json('id'), pan_id: null, burner_id: null, covers: 3,
    ))->assertOk();
    $pan = ['family' => 'pan-rice', 'doses' => 'one-pour', 'stirring' => 'never', 'looseness' => 0, 'finish_min' => 0, 'rest_min' => 5, 'butter_g_per_80_g' => 0, 'cheese_g_per_80_g' => 0, 'wine_ml_per_80_g' => 0];
    $oven = $work([...$pan, 'name' => 'from the oven', 'oven_c' => 185]);
    Station::keeps('working', $oven->getContent());
    $into = collect($oven->json('plan.stages'))->firstWhere('setting', 'oven');
    expect($into['say'])->toBe('the rice stands as high as its stock: into the oven at 185 °C')
        ->and(collect($oven->json('plan.stages'))->firstWhere('kind', 'off')['say_fact']['code'])->toBe('say.out-of-the-oven')
        ->and(implode(' ', $oven->json('cautions')))->toContain('its handles stay hot');

    $apart = $work([...$pan, 'name' => 'base apart', 'rained_in' => true, 'base_apart' => true, 'cover' => 'from-the-grains']);
    $prep = array_column($apart->json('prep'), null, 'what');
    expect($prep)->toHaveKey('the base, in a pan of its own')
        ->and($prep['the base, in a pan of its own']['takes_min'])->toEqual(6) // shallot 4 min, two to warm the pan
        ->and($apart->json('plan.stages.0.kind'))->toBe('boil-up')->and(array_column($apart->json('plan.stages.0.items'), 'name'))->toBe(['shallot'])
        ->and(array_column($apart->json('plan.stages'), 'kind'))->toContain('lid');
    $this->postJson('/api/dishes', ($this->entry)(...[...$pan, 'name' => 'gold from the oven', 'oven_c' => 185, 'crust' => 'gold']))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/dish/oven_c');
    $this->postJson('/api/dishes', ($this->entry)(name: 'a risotto in the oven', oven_c: 185))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/dish/oven_c');
    $this->postJson('/api/dishes', ($this->entry)(name: 'too hot', oven_c: 400))->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/dish/oven_c');
});
