<?php

declare(strict_types=1);

use App\Kitchen\Thing;
use App\Models\Kitchen;
use App\Models\Pan;
use App\Models\User;
use Illuminate\Support\Carbon;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
});

/** @return array<string, array<string, mixed>> one good entry of each thing, by its address */
function entries(): array
{
    return [
        'pans' => ['format' => 'velko.pan/1', 'name' => '30 braiser', 'base_cm' => 28, 'rim_cm' => 30, 'height_cm' => 8, 'metal_j_per_k' => 1400],
        'burners' => ['format' => 'velko.burner/1', 'name' => 'coil', 'ring_cm' => 22, 'fuel' => 'induction', 'rated_w' => 3500, 'marks' => [['mark' => '3', 'share' => 0.2, 'net_w' => null], ['mark' => '9', 'share' => 1, 'net_w' => 2600]]],
        'ladles' => ['format' => 'velko.ladle/1', 'ml' => 120],
        'rices' => ['format' => 'velko.rice/1', 'name' => 'blue packet', 'variety' => 'arborio', 'window_min' => [15, 18], 'grams_per_cup' => 205],
        'stocks' => ['format' => 'velko.stock/1', 'name' => 'crab stock', 'base' => 'shellfish', 'salt_percent' => 0.6, 'held_at_c' => 90, 'batch_ml' => 4000, 'allergens' => ['celery', 'crustaceans']],
    ];
}

dataset('things', array_map(static fn (string $thing, array $entry): array => [$thing, $entry], array_keys(entries()), entries()));

it('enters, changes and retires each thing, and answers with the kitchen as it then is', function (string $thing, array $entry): void {
    $answer = $this->postJson("/api/kitchen/$thing", $entry)->assertCreated();
    Station::keeps('kitchen', $answer->getContent());
    $name = $thing === 'ladles' ? 'ml' : 'name';
    $row = collect($answer->json($thing))->firstWhere($name, $entry[$name]);
    expect($row)->not->toBeNull();

    $changed = [...$entry, $name => $thing === 'ladles' ? 125 : 'by another name'];
    $answer = $this->putJson("/api/kitchen/$thing/{$row['id']}", $changed)->assertOk();
    expect(collect($answer->json($thing))->firstWhere('id', $row['id'])[$name])->toEqual($changed[$name]);

    $answer = $this->deleteJson("/api/kitchen/$thing/{$row['id']}")->assertOk();
    expect(collect($answer->json($thing))->firstWhere('id', $row['id']))->toBeNull();
    $this->postJson("/api/kitchen/$thing", $changed)->assertCreated(); // and it can come back
})->with('things');

it('has a fire that is no knob: its bands, and how fast it falls; a plan on it counts that, and so does what is kept of it', function (): void {
    $wood = ['format' => 'velko.burner/1', 'name' => 'fire pit', 'ring_cm' => 15, 'fuel' => 'wood', 'rated_w' => 20000, 'marks' => [['mark' => 'embers', 'share' => 0.2, 'net_w' => 500], ['mark' => 'high flame', 'share' => 1, 'net_w' => 1500]]];
    $answer = $this->postJson('/api/kitchen/burners', [...$wood, 'fades_percent_per_min' => 4])->assertCreated();
    Station::keeps('kitchen', $answer->getContent());
    $ring = collect($answer->json('burners'))->firstWhere('name', 'fire pit');
    expect($ring['fades_percent_per_min'])->toEqual(4);

    $work = fn (array $more = []): Illuminate\Testing\TestResponse => $this->postJson('/api/work-out', [...$this->station->ask(), 'burner_id' => $ring['id'], 'heat' => 'high flame', ...$more])->assertOk();
    $falling = $work();
    Station::keeps('working', $falling->getContent());
    expect($falling->json('burner.fuel'))->toBe('wood')
        ->and(collect($falling->json('plan.warnings'))->firstWhere('code', 'fire-drifts')['message'])->toContain('A wood fire is never twice the same')
        ->and(implode(' ', $falling->json('cautions')))->toContain('carbon monoxide');

    $this->putJson("/api/kitchen/burners/{$ring['id']}", [...$wood, 'fades_percent_per_min' => 0])->assertOk();
    $this->actingAs($this->station->cook->fresh()); // as the next request finds the kitchen
    expect($work()->json('plan.stock_ml'))->toBeGreaterThan($falling->json('plan.stock_ml'));
    $steady = $work()->json('plan.stock_ml');
    $this->putJson("/api/kitchen/burners/{$ring['id']}", [...$wood, 'fuel' => 'gas', 'fades_percent_per_min' => 4])->assertOk();
    $this->actingAs($this->station->cook->fresh());
    expect($work()->json('plan.stock_ml'))->toEqual($steady); // a knob does not fall by itself, whatever was said of it before
    $this->putJson("/api/kitchen/burners/{$ring['id']}", [...$wood, 'fades_percent_per_min' => 40])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/fades_percent_per_min');
    $this->putJson("/api/kitchen/burners/{$ring['id']}", [...$wood, 'fuel' => 'peat'])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/fuel');
});

