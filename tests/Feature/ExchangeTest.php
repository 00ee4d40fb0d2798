<?php

declare(strict_types=1);

use App\Contracts\BadDocument;
use App\Contracts\Shape;
use App\Exchange\KitchenArchive;
use App\Models\BurnerSetting;
use App\Models\Dish;
use App\Models\DishVersion;
use App\Models\Kitchen;
use App\Models\Pan;
use App\Models\Rice;
use App\Models\Stock;
use App\Models\User;
use Database\Seeders\KilnHouse;
use Database\Seeders\KilnHouseCooks;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
});

/** The demo kitchen, its chef signed in. */
function kilnHouse(): User
{
    test()->seed(KilnHouse::class);
    $chef = User::query()->where('email', 'chef@kiln.example')->sole();
    test()->actingAs($chef);

    return $chef;
}

/** @return array<mixed> what an outside parser (ical.js, ajv) makes of it */
function outsider(array $asked): array
{
    $process = new Process(['node', base_path('tests/Reference/exchange.mjs')], input: json_encode($asked));
    $process->mustRun();

    return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

describe('a dish', function (): void {
    it('goes out and comes into a second kitchen with nothing lost, in our own JSON and as a recipe', function (string $as): void {
        kilnHouse();
        $out = [];
        foreach (Dish::query()->orderBy('id')->get() as $dish) {
            $answer = $this->get("/api/dishes/{$dish->id}/export?as=$as")->assertOk();
            expect($answer->headers->get('Content-Disposition'))->toContain('attachment');
            $out[$dish->name] = $answer->getContent();
        }
        $this->actingAs(User::factory()->create());
        foreach ($out as $name => $file) {
            $answer = $this->call('POST', '/api/dishes/import', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $file)->assertCreated();
            Station::keeps('imported', $answer->getContent());
            expect($answer->json('name'))->toBe($name);
            $again = $this->get("/api/dishes/{$answer->json('id')}/export?as=$as")->getContent();
            // How much stock it takes is of the kitchen's own pans; the dish is the same.
            $dish = static fn (string $text): array => $as === 'velko' ? json_decode($text, true) : json_decode($text, true)['velko:dish'];
            expect($dish($again))->toEqual($dish($file));
        }
        expect($out)->toHaveCount(8);
    })->with(['velko', 'json-ld']);

    it('keeps its contract by an outside validator (ajv)', function (): void {
        kilnHouse();
        $dish = Dish::query()->where('family', 'risotto')->firstOrFail();
        $document = json_decode($this->get("/api/dishes/{$dish->id}/export")->getContent());
        expect(outsider(['kind' => 'schema', 'name' => 'dish', 'document' => $document]))->toBe([]);
        $document->dish->looseness = 99;
        expect(outsider(['kind' => 'schema', 'name' => 'dish', 'document' => $document])[0]['instancePath'])->toBe('/dish/looseness');
    });

    it('sends a recipe from elsewhere to be read first', function (): void {
        $this->actingAs(User::factory()->create());
        $answer = $this->postJson('/api/dishes/import', ['@context' => 'https://schema.org', '@type' => 'Recipe', 'name' => 'Pea, lovage and lemon risotto', 'recipeIngredient' => ['480 g arborio rice']])->assertStatus(422);
        expect($answer->json('errors.0.pointer'))->toBe('/velko:dish')->and(Dish::query()->count())->toBe(0);
    });

    it('goes out as a recipe that somebody without Velko can cook from', function (): void {
        kilnHouse();
        $risotto = json_decode($this->get('/api/dishes/'.Dish::query()->where('name', 'like', 'pea%')->sole()->id.'/export?as=json-ld')->getContent(), true);
        $text = implode("\n", array_column($risotto['recipeInstructions'], 'text'));
        // Four mains of 80 g: 320 g of rice, 60 g of butter (15 g to 80 g), 60 g of cheese; a shallot's 20 g each, and 25 mL of wine to 80 g.
        expect($risotto['recipeIngredient'][0])->toBe('320 g carnaroli')->and($risotto['recipeIngredient'][1])->toMatch('/^(?:\d{3} mL|1\.?\d* L) vegetable stock$/')
            ->and($text)->toMatch('/Keep (?:\d{3} mL|1\.?\d* L) of stock hot beside it/')
            ->toMatch('/Into the pan, .*olive oil, 80 g shallot.*: until soft/')->toContain('Rice in, 320 g carnaroli')->toMatch('/Toast, on \S+:/')->toContain('Wine, 100 mL')
            ->toMatch('/Pour, \d+ mL/')->toContain('180 g pea purée: for the last two minutes')->toContain('Off the heat')->toMatch('/Finish, 60 g butter, 60 g hard cheese/')->toContain('On top');
        $pan = json_decode($this->get('/api/dishes/'.Dish::query()->where('name', 'like', 'cauliflower%')->sole()->id.'/export?as=json-ld')->getContent(), true);
        expect(implode("\n", array_column($pan['recipeInstructions'], 'text')))->toMatch('/Rest: |Rest, /')->toMatch('/Crust, on /');
    });

    it('leaves no allergen of a foreign recipe unsaid: what is known by name is, what is not is named', function (): void {
        $station = Station::open();
        $this->actingAs($station->cook);
        $recipe = $this->postJson('/api/recipes/read', ['format' => 'velko.recipe-said/1', 'text' => json_encode([
            '@context' => 'https://schema.org', '@type' => 'Recipe', 'name' => 'Risotto of the day', 'recipeYield' => '4',
            'recipeIngredient' => ['320 g carnaroli', '1.2 l chicken stock', '100 ml white wine', 'a knob of butter', '50 g parmesan', '80 g pancetta', '200 g prawns', '40 g house spice mix'],
        ])])->assertOk()->json('recipes.0');
        expect(array_keys(array_filter(array_column($recipe['lines'], 'asks'))))->toBe([7]);
        $lines = array_map(static fn (array $line): array => array_diff_key([...$line, ...$line['asks'] ? ['role' => 'base', 'goes' => 'base'] : []], ['asks' => true]), $recipe['lines']);
        $answer = $this->postJson('/api/recipes', ['format' => 'velko.recipe-entry/1', 'name' => $recipe['name'], 'family' => 'risotto', 'covers' => 4, 'lines' => $lines, 'instructions' => []])->assertCreated();
        $dish = Dish::query()->findOrFail($answer->json('id'));
        expect($dish->butter_g_per_80_g)->toBe(3.8)->and($dish->cheese_g_per_80_g)->toBe(12.5); // a knob is 15 g (common practice); 15 and 50 g over 4 x 80 g
        $working = $this->postJson('/api/work-out', [...$station->ask(), 'dish_id' => $dish->id])->assertOk()->json();
        expect(array_column($working['served']['allergens'], 'allergen'))->toBe(['crustaceans', 'milk', 'sulphites'])
            ->and($working['served']['unknown'])->toBe(['chicken stock', 'pancetta', 'house spice mix'])
            ->and(array_column($working['plan']['warnings'], 'code'))->toContain('not-fully-known');
        // Once somebody has read the labels, it is known.
        $page = $this->getJson("/api/dishes/$dish->id")->json();
        $said = array_map(static fn (array $ingredient): array => [...$ingredient, 'suits' => $ingredient['suits'] ?? 'vegan', 'allergens' => $ingredient['allergens'] ?? []], $page['dish']['ingredients']);
        $this->putJson("/api/dishes/$dish->id", ['format' => 'velko.dish-entry/1', 'rice_id' => $dish->rice_id, 'stock_id' => $dish->stock_id, 'dish' => [...$page['dish'], 'ingredients' => $said]])->assertOk();
        $this->actingAs($station->cook->fresh());
        expect($this->postJson('/api/work-out', [...$station->ask(), 'dish_id' => $dish->id])->json('served.unknown'))->toBe(['chicken stock']);
    });

    it('calls a dish by the diet that it holds, not by the one it was meant for', function (): void {
        $station = Station::open();
        $this->actingAs($station->cook);
        $diet = fn (): ?string => json_decode($this->get("/api/dishes/{$station->dish->id}/export?as=json-ld")->getContent(), true)['suitableForDiet'] ?? null;
        $station->dish->update(['diet' => 'vegetarian', 'butter_g_per_80_g' => 10]);
        Stock::query()->update(['base' => 'vegetable', 'allergens' => '']);
        expect($diet())->toBe('https://schema.org/VegetarianDiet');
        Stock::query()->update(['base' => 'poultry']); // duck stock
        expect($diet())->toBeNull();
        Stock::query()->update(['base' => 'vegetable', 'allergens' => null]);
        expect($diet())->toBeNull(); // nobody has said what is in it
    });

    it('refuses what is no dish, and makes neither rice nor stock for it', function (string $body, string $pointer): void {
        $this->actingAs(User::factory()->create());
        $answer = $this->call('POST', '/api/dishes/import', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body)->assertStatus(422);
        Station::keeps('problem', $answer->getContent());
        expect(array_column($answer->json('errors'), 'pointer'))->toContain($pointer)->and(Rice::query()->count() + Stock::query()->count() + Dish::query()->count())->toBe(0);
    })->with([
        ['', ''], ['[]', ''], ['{"@type":"Person","name":"x"}', '/@type'], ['{"@type":"Recipe"}', '/velko:dish'], ['{"format":"velko.dish/2"}', '/format'],
        ['{"@type":"Recipe","name":"x","velko:dish":{"format":"velko.dish/1"}}', '/rice'],
    ]);

    it('undoes the rice and stock it made when the dish itself is refused', function (): void {
        kilnHouse();
        $file = json_decode($this->get('/api/dishes/'.Dish::query()->where('family', 'risotto')->firstOrFail()->id.'/export')->getContent(), true);
        $this->actingAs(User::factory()->create());
        $this->postJson('/api/dishes/import', [...$file, 'dish' => [...$file['dish'], 'doses' => 'one-pour']])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/dish/doses');
        expect(Rice::query()->count() + Stock::query()->count())->toBe(0);
    });

    it('does not go out of another kitchen', function (): void {
        kilnHouse();
        $id = Dish::query()->where('family', 'risotto')->firstOrFail()->id;
        $this->actingAs(User::factory()->create());
        $this->get("/api/dishes/$id/export")->assertNotFound();
    });
});

describe('a pan', function (): void {
    beforeEach(function (): void {
        kilnHouse();
        $this->ask = ['format' => 'velko.ask/1', 'dish_id' => Dish::query()->where('name', 'like', 'hake%')->sole()->id, 'covers' => 9, 'portion' => 'main', 'pan_id' => null, 'burner_id' => null, 'table_at' => '20:30', 'heat' => null];
    });

    it('gives its ingredients as CSV that an outside reader reads (RFC 4180)', function (): void {
        $answer = $this->postJson('/api/work-out/mise.csv', $this->ask)->assertOk();
        expect($answer->headers->get('Content-Type'))->toBe('text/csv; charset=utf-8');
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($answer->getContent())));
        $working = $this->postJson('/api/work-out', $this->ask)->json();
        expect($rows[0])->toBe(['ingredient', 'amount', 'unit', 'goes in', 'scales'])
            ->and($rows[1])->toBe(['round grain', '630', 'g', 'first', 'with the covers'])
            ->and(array_column($rows, 0))->toContain(...array_column($working['mise'], 'name'))
            ->and(array_column($rows, 0))->toContain('leek, in rings'); // a comma, quoted
    });

    it('never lets a cell begin as a formula', function (): void {
        $row = ['dish' => ['rice' => '=1+1', 'stock' => "a \"b\", c\nd"], 'plan' => ['rice_g' => 1, 'side_pot' => ['make_ml' => 2], 'balance' => ['wine_ml' => 0]], 'mise' => []];
        $csv = App\Exchange\IngredientCsv::of($row);
        expect($csv)->toContain("'=1+1,1,g")->toContain("\"a \"\"b\"\", c\nd\",2,ml");
    });

    it('gives its preparation as a calendar that ical.js reads', function (): void {
        $answer = $this->postJson('/api/work-out/prep.ics', $this->ask)->assertOk();
        $events = outsider(['kind' => 'ics', 'text' => $answer->getContent()]);
        $working = $this->postJson('/api/work-out', $this->ask)->json();
        expect($events)->toHaveCount(count($working['prep']) + 1)->and(array_unique(array_column($events, 'uid')))->toHaveCount(count($events));
        foreach ($working['prep'] as $i => $task) {
            expect($events[$i]['what'])->toContain($task['what'])
                ->and(Carbon::parse($events[$i]['from'])->equalTo(Carbon::parse($task['start_at'])))->toBeTrue()
                ->and(Carbon::parse($events[$i]['to'])->equalTo(Carbon::parse($task['ready_at'])))->toBeTrue();
        }
    });
});

