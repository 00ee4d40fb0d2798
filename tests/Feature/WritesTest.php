<?php

declare(strict_types=1);

use App\Models\Dish;
use App\Models\Firing;
use App\Models\LogLine;
use App\Models\Pan;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\Station;

/* What is sent twice is kept once; of two who change the same the later is told. */

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
});

/** @return array<string, mixed> velko.paper-entry/1 with one line */
function onPaper(Station $station, int $covers = 4): array
{
    return ['format' => 'velko.paper-entry/1', 'lines' => [[
        'format' => 'velko.paper-line/1', 'on' => '2026-05-01', 'at' => '19:30', 'dish_id' => $station->dish->id, 'covers' => $covers, 'pan_id' => null, 'burner_id' => null,
        'stock_ml' => 1200.0, 'late_min' => null, 'looseness' => null, 'bite' => null, 'waste_g' => null, 'by' => null, 'note' => '',
    ]]];
}

/** What adds, and how many there are of it. @return array<string, array{string, callable(Station): array<string, mixed>, callable(): int}> */
function adding(): array
{
    return [
        'lines from paper' => ['/api/log/paper', onPaper(...), static fn (): int => LogLine::query()->count()],
        'firings' => ['/api/nights/2026-05-04/firings', static fn (Station $station): array => ['format' => 'velko.firings-entry/1', 'firings' => [['format' => 'velko.firing-entry/1', 'dish_id' => $station->dish->id, 'covers' => 4, 'starters' => 0, 'label' => 'table 3', 'table_at' => '20:30', 'early_min' => 3, 'late_min' => 2, 'pan_id' => null, 'burner_id' => null, 'on_at' => null, 'parts' => 1, 'to_order' => false]]], static fn (): int => Firing::query()->count()],
        'copies of a dish' => ['copy', static fn (): array => [], static fn (): int => Dish::query()->count()],
        'pans' => ['/api/kitchen/pans', static fn (): array => ['format' => 'velko.pan/1', 'name' => 'another', 'base_cm' => 26, 'rim_cm' => 28, 'height_cm' => 7, 'metal_j_per_k' => 1100, 'weight_g' => null], static fn (): int => Pan::query()->count()],
    ];
}

it('adds once what is sent twice under one key, and answers as it did', function (string $what): void {
    [$path, $body, $count] = adding()[$what];
    $path = $path === 'copy' ? "/api/dishes/{$this->station->dish->id}/copy" : $path;
    $before = $count();
    $key = ['Idempotency-Key' => (string) Str::uuid()];
    $send = fn (array $body, array $headers) => $this->json('POST', $path, $body, $headers);
    $first = $send($body($this->station), $key)->assertCreated();
    $again = $send($body($this->station), $key)->assertCreated()->assertHeader('Idempotency-Replayed', 'true');
    expect($again->getContent())->toBe($first->getContent())->and($count())->toBe($before + 1);
    // The same key for another thing is a mistake of whoever sends it, another's key is their own.
    $send([...$body($this->station), 'more' => 1], $key)->assertStatus(409);
    $this->actingAs(User::factory()->create(['kitchen_id' => $this->station->kitchen->id, 'role' => 'chef']));
    expect($send($body($this->station), $key)->headers->has('Idempotency-Replayed'))->toBeFalse();
})->with(array_keys(adding()));

it('wants a key where something is added, and says so', function (string $what, string $key): void {
    [$path, $body] = adding()[$what];
    $path = $path === 'copy' ? "/api/dishes/{$this->station->dish->id}/copy" : $path;
    $this->json('POST', $path, $body($this->station), ['Idempotency-Key' => $key])->assertStatus(400)->assertJsonPath('detail', 'Idempotency-Key must be 8 to 64 letters, digits, - or _, another for each thing that is added.');
})->with(array_keys(adding()))->with(['none' => '', 'too short' => 'abc', 'odd' => 'not a key at all']);

it('keeps no key of what was refused: put right, it goes through', function (): void {
    $key = ['Idempotency-Key' => (string) Str::uuid()];
    $this->json('POST', '/api/log/paper', onPaper($this->station, 0), $key)->assertStatus(422);
    expect(DB::table('kept_answers')->count())->toBe(0);
    $this->json('POST', '/api/log/paper', onPaper($this->station), $key)->assertCreated();
});

it('forgets keys after two days', function (): void {
    $this->json('POST', '/api/log/paper', onPaper($this->station))->assertCreated();
    $this->travel(49)->hours();
    $this->json('POST', '/api/log/paper', onPaper($this->station))->assertCreated();
    expect(DB::table('kept_answers')->count())->toBe(1);
});

it('strikes a line from paper off again, for chefs, of their own kitchen, and no cook that was at the stove', function (): void {
    $this->postJson('/api/log/paper', onPaper($this->station))->assertCreated();
    $line = $this->getJson('/api/cooks')->json('cooks.0.id');
    $this->actingAs(Station::open()->cook)->deleteJson("/api/log/paper/$line")->assertNotFound();
    $this->actingAs($this->station->cook);
    $cook = $this->postJson('/api/cooks', $this->station->start())->assertCreated()->json('id');
    $this->getJson('/api/cooks')->assertJsonCount(2, 'cooks');
    $this->deleteJson("/api/log/paper/$cook")->assertNotFound();
    $this->deleteJson("/api/log/paper/$line")->assertNoContent();
    $this->deleteJson("/api/log/paper/$line")->assertNotFound();
    $this->getJson('/api/cooks')->assertJsonCount(1, 'cooks');
});