it('brings back what was deleted by mistake, for a day', function (string $thing, array $entry): void {
    $id = collect($this->postJson("/api/kitchen/$thing", $entry)->json($thing))->max('id');
    $before = $this->getJson('/api/kitchen')->json($thing);
    $this->deleteJson("/api/kitchen/$thing/$id")->assertOk();
    if ($thing === 'ladles') { // nothing stands on a ladle: it is entered anew
        $this->postJson("/api/kitchen/$thing/$id/back")->assertNotFound();

        return;
    }
    $this->actingAs(Station::open()->cook);
    $this->postJson("/api/kitchen/$thing/$id/back")->assertNotFound();
    $this->actingAs($this->station->cook);
    $answer = $this->postJson("/api/kitchen/$thing/$id/back")->assertOk();
    Station::keeps('kitchen', $answer->getContent());
    expect($answer->json($thing))->toBe($before);
    $this->postJson("/api/kitchen/$thing/$id/back")->assertNotFound(); // it is there
    $this->deleteJson("/api/kitchen/$thing/$id")->assertOk();
    $this->travel(25)->hours();
    $this->postJson("/api/kitchen/$thing/$id/back")->assertNotFound();
})->with('things');

it('does not enter the same twice', function (string $thing, array $entry): void {
    $this->postJson("/api/kitchen/$thing", $entry)->assertCreated();
    $this->postJson("/api/kitchen/$thing", $entry)->assertStatus(422)->assertJsonPath('errors.0.detail', 'is there already');
})->with('things');

it('keeps another kitchen out of its things: not read, not changed, not retired', function (string $thing, array $entry): void {
    $id = collect($this->postJson("/api/kitchen/$thing", $entry)->json($thing))->max('id');
    $before = $this->getJson('/api/kitchen')->json($thing);
    $this->actingAs(Station::open()->cook);
    $name = $thing === 'ladles' ? 'ml' : 'name';
    expect(collect($this->getJson('/api/kitchen')->json($thing))->where($name, $entry[$name]))->toHaveCount(0);
    $this->putJson("/api/kitchen/$thing/$id", $entry)->assertNotFound();
    $this->deleteJson("/api/kitchen/$thing/$id")->assertNotFound();
    $this->actingAs($this->station->cook);
    expect($this->getJson('/api/kitchen')->json($thing))->toBe($before);
})->with('things');

it('refuses what cannot be, by field and range', function (string $thing, array $set, string $pointer, string $says): void {
    $answer = $this->postJson("/api/kitchen/$thing", [...entries()[$thing], ...$set])->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    $said = collect($answer->json('errors'))->firstWhere('pointer', $pointer);
    expect($said)->not->toBeNull($answer->getContent())->and($said['detail'])->toContain($says);
})->with([
    ['pans', ['base_cm' => 3], '/base_cm', 'from 10 to 150'], ['pans', ['rim_cm' => 20], '/rim_cm', 'from 28 to 150'], ['pans', ['name' => ''], '/name', 'text'],
    ['burners', ['marks' => []], '/marks', 'from 1 to 20'], ['burners', ['marks' => [['mark' => 'low', 'share' => 0.2, 'net_w' => null], ['mark' => 'Low', 'share' => 0.3, 'net_w' => null]]], '/marks/1/mark', 'cannot be told apart'],
    ['burners', ['rated_w' => -1], '/rated_w', 'from 100 to 60000'], ['ladles', ['ml' => 5], '/ml', 'from 15 to 2000'],
    ['rices', ['window_min' => [18, 15]], '/window_min/1', 'from 18 to 60'], ['rices', ['variety' => 'basmatti'], '/variety', 'must be one of'],
    ['stocks', ['salt_percent' => 9], '/salt_percent', 'from 0 to 5'], ['stocks', ['base' => 'air'], '/base', 'must be one of'], ['stocks', ['colour' => 'red'], '/colour', 'is not a field here'],
]);