describe('a kitchen whole', function (): void {
    it('goes out and comes into an empty kitchen exactly, what it cooked included', function (): void {
        kilnHouse();
        $this->seed(KilnHouseCooks::class);
        Pan::query()->where('name', '24 sautoir')->sole()->delete();
        $ring = BurnerSetting::query()->where('mark', 'high')->firstOrFail();
        $this->postJson("/api/kitchen/burners/{$ring->burner_id}/boil-off", ['format' => 'velko.boil-off/1', 'mark' => 'high', 'pan_id' => Kitchen::query()->sole()->pans()->firstOrFail()->id, 'before_g' => 4000, 'after_g' => 3500, 'minutes' => 12])->assertCreated();
        $page = $this->getJson('/api/dishes/'.($dish = Dish::query()->where('family', 'risotto')->firstOrFail())->id)->json();
        $this->putJson("/api/dishes/{$dish->id}", ['format' => 'velko.dish-entry/1', 'rice_id' => $page['rice_id'], 'stock_id' => $page['stock_id'], 'dish' => [...$page['dish'], 'looseness' => 0.7]])->assertOk();

        $this->actingAs(User::query()->where('email', 'chef@kiln.example')->sole());
        $out = Station::archive($this->get('/api/kitchen/archive')->assertOk());
        Station::keeps('archive', $out);
        expect(outsider(['kind' => 'schema', 'name' => 'archive', 'document' => json_decode($out)]))->toBe([]);

        $this->actingAs($cook = User::factory()->create());
        $in = $this->call('POST', '/api/kitchen/archive', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $out)->assertCreated();
        Station::keeps('kitchen', $in->getContent());
        $this->actingAs($cook->fresh());
        expect(json_decode(Station::archive($this->get('/api/kitchen/archive')), true))->toEqual(json_decode($out, true))
            ->and($in = json_decode($out, true)['cooks'])->toHaveCount((int) DB::table('cooks')->where('kitchen_id', Kitchen::query()->where('name', 'The Kiln House')->min('id'))->count())->and(count(array_unique(array_column($in, 'by'))))->toBeGreaterThan(1)
            ->and(count(array_filter($in, static fn (array $line): bool => $line['pan'] === null)))->toBeGreaterThan(0)
            ->and($this->getJson('/api/cooks')->json('cooks.0.cook'))->toBe($this->actingAs(User::query()->where('email', 'chef@kiln.example')->sole())->getJson('/api/cooks')->json('cooks.0.cook'))
            ->and(DishVersion::query()->where('dish_id', '>', 0)->count())->toBe(9);
    });

    it('takes in whatever goes out, of kitchens by chance', function (int $seed): void {
        $chance = new Randomizer(new Mt19937($seed));
        $word = static fn (int $most): string => mb_substr(implode(' ', array_map(static fn (): string => ['pan', 'é', '日本', '🍚', '"', '\\', '<b>', '=1+1', "o'", 'x'][$chance->getInt(0, 9)], range(1, $chance->getInt(1, $most)))), 0, $most).'.'.$chance->getInt(0, 999_999);
        $station = Station::open();
        $this->actingAs($station->cook);
        $this->travelTo('2026-05-04T18:30:00Z');
        // As many pans as it may have, some deleted and others in their place, and back as many as there is room for.
        $add = fn (): int => $this->postJson('/api/kitchen/pans', ['format' => 'velko.pan/1', 'name' => mb_substr($word(50), 0, 60), 'base_cm' => 26, 'rim_cm' => 28, 'height_cm' => $chance->getInt(40, 90) / 10, 'metal_j_per_k' => 1100, 'weight_g' => $chance->getInt(0, 1) ? null : 900])->getStatusCode();
        while ($add() === 201);
        $pans = Pan::query()->where('kitchen_id', $station->kitchen->id)->whereKeyNot($station->pan->id)->pluck('id')->all();
        expect(count($pans))->toBe(39);
        $deleted = array_map(static fn (int $at): int => $pans[$at], (array) $chance->pickArrayKeys($pans, $chance->getInt(2, 15)));
        array_map(fn (int $id) => $this->deleteJson("/api/kitchen/pans/$id")->assertOk(), $deleted);
        while ($add() === 201);
        expect($this->postJson("/api/kitchen/pans/$deleted[0]/back")->assertStatus(422)->json('errors.0.detail'))->toContain('at most 40');
        $this->deleteJson('/api/kitchen/pans/'.array_values(array_diff($pans, $deleted))[0])->assertOk();
        $this->postJson("/api/kitchen/pans/$deleted[0]/back")->assertOk();
        // Dishes in some versions, paper, a night, own numbers, cooks with long notes and photos.
        $page = $this->getJson("/api/dishes/{$station->dish->id}")->json();
        for ($version = $chance->getInt(1, 4); $version > 0; $version--) {
            $this->putJson("/api/dishes/{$station->dish->id}", ['format' => 'velko.dish-entry/1', 'rice_id' => $page['rice_id'], 'stock_id' => $page['stock_id'], 'dish' => [...$page['dish'], 'name' => $word(40), 'grams_main' => 70 + $version]])->assertOk();
        }
        $this->postJson("/api/dishes/{$station->dish->id}/copy")->assertCreated();
        $line = fn (): array => ['format' => 'velko.paper-line/1', 'on' => sprintf('2026-04-%02d', $chance->getInt(1, 30)), 'at' => null, 'dish_id' => $station->dish->id, 'covers' => $chance->getInt(1, 400), 'pan_id' => $chance->getInt(0, 1) ? $station->pan->id : null, 'burner_id' => null, 'stock_ml' => $chance->getInt(10, 100_000) * 1.0, 'late_min' => $chance->getInt(-120, 240) / 1.0, 'looseness' => null, 'bite' => null, 'waste_g' => null, 'by' => $word(60), 'note' => mb_substr(str_repeat($word(200), 6), 0, 500)];
        $this->postJson('/api/log/paper', ['format' => 'velko.paper-entry/1', 'lines' => array_map($line, range(1, $chance->getInt(1, 12)))])->assertCreated();
        $station->firing(label: $word(30), covers: $chance->getInt(1, 400));
        for ($cook = $chance->getInt(1, 3); $cook > 0; $cook--) {
            $id = $this->postJson('/api/cooks', $station->start())->assertCreated()->json('id');
            $this->postJson("/api/cooks/$id/events", Station::event('start'))->assertCreated();
            $this->postJson("/api/cooks/$id/events", Station::event('note', note: mb_substr(str_repeat($word(200), 6), 0, 500)))->assertCreated();
            $picture = imagecreatetruecolor($chance->getInt(1, 1500), $chance->getInt(1, 1500));
            ob_start();
            imagepng($picture);
            $this->call('PUT', "/api/cooks/$id/photo", server: ['CONTENT_TYPE' => 'image/png', 'HTTP_ACCEPT' => 'application/json'], content: (string) ob_get_clean())->assertOk();
        }
        $archive = fn (User $user): string => (string) gzdecode((string) $this->actingAs($user->fresh())->get('/api/kitchen/archive')->assertOk()->streamedContent());
        $out = $archive($station->cook);
        [$head, $cooks] = explode("\n", $out, 2);
        $this->actingAs($other = User::factory()->create(['role' => 'chef']));
        $send = fn (string $path, string $body) => $this->call('POST', $path, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        $send('/api/kitchen/archive', $head)->assertCreated();
        $this->actingAs($other->fresh());
        $send('/api/kitchen/archive/cooks', $cooks)->assertOk()->assertJsonPath('cooks_to_come', 0);
        // As JSON, since a float that is whole may be written either way.
        $read = static fn (string $lines): array => array_map(static fn (string $line): mixed => json_decode($line, true), explode("\n", trim($lines)));
        expect($read($archive($other)))->toEqual($read($out));
    })->with(range(1, 6));

    it('goes out in no more memory, however many cooks have gone before', function (): void {
        kilnHouse();
        $this->seed(KilnHouseCooks::class);
        $kitchen = Kitchen::query()->sole();
        $grown = static function () use ($kitchen): int {
            gc_collect_cycles();
            $before = memory_get_usage();
            foreach (KitchenArchive::lines($kitchen) as $line) {
                unset($line);
            }
            gc_collect_cycles();

            return memory_get_usage() - $before;
        };
        $grown();
        // Less than a hundred bytes a cook; one that is kept whole has some fifteen thousand.
        expect($grown())->toBeLessThan(100 * $kitchen->cooks()->count());
    });

    it('comes in by parts, each as often as it is sent, or goes again as a whole', function (): void {
        kilnHouse();
        $this->seed(KilnHouseCooks::class);
        $lines = explode("\n", trim(gzdecode($this->get('/api/kitchen/archive')->streamedContent())));
        Station::keeps('archive-head', $lines[0]);
        expect(outsider(['kind' => 'schema', 'name' => 'archive-head', 'document' => json_decode($lines[0])]))->toBe([])
            ->and(outsider(['kind' => 'schema', 'name' => 'archive-cook', 'document' => json_decode($lines[1])]))->toBe([]);
        $send = fn (string $method, string $path, string $body = '') => $this->call($method, "/api/kitchen/archive$path", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);

        $this->actingAs($cook = User::factory()->create());
        $send('POST', '/cooks', $lines[1])->assertStatus(422)->assertJsonPath('errors.0.detail', 'no archive is being brought in');
        $send('POST', '', $lines[0])->assertCreated()->assertJsonPath('cooks_to_come', $all = count($lines) - 1);
        $this->actingAs($cook->fresh());
        $part = implode("\n", array_slice($lines, 1, 9));
        Station::keeps('archive-came', $send('POST', '/cooks', $part)->assertOk()->assertJsonPath('cooks_to_come', $all - 9)->getContent());
        $send('POST', '/cooks', $part)->assertOk()->assertJsonPath('cooks_to_come', $all - 9);
        $send('POST', '/cooks', $lines[10]."\n".str_replace('"covers":', '"covers":-', $lines[11]))->assertStatus(422)->assertJsonPath('errors.0.pointer', '/2/request/covers');
        $send('DELETE', '')->assertOk()->assertJsonPath('pans', []);
        $this->actingAs($cook->fresh());
        $send('DELETE', '')->assertStatus(422);
        $send('POST', '', $lines[0])->assertCreated();
        $this->actingAs($cook->fresh());
        $send('POST', '/cooks', implode("\n", array_slice($lines, 1)))->assertOk()->assertJsonPath('cooks_to_come', 0);
        $this->actingAs($cook->fresh());
        expect(explode("\n", trim(gzdecode($this->get('/api/kitchen/archive')->streamedContent()))))->toEqual($lines);
    });

    it('walks through every text once, however many marks of quotation are in it', function (): void {
        // Measured as a ratio in one run: four times as long a text takes some four times as long, not sixteen.
        $took = static function (int $marks): float {
            $json = '{"a":"'.str_repeat('\\"', $marks).'","b":1}';
            $from = hrtime(true);
            Shape::read($json);

            return hrtime(true) - $from;
        };
        $took(1000);
        expect($took(1_000_000) / $took(250_000))->toBeLessThan(10.0)
            ->and(fn () => Shape::read('{"'.str_repeat('a', 401).'" :1}'))->toThrow(BadDocument::class, 'name')
            ->and(fn () => Shape::read('{"x":"'.str_repeat('a', 401).'","'.str_repeat('\\u00e4', 401).'":1}'))->toThrow(BadDocument::class, 'name')
            ->and(Shape::read('{"x":"'.str_repeat('a', 401).'", "'.str_repeat('a', 400).'" :1}'))->toBeObject();
    });

    it('costs next to nothing to refuse, whatever is sent for one', function (): void {
        $this->actingAs(Station::open()->cook);
        $attacks = [str_repeat('[', 33_000_000), '{"format":"velko.archive/1","house":'.str_repeat('[1,', 8_000_000), '{"'.str_repeat('a', 30_000_000).'":1}', str_repeat('{"a":', 100_000), str_repeat(' ', 33_000_000)];
        foreach ($attacks as $attack) {
            memory_reset_peak_usage();
            $before = memory_get_peak_usage();
            $answer = $this->call('POST', '/api/kitchen/archive', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $attack);
            expect($answer->getStatusCode())->toBe(422)
                ->and($answer->headers->get('Content-Type'))->toBe('application/problem+json')
                // The body itself is there, and a copy of it; nothing is built of it.
                ->and(memory_get_peak_usage() - $before)->toBeLessThan(70_000_000);
        }
    });

    it('plays every cook back before it keeps any, and says which cannot be', function (string $path, mixed $value, string $pointer): void {
        kilnHouse();
        $this->seed(KilnHouseCooks::class);
        $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')), true);
        data_set($archive, $path, $value);
        $this->actingAs($cook = User::factory()->create());
        $answer = $this->postJson('/api/kitchen/archive', $archive)->assertStatus(422);
        expect($answer->json('errors.0.pointer'))->toBe($pointer);
        $this->actingAs($cook->fresh());
        expect($this->getJson('/api/kitchen')->json('pans'))->toBe([])->and($this->getJson('/api/cooks')->json('cooks'))->toBe([]);
    })->with([
        'a heat its burner has not' => ['cooks.3.working.plan.heat.0.setting', 'nuclear', '/cooks/3/working'],
        'a stage that is none' => ['cooks.2.events.1.event.stage', 99, '/cooks/2/events/1/event/stage'],
        'a request past the possible' => ['cooks.1.request.covers', -3, '/cooks/1/request/covers'],
        'a moment that is none' => ['cooks.0.table_at', 'soon', '/cooks/0/table_at'],
        'an event of no kind' => ['cooks.0.events.1.event', ['kind' => 'dance'], '/cooks/0/events/1/event/kind'],
    ]);

    it('takes an archive from before there was a log in it', function (): void {
        kilnHouse();
        $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')), true);
        unset($archive['cooks'], $archive['house']['safety']);
        $this->actingAs(User::factory()->create());
        $this->postJson('/api/kitchen/archive', $archive)->assertCreated()->assertJsonPath('safety.fridge_days', 7);
    });

    it('goes into an empty kitchen only', function (): void {
        $station = Station::open();
        $this->actingAs($station->cook);
        $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')), true);
        $this->postJson('/api/kitchen/archive', $archive)->assertStatus(422)->assertJsonPath('errors.0.detail', 'goes into an empty kitchen; this one has pans already');
    });

    it('goes in whole or not at all, and says where it is wrong', function (string $path, mixed $value, string $pointer): void {
        kilnHouse();
        $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')), true);
        data_set($archive, $path, $value);
        $this->actingAs($cook = User::factory()->create());
        $answer = $this->postJson('/api/kitchen/archive', $archive)->assertStatus(422);
        expect(array_column($answer->json('errors'), 'pointer'))->toContain($pointer);
        $this->actingAs($cook->fresh());
        expect($this->getJson('/api/kitchen')->json('pans'))->toBe([])->and($cook->fresh()->kitchen->name)->not->toBe('The Kiln House');
    })->with([
        ['dishes.7.rice', 'unobtainium', '/dishes/7/rice'], ['dishes.5.dish.crust', 'dark', '/dishes/5/dish/crust'], ['pans.1.rim_cm', 11, '/pans/1/rim_cm'],
        ['pans.2.name', '24 sautoir', '/pans/2/name'], ['house.timezone', 'Mars', '/house/timezone'], ['dishes.0.versions.0.at', 'yesterday week', '/dishes/0/versions/0/at'], ['ladles', 'three', '/ladles'],
    ]);
});

it('answers a thousand malformed files with a thousand clear refusals, and keeps nothing of any', function (): void {
    kilnHouse();
    $this->seed(KilnHouseCooks::class);
    $archive = json_decode(Station::archive($this->get('/api/kitchen/archive')));
    $archive->cooks = array_slice($archive->cooks, 0, 2);
    $sources = [
        '/api/dishes/import' => [$this->get('/api/dishes/'.Dish::query()->where('family', 'risotto')->firstOrFail()->id.'/export')->getContent(), $this->get('/api/dishes/'.Dish::query()->where('family', 'risotto')->firstOrFail()->id.'/export?as=json-ld')->getContent()],
        '/api/kitchen/archive' => [json_encode($archive)],
    ];
    $cook = User::factory()->create();
    $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class);
    $chance = new Randomizer(new Mt19937(4));
    $odd = [null, true, -1, 1e300, '', [], new stdClass, 'x', "\u{0}", str_repeat('9', 5000), [[]], 3.5];
    $refused = 0;
    for ($i = 0; $i < 1000; $i++) {
        $address = $chance->getInt(0, 9) < 7 ? '/api/dishes/import' : '/api/kitchen/archive';
        $files = $sources[$address];
        $file = $files[$chance->getInt(0, count($files) - 1)];
        if ($chance->getInt(0, 4) === 0) {
            $file = substr($file, 0, $chance->getInt(0, (int) (0.9 * strlen($file)))); // cut off
        } else {
            $document = json_decode($file);
            if ($document->{'velko:dish'} ?? false) {
                spoil($document->{'velko:dish'}, $chance, $odd);
            } else {
                spoil($document, $chance, $odd);
            }
            $file = (string) json_encode($document, JSON_PARTIAL_OUTPUT_ON_ERROR);
        }
        $answer = $this->actingAs($cook)->call('POST', $address, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $file);
        expect($answer->getStatusCode())->toBe(422, substr($file, 0, 300))
            ->and($answer->json('errors.0.detail'))->toBeString()->not->toBe('');
        $refused++;
    }
    $this->actingAs($cook->fresh());
    $kitchen = $this->getJson('/api/kitchen')->json();
    expect($refused)->toBe(1000)->and([$kitchen['pans'], $kitchen['rices'], $kitchen['stocks'], $kitchen['dishes'], $kitchen['burners'], $kitchen['ladles']])->toBe([[], [], [], [], [], []]);
});