describe('of two who change the same', function (): void {
    beforeEach(function (): void {
        $station = $this->station;
        // A request of its own finds what the one before kept.
        $kitchen = fn () => $this->actingAs($station->cook->fresh())->getJson('/api/kitchen')->assertOk();
        $firing = $station->firing();
        $night = fn () => $this->getJson('/api/nights/2026-05-04')->assertOk();
        $thing = static fn (string $things, array $entry): array => [
            fn () => $kitchen()->json("$things.0.tag"),
            fn (array $more): array => ["/api/kitchen/$things/".$kitchen()->json("$things.0.id"), [...$entry, ...$more]],
        ];
        $this->changes = [
            'a pan' => [...$thing('pans', ['format' => 'velko.pan/1', 'name' => 'wide', 'base_cm' => 26, 'rim_cm' => 28, 'height_cm' => 7, 'metal_j_per_k' => 1100, 'weight_g' => null]), ['height_cm' => 8], ['height_cm' => 9]],
            'a ring' => [...$thing('burners', ['format' => 'velko.burner/1', 'name' => 'ring 9', 'ring_cm' => 18, 'grate_cm' => 30, 'fuel' => 'gas', 'fades_percent_per_min' => 0, 'rated_w' => 3000, 'outdoors' => false, 'marks' => [['mark' => 'low', 'share' => 0.3, 'net_w' => null], ['mark' => 'high', 'share' => 1.0, 'net_w' => null]]]), ['rated_w' => 3500], ['marks' => [['mark' => 'low', 'share' => 0.4, 'net_w' => null], ['mark' => 'high', 'share' => 1.0, 'net_w' => null]]]],
            'a firing' => [fn () => $night()->json('firings.0.tag'), fn (array $more): array => ["/api/firings/$firing->id", ['format' => 'velko.firing-entry/1', 'dish_id' => $station->dish->id, 'covers' => 6, 'starters' => 0, 'label' => '', 'table_at' => '19:40', 'early_min' => 3, 'late_min' => 2, 'pan_id' => null, 'burner_id' => null, 'on_at' => null, 'parts' => 1, 'to_order' => false, ...$more]], ['covers' => 8], ['covers' => 10]],
            'the hands' => [fn () => $night()->json('tag'), fn (array $more): array => ['/api/nights/2026-05-04', ['format' => 'velko.night-entry/1', 'hands' => [['name' => '', 'from' => '17:00', 'to' => '23:00', 'count' => 2]], 'taken' => [], 'wash_min' => 4, 'merge' => true, ...$more]], ['wash_min' => 5], ['wash_min' => 6]],
        ];
    });

    it('tells the later, and puts nothing over what it did not see', function (string $what): void {
        [$tag, $entry, $hers, $his] = $this->changes[$what];
        $put = fn (array $more, ?string $match) => $this->json('PUT', ...$entry($more), headers: ['If-Match' => $match]);
        $seen = $tag();
        expect($seen)->toBeString()->and($tag())->toBe($seen);
        $put($hers, "\"$seen\"")->assertOk();
        $put($his, "\"$seen\"")->assertStatus(412)->assertJsonPath('title', 'Somebody changed this meanwhile');
        expect($tag())->not->toBe($seen);
        $put($his, "\"{$tag()}\"")->assertOk();
        // Whoever does not say which one is asked; * is whatever it is now.
        $put($hers, null)->assertStatus(428)->assertJsonPath('detail', 'If-Match must say which one was changed: its tag in quotes, or * for whatever it is now.');
        $put($hers, '*')->assertOk();
    })->with(['a pan', 'a ring', 'a firing', 'the hands']);

    it('wants it of rices, stocks and dishes too', function (): void {
        $kitchen = $this->getJson('/api/kitchen');
        foreach (['rices', 'stocks', 'ladles', 'devices'] as $things) {
            foreach ($kitchen->json($things) as $thing) {
                expect($thing['tag'])->toMatch('/^[0-9a-f]{20}$/');
            }
        }
        $rice = $kitchen->json('rices.0');
        $body = ['format' => 'velko.rice/1', 'name' => $rice['name'], 'variety' => $rice['variety'], 'window_min' => null, 'grams_per_cup' => 190];
        $this->json('PUT', "/api/kitchen/rices/{$rice['id']}", $body, ['If-Match' => null])->assertStatus(428);
        $page = $this->getJson("/api/dishes/{$this->station->dish->id}")->assertOk();
        $entry = ['format' => 'velko.dish-entry/1', 'rice_id' => $this->station->dish->rice_id, 'stock_id' => $this->station->dish->stock_id, 'dish' => [...$page->json('dish'), 'grams_main' => 77]];
        $this->json('PUT', "/api/dishes/{$this->station->dish->id}", $entry, ['If-Match' => null])->assertStatus(428);
        $this->json('PUT', "/api/dishes/{$this->station->dish->id}", $entry, ['If-Match' => '"99"'])->assertStatus(412);
        $this->json('PUT', "/api/dishes/{$this->station->dish->id}", $entry, ['If-Match' => $page->headers->get('ETag')])->assertOk();
    });
});