it('has no more of a kind than a kitchen has room for, and says how many', function (string $thing, array $entry): void {
    $kinds = Thing::from($thing);
    $rows = $kinds->model()::query()->where('kitchen_id', $this->station->kitchen->id)->count();
    foreach (range($rows + 1, $kinds->most()) as $n) {
        $this->postJson("/api/kitchen/$thing", [...$entry, ...$thing === 'ladles' ? ['ml' => 20 + $n] : ['name' => "number $n"]])->assertCreated();
    }
    $this->postJson("/api/kitchen/$thing", $entry)->assertStatus(422)->assertJsonPath('errors.0.detail', "is one too many: a kitchen has at most {$kinds->most()} $thing");
})->with('things');

it('takes no two marks that cannot be told apart, and names both', function (string $first, string $other): void {
    $marks = [['mark' => $first, 'share' => 0.2, 'net_w' => null], ['mark' => $other, 'share' => 0.3, 'net_w' => null]];
    $answer = $this->postJson('/api/kitchen/burners', [...entries()['burners'], 'marks' => $marks])->assertStatus(422);
    expect($answer->json('errors.0.pointer'))->toBe('/marks/1/mark')->and($answer->json('errors.0.detail'))->toContain($first)->toContain($other);
})->with([['é', 'e'], ['①', '1'], ['Low', 'low'], ['low', 'lów']]);

it('says what each pan holds of each family, and which it is made for', function (): void {
    $pan = $this->getJson('/api/kitchen')->json('pans.0');
    $takes = collect($pan['takes'])->keyBy('family');
    expect($takes['risotto']['suited'])->toBeTrue()->and($takes['pan-rice']['suited'])->toBeFalse()
        ->and($takes['risotto']['covers'])->toBeGreaterThan($takes['pan-rice']['covers']);
});

it('does not retire a rice or a stock that a dish needs, and names the dish', function (string $thing): void {
    $id = $this->getJson('/api/kitchen')->json("$thing.0.id");
    $answer = $this->deleteJson("/api/kitchen/$thing/$id")->assertStatus(422);
    expect($answer->json('errors.0.detail'))->toBe('is needed for leek risotto');
})->with(['rices', 'stocks']);

it('still shows a cook in a pan that was retired since', function (): void {
    $cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json();
    $this->deleteJson("/api/kitchen/pans/{$this->station->pan->id}")->assertOk();
    $this->getJson("/api/cooks/{$cook['id']}")->assertOk()->assertJsonPath('working.pan.name', '28 sautoir');
    expect(Pan::query()->withTrashed()->count())->toBe(1);
});

it('names the allergens that a base brings, once', function (): void {
    $stock = collect($this->postJson('/api/kitchen/stocks', entries()['stocks'])->json('stocks'))->firstWhere('name', 'crab stock');
    expect($stock['allergens'])->toEqualCanonicalizing(['crustaceans', 'molluscs', 'celery'])->and($stock['suits'])->toBe('pescatarian');
    $plain = collect($this->putJson("/api/kitchen/stocks/{$stock['id']}", [...entries()['stocks'], 'base' => 'vegetable', 'allergens' => ['celery']])->json('stocks'))->firstWhere('id', $stock['id']);
    expect($plain['allergens'])->toBe(['celery'])->and($plain['suits'])->toBe('vegan');
});