/** What may be left out, and the parts in which much may be: there something is put in, never taken away. */
const OPTIONAL = ['instructions', 'name_fact', 'sodium_most_mg', 'grate_cm', 'plates_c', 'salt_low', 'salt_high', 'temperature_c', 'weight_g', 'cooks', 'safety', 'before_min', 'until', 'comes_out', 'food', 'needs', 'drinks_ml_per_80_g', 'gives_ml_per_80_g', 'drinks_ml', 'gives_ml', 'glug_ml', 'fades_percent_per_min', 'reach_c', 'boiled', 'drinks_g_per_g', 'pace', 'cover', 'wine_percent', 'wine_cooked_off', 'butter_c', 'empty_within_min', 'pan_on_at', 'lead_min', 'items', 'fried', 'fat', 'rained_in', 'two_pours', 'finish_on_the_heat', 'plated', 'cream_g_per_80_g', 'marrow_g_per_80_g', 'oil_g_per_80_g', 'cream_g_per_cover', 'marrow_g_per_cover', 'oil_g_per_cover', 'base_apart', 'oven_c', 'outdoors', 'from_water', 'parts', 'wind_m_s', 'cover_from_grains', 'cover_last_min', 'on_the_rice', 'cooled_first_min', 'cooled_min', 'reheat_c', 'nights', 'services', 'serves', 'part_cooked_share', 'part_cooked_mm', 'part_cooks', 'part_cooked', 'to_order', 'way', 'own', 'paper', 'spread_percent', 'spread_mm', 'crust_covered_percent', 'waste_g', 'waste_plates', 'photo', 'source', 'on_ring', 'browns'];
const LENIENT = ['request', 'ask', 'change', 'event', 'prep'];

/** Puts something where it cannot be, or takes away something that must be there. */
function spoil(stdClass $document, Randomizer $chance, array $odd): void
{
    $at = $document;
    $lenient = false;
    while (true) {
        $fields = array_keys(get_object_vars($at));
        $field = $fields[$chance->getInt(0, count($fields) - 1)];
        $next = is_array($at->{$field}) ? ($at->{$field}[0] ?? null) : $at->{$field};
        if ($next instanceof stdClass && get_object_vars($next) !== [] && $chance->getInt(0, 3) > 0) {
            $at = $next;
            $lenient = $lenient || in_array($field, LENIENT, true);

            continue;
        }
        if ($chance->getInt(0, 2) === 0 && ! $lenient && ! in_array($field, OPTIONAL, true)) {
            unset($at->{$field});
        } else {
            // No field takes an object of this shape.
            $at->{$field} = $chance->getInt(0, 1) === 0 ? (object) ['?' => $odd[$chance->getInt(0, count($odd) - 1)]] : (object) [];
        }

        return;
    }
}