describe('a boil-off test', function (): void {
    $entry = fn (mixed ...$with): array => ['format' => 'velko.boil-off/1', 'mark' => 'low', 'before_g' => 3000, 'after_g' => 2850, 'minutes' => 15, ...$with];

    it('measures a mark, and the plan uses it at once', function () use ($entry): void {
        $before = $this->postJson('/api/work-out', $this->station->ask(heat: 'low'))->json('plan');
        $answer = $this->postJson("/api/kitchen/burners/{$this->station->burner->id}/boil-off", $entry(pan_id: $this->station->pan->id))->assertCreated();
        Station::keeps('kitchen', $answer->getContent());
        $net = 150 * 2257 / 900;
        expect(collect($answer->json('burners.0.settings'))->firstWhere('mark', 'low'))->toMatchArray(['net_w' => round($net, 1), 'measured' => true])
            ->and($answer->json('burners.0.tests.0.lost_g'))->toEqual(150)
            ->and($answer->json('burners.0.tests.0.spread_w'))->toEqualWithDelta(17.7, 0.1);
        $this->actingAs($this->station->cook->fresh());
        $after = $this->postJson('/api/work-out', $this->station->ask(heat: 'low'))->json('plan');
        expect($after['heat'][0]['net_w'])->toEqualWithDelta($net, 0.1)->and($after['stock_ml'])->not->toBe($before['stock_ml']);
    });

    it('refuses what was not weighed here', function (array $with, string $pointer) use ($entry): void {
        $answer = $this->postJson("/api/kitchen/burners/{$this->station->burner->id}/boil-off", $entry(...['pan_id' => $this->station->pan->id, ...$with]))->assertStatus(422);
        expect($answer->json('errors.0.pointer'))->toBe($pointer);
    })->with([[['mark' => 'blast'], '/mark'], [['after_g' => 3000], '/after_g'], 'more steam than the ring has watts' => [['before_g' => 60000, 'after_g' => 0, 'minutes' => 2], '/after_g'], [['pan_id' => 999_999], '/pan_id'], [['minutes' => 0], '/minutes'], [['before_g' => -1], '/before_g']]);

    it('does not reach another kitchen\'s ring or pan', function () use ($entry): void {
        $other = Station::open();
        $this->postJson("/api/kitchen/burners/{$other->burner->id}/boil-off", $entry(pan_id: $this->station->pan->id))->assertNotFound();
        $this->postJson("/api/kitchen/burners/{$this->station->burner->id}/boil-off", $entry(pan_id: $other->pan->id))->assertStatus(422);
    });
});

it('takes a packet that nobody knows by one pan of it, plans by what that drank, and keeps it with the plan', function (): void {
    $packet = ['format' => 'velko.rice/1', 'name' => 'market sack', 'variety' => 'round', 'window_min' => [16, 18], 'grams_per_cup' => null];
    $id = collect($this->postJson('/api/kitchen/rices', [...$packet, 'boiled' => ['raw_g' => 100, 'drained_g' => 310]])->assertCreated()->json('rices'))->firstWhere('name', 'market sack')['id'];
    $work = function () use ($id): Illuminate\Testing\TestResponse {
        $this->station->dish->update(['rice_id' => $id]);
        $this->actingAs($this->station->cook->fresh());

        return $this->postJson('/api/work-out', $this->station->ask())->assertOk();
    };
    $drinks = $work()->json('plan.balance.drunk_g');
    $cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated();
    expect(App\Models\Plan::query()->latest('id')->firstOrFail()->request['rice']['drinks_g_per_g'])->toEqualWithDelta(2.0, 1e-9) // 310 / 100 − 1 − 0.10
        ->and($cook->json('working.plan.balance.drunk_g'))->toEqual($drinks);
    Station::keeps('kitchen', $this->putJson("/api/kitchen/rices/$id", [...$packet, 'boiled' => null])->assertOk()->getContent());
    expect($work()->json('plan.balance.drunk_g'))->toBeLessThan(0.9 * $drinks); // round rice drinks 1.6 of its weight in the same time, not 2
    $this->putJson("/api/kitchen/rices/$id", [...$packet, 'boiled' => ['raw_g' => 100, 'drained_g' => 120]])->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/boiled/drained_g')->assertJsonPath('errors.0.detail', fn (string $detail): bool => str_contains($detail, 'from 160 to 460'));
});

it('pours its own glug', function (): void {
    $house = ['format' => 'velko.house/1', 'name' => 'The Lock', 'altitude_m' => 0, 'room_c' => 20, 'timezone' => 'Europe/Brussels', 'units' => 'metric'];
    $glugs = ['format' => 'velko.amount-said/1', 'text' => '2 glugs', 'name' => 'olive oil', 'others' => []];
    $this->postJson('/api/amounts', $glugs)->assertOk()->assertJsonPath('amount', 30); // two of 15 mL, where nobody says otherwise
    $this->putJson('/api/kitchen', [...$house, 'glug_ml' => 22])->assertOk()->assertJsonPath('glug_ml', 22);
    $this->postJson('/api/amounts', $glugs)->assertOk()->assertJsonPath('amount', 44);
    $this->putJson('/api/kitchen', $house)->assertOk()->assertJsonPath('glug_ml', 22); // who does not say it changes nothing
    $this->putJson('/api/kitchen', [...$house, 'glug_ml' => 200])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/glug_ml')->assertJsonPath('errors.0.detail', fn (string $detail): bool => str_contains($detail, '2 to 60'));
});

it('keeps the temperatures its own code asks for, and says them in the cautions', function (): void {
    $house = ['format' => 'velko.house/1', 'name' => 'k', 'altitude_m' => 0, 'room_c' => 24, 'timezone' => 'UTC', 'units' => 'metric'];
    $safety = ['fish_c' => 65, 'poultry_c' => 75, 'meat_c' => 70, 'hot_holding_c' => 63, 'fridge_days' => 1, 'cooled_first_min' => 90, 'cooled_min' => 240, 'reheat_c' => 82, 'part_cooks' => false];
    expect($this->putJson('/api/kitchen', $house)->assertOk()->json('safety'))->toEqual(['fish_c' => 63, 'poultry_c' => 74, 'meat_c' => 63, 'hot_holding_c' => 57, 'fridge_days' => 7, 'cooled_first_min' => 120, 'cooled_min' => 360, 'reheat_c' => 74, 'part_cooks' => true])
        ->and($this->putJson('/api/kitchen', [...$house, 'safety' => $safety])->assertOk()->json('safety'))->toEqual($safety)
        ->and(implode(' ', $this->postJson('/api/work-out', $this->station->ask())->json('cautions')))->toContain('63 °C or above')->toContain('within a day')->toContain('to 21 °C within 1 h 30 min and to 5 °C within 4 h')->toContain('reheated once and to 82 °C')->toContain('Your local code decides');
    $this->putJson('/api/kitchen', [...$house, 'safety' => [...$safety, 'cooled_min' => 60]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/safety/cooled_min');
    expect($this->putJson('/api/kitchen', [...$house, 'safety' => array_slice($safety, 0, 5)])->assertOk()->json('safety.reheat_c'))->toEqual(82); // who does not say it changes nothing
    $this->putJson('/api/kitchen', [...$house, 'safety' => [...$safety, 'fish_c' => 20]])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/safety/fish_c');

    $this->station->dish->ingredients()->create(['kitchen_id' => $this->station->kitchen->id, 'position' => 20, 'name' => 'chicken thighs', 'amount' => 60, 'unit' => 'g', 'per' => 'main', 'goes' => 'with-the-rice', 'comes_out' => false]);
    $core = collect($this->postJson('/api/work-out', $this->station->ask())->assertOk()->json('plan.stages'))->firstWhere('kind', 'core');
    expect($core['reach_c'])->toEqual(75)->and($core['items'][0]['name'])->toBe('chicken thighs')->and($core['say'])->toContain('Your local code decides');
});

describe('the house', function (): void {
    $house = fn (mixed ...$with): array => ['format' => 'velko.house/1', 'name' => 'The Lime House', 'room_c' => 22, 'timezone' => 'Europe/Madrid', 'units' => 'metric', ...$with];

    it('takes its height as a number or as a boiling point', function () use ($house): void {
        Station::keeps('kitchen', $this->putJson('/api/kitchen', $house(altitude_m: 1600))->assertOk()->assertJsonPath('altitude_m', 1600)->getContent());
        $answer = $this->putJson('/api/kitchen', $house(boiling_c: 94.7))->assertOk();
        expect($answer->json('altitude_m'))->toEqualWithDelta(1590, 40)->and($answer->json('boiling_c'))->toEqual(94.7);
    });

    it('refuses both, neither, and a clock that no place has', function (array $with, string $pointer) use ($house): void {
        $this->putJson('/api/kitchen', $house(...$with))->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
    })->with([[['altitude_m' => 10, 'boiling_c' => 99], '/altitude_m'], [[], '/altitude_m'], [['altitude_m' => 9000], '/altitude_m'], [['boiling_c' => 40], '/boiling_c'], [['altitude_m' => 1, 'timezone' => 'Kiln/Yard'], '/timezone']]);
});

describe('a kitchen of one\'s own', function (): void {
    $new = fn (mixed ...$with): array => ['format' => 'velko.new-kitchen/1', 'kitchen' => 'The Osier Beds', 'name' => 'Chef', 'email' => 'chef@osier.example', 'password' => 'wade-in-slowly', 'timezone' => 'Europe/Dublin', ...$with];

    it('is opened in one step, empty, and its chef is signed in', function () use ($new): void {
        $this->app['auth']->forgetGuards();
        $answer = $this->postJson('/api/kitchens', $new())->assertCreated()->assertJsonPath('cook.kitchen', 'The Osier Beds');
        Station::keeps('session', $answer->getContent());
        $kitchen = $this->getJson('/api/kitchen')->assertOk();
        Station::keeps('kitchen', $kitchen->getContent());
        expect($kitchen->json('pans'))->toBe([])->and($kitchen->json('begin'))->toBeNull();
    });

    it('refuses a taken or a wrong e-mail, a short password, and keeps nothing of it', function (array $with, string $pointer) use ($new): void {
        $kitchens = Kitchen::query()->count();
        $this->app['auth']->forgetGuards();
        User::factory()->create(['email' => 'taken@osier.example']);
        $this->postJson('/api/kitchens', $new(...$with))->assertStatus(422)->assertJsonPath('errors.0.pointer', $pointer);
        expect(Kitchen::query()->count())->toBe($kitchens + 1); // the factory's own
    })->with([[['email' => 'taken@osier.example'], '/email'], [['email' => 'nobody'], '/email'], [['password' => 'short'], '/password'], [['timezone' => 'Mars'], '/timezone']]);

    it('has a door to the demo only where there is a demo', function (): void {
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/session')->assertJsonPath('demo', false);
        $this->postJson('/api/session/demo')->assertNotFound();
        User::factory()->create(['email' => config('velko.demo_cook')]);
        $this->getJson('/api/session')->assertJsonPath('demo', true);
        $this->postJson('/api/session/demo')->assertOk()->assertJsonPath('cook.name', User::query()->where('email', config('velko.demo_cook'))->sole()->name);
    });
});

it('says what a pan would hold while it is being typed, keeps nothing, and names what cannot be', function (): void {
    $pan = ['format' => 'velko.pan/1', 'name' => 'x', 'base_cm' => 40, 'rim_cm' => 42, 'height_cm' => 5, 'metal_j_per_k' => 1500];
    $pans = App\Models\Pan::query()->count();
    $holds = $this->postJson('/api/kitchen/pans/holds', $pan)->assertOk();
    Station::keeps('pan-holds', $holds->getContent());
    expect(App\Models\Pan::query()->count())->toBe($pans);
    $kept = collect($this->postJson('/api/kitchen/pans', [...$pan, 'name' => 'wide 42'])->assertCreated()->json('pans'))->firstWhere('name', 'wide 42');
    expect($holds->json('takes'))->toBe($kept['takes'])->and($holds->json('holds_ml'))->toEqual($kept['holds_ml']);
    $this->postJson('/api/kitchen/pans/holds', [...$pan, 'rim_cm' => 30])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/rim_cm');
    $this->postJson('/api/kitchen/pans/holds', [...$pan, 'base_cm' => null])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/base_cm');
});

describe('a stock', function (): void {
    beforeEach(function (): void {
        $this->stock = ['format' => 'velko.stock/1', 'name' => 'the blend', 'base' => 'vegetable', 'salt_percent' => 0, 'held_at_c' => 90, 'batch_ml' => null, 'allergens' => null];
        $this->with = function (array $stock): Illuminate\Testing\TestResponse {
            $id = collect($this->postJson('/api/kitchen/stocks', [...$this->stock, ...$stock])->assertCreated()->json('stocks'))->firstWhere('name', 'the blend')['id'];
            $this->station->dish->update(['stock_id' => $id, 'diet' => 'vegan']);
            $this->actingAs($this->station->cook->fresh());

            return $this->postJson('/api/work-out', $this->station->ask())->assertOk();
        };
        $this->parts = [
            ['name' => 'shell broth', 'percent' => 70, 'salt_percent' => 0.6, 'base' => 'shellfish', 'allergens' => []],
            ['name' => 'bottled juice', 'percent' => 20, 'salt_percent' => 1.4, 'base' => 'vegetable', 'allergens' => ['celery']],
            ['name' => 'water and a cube', 'percent' => 10, 'salt_percent' => 2.5, 'base' => null, 'allergens' => ['gluten']],
        ];
    });

    it('of several brings the salt and the allergens of each, and what it does to the diet', function (): void {
        $working = ($this->with)(['parts' => $this->parts]);
        Station::keeps('kitchen', $this->getJson('/api/kitchen')->getContent());
        $kept = collect($this->getJson('/api/kitchen')->json('stocks'))->firstWhere('name', 'the blend');
        expect($kept['salt_percent'])->toEqual(0.95)->and($kept['base'])->toBe('shellfish')->and($kept['suits'])->toBe('pescatarian')
            ->and($kept['allergens'])->toBe(['crustaceans', 'molluscs', 'celery', 'gluten'])
            ->and(array_column($working->json('served.allergens'), 'allergen'))->toContain('crustaceans', 'celery', 'gluten')
            ->and($working->json('served.suits'))->toBe('pescatarian');
        // And it goes through the archive whole.
        $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')->assertOk()));
        expect(collect($archive->stocks)->firstWhere('name', 'the blend')->parts[2]->salt_percent)->toEqual(2.5);
    });

    it('of several is refused where its parts are no whole', function (): void {
        $this->postJson('/api/kitchen/stocks', [...$this->stock, 'parts' => array_slice($this->parts, 0, 2)])->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/parts')->assertJsonPath('errors.0.detail', 'must make 100 percent together, not 90');
        $this->postJson('/api/kitchen/stocks', [...$this->stock, 'parts' => [...array_slice($this->parts, 0, 2), [...$this->parts[2], 'salt_percent' => 50]]])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/parts/2/salt_percent');
    });

    it('made from water says how much of that, and of what goes into it, and when', function (): void {
        $ready = collect(($this->with)(['allergens' => []])->json('prep'))->firstWhere('what_fact.code', 'prep.stock');
        $id = $this->station->dish->fresh()->stock_id;
        $this->putJson("/api/kitchen/stocks/$id", [...$this->stock, 'allergens' => [], 'from_water' => ['simmer_min' => 20, 'strained_percent' => 90, 'solids_g_per_l' => 250]])->assertOk();
        $this->actingAs($this->station->cook->fresh());
        $working = $this->postJson('/api/work-out', $this->station->ask())->assertOk();
        Station::keeps('working', $working->getContent());
        $made = collect($working->json('prep'))->firstWhere('what_fact.code', 'prep.stock-from-water');
        expect($made['what'])->toContain('of cold water')->toContain('20 min')
            ->and($made['takes_min'])->toBeGreaterThan($ready['takes_min'] + 15);
        $this->putJson("/api/kitchen/stocks/$id", [...$this->stock, 'from_water' => ['simmer_min' => 20, 'strained_percent' => 5, 'solids_g_per_l' => 250]])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/from_water/strained_percent');
    });
});

it('feels the wind at a ring in the open, and only there', function (): void {
    $ring = ['format' => 'velko.burner/1', 'name' => 'yard', 'ring_cm' => 15, 'fuel' => 'gas', 'rated_w' => 6000, 'marks' => [['mark' => 'low', 'share' => 0.2, 'net_w' => 500], ['mark' => 'high', 'share' => 1, 'net_w' => 1800]]];
    $row = fn (array $more): array => collect($this->postJson('/api/kitchen/burners', [...$ring, ...$more])->assertCreated()->json('burners'))->firstWhere('name', $more['name'] ?? 'yard');
    $yard = $row(['outdoors' => true]);
    $inside = $row(['name' => 'inside']);
    $fire = $row(['name' => 'fire', 'fuel' => 'charcoal']);
    expect([$yard['outdoors'], $inside['outdoors'], $fire['outdoors']])->toBe([true, false, true]);
    $this->actingAs($this->station->cook->fresh());
    $work = fn (array $ring, float $wind): Illuminate\Testing\TestResponse => $this->postJson('/api/work-out', [...$this->station->ask(), 'burner_id' => $ring['id'], 'heat' => 'high', 'wind_m_s' => $wind])->assertOk();
    $codes = fn (Illuminate\Testing\TestResponse $working): array => array_column($working->json('plan.warnings'), 'code');
    expect($codes($work($yard, 2.0)))->toContain('wind-steals')->and($codes($work($yard, 0.0)))->not->toContain('wind-steals')
        ->and($work($inside, 2.0)->json('plan.stock_ml'))->toEqual($work($inside, 0.0)->json('plan.stock_ml'));
    $this->postJson('/api/work-out', [...$this->station->ask(), 'wind_m_s' => 30])->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/wind_m_s');
});
