<?php

declare(strict_types=1);

use App\Models\Cook;
use App\Models\CookEvent;
use App\Models\Dish;
use App\Models\Plan;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
});

/** @return array<string, mixed> velko.cook/1 just put on */
function putOn(): array
{
    return test()->postJson('/api/cooks', test()->station->start())->assertCreated()->json();
}

/** @return list<array<string, mixed>> every stage done as planned, from this first liquid on */
function throughTheStages(array $cook, Carbon $first): array
{
    $events = [Station::event('start', at: $first->copy()->subMinutes(3)->format('Y-m-d\TH:i:s.v\Z'))];
    foreach ($cook['working']['plan']['stages'] as $i => $stage) {
        $at = $first->copy()->addMilliseconds((int) round(60000 * $stage['at_min']))->format('Y-m-d\TH:i:s.v\Z');
        $events[] = $stage['volume_ml'] === null
            ? Station::event('done', stage: $i, at: $at)
            : Station::event('pour', stage: $i, volume_ml: $stage['volume_ml'], at: $at);
    }

    return $events;
}

it('cooks a pan from the ask to the log', function (): void {
    $cook = putOn();
    Station::keeps('cook', json_encode($cook));
    expect($cook['state']['status'])->toBe('waiting')->and($cook['state']['stage'])->toBe(0);

    foreach (throughTheStages($cook, Carbon::parse('2026-05-04T19:00:00Z')) as $event) {
        $answer = $this->postJson("/api/cooks/{$cook['id']}/events", $event)->assertCreated();
    }
    Station::keeps('cook', $answer->getContent());
    $answer = $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('verdict', looseness: 'wave', bite: 'right', note: 'as it should be', at: '2026-05-04T19:30:00.000Z'))->assertCreated();
    expect($answer->json('state.status'))->toBe('at-table')
        ->and($answer->json('state.stage'))->toBeNull()
        ->and($answer->json('state.poured_ml'))->toEqual($cook['working']['plan']['stock_ml'])
        ->and($answer->json('state.verdict'))->toBe(['looseness' => 'wave', 'bite' => 'right', 'note' => 'as it should be', 'crust' => null, 'as_wanted' => true])
        ->and($answer->json('happened.at_table.looseness'))->toEqualWithDelta($cook['working']['plan']['at_table']['looseness'], 0.01);

    $log = $this->getJson('/api/cooks')->assertOk();
    Station::keeps('log', $log->getContent());
    expect($log->json('cooks.0.id'))->toBe($cook['id'])
        ->and($log->json('cooks.0.happened.poured_ml'))->toEqual($log->json('cooks.0.planned.stock_ml'))
        ->and($log->json('cooks.0.verdict.note'))->toBe('as it should be');
});

it('counts the same touch once, and refuses another under its id', function (): void {
    $cook = putOn();
    $pour = Station::event('pour', stage: 1, volume_ml: 150);
    $this->postJson("/api/cooks/{$cook['id']}/events", $pour)->assertCreated();
    $this->postJson("/api/cooks/{$cook['id']}/events", $pour)->assertOk();
    $this->postJson("/api/cooks/{$cook['id']}/events", array_reverse($pour))->assertOk();
    $refusal = $this->postJson("/api/cooks/{$cook['id']}/events", [...$pour, 'volume_ml' => 160])->assertStatus(409);
    Station::keeps('problem', $refusal->getContent());
    expect(CookEvent::query()->count())->toBe(1);
});

it('counts a cook once, however often it is put on', function (): void {
    $start = $this->station->start();
    $this->postJson('/api/cooks', $start)->assertCreated();
    $this->postJson('/api/cooks', $start)->assertOk()->assertJsonPath('id', $start['id']);
    expect(Cook::query()->count())->toBe(1)->and(Plan::query()->count())->toBe(1);
});

it('takes another amount and takes a touch back', function (): void {
    $cook = putOn();
    $pour = Station::event('pour', stage: 2, volume_ml: 415.5);
    expect($this->postJson("/api/cooks/{$cook['id']}/events", $pour)->json('state.poured_ml'))->toEqual(415.5);
    $undone = $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('undo', event: $pour['id']))->assertCreated();
    expect($undone->json('state.poured_ml'))->toEqual(0)->and($undone->json('state.done'))->toBe([]);
});

it('keeps a cook that was given up', function (): void {
    $cook = putOn();
    $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('start'));
    $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('abandon'))->assertCreated()->assertJsonPath('state.status', 'given-up');
    Station::keeps('log', $this->getJson('/api/cooks')->assertJsonPath('cooks.0.status', 'given-up')->getContent());
});

it('refuses events that make no sense, and keeps none of them', function (array $event, string $pointer): void {
    $cook = putOn();
    $answer = $this->postJson("/api/cooks/{$cook['id']}/events", $event)->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    expect(array_column($answer->json('errors'), 'pointer'))->toContain($pointer)
        ->and(CookEvent::query()->count())->toBe(0);
})->with([
    'a stage the plan does not have' => [fn () => Station::event('done', stage: 77), '/stage'],
    'a pour where nothing is poured' => [fn () => Station::event('pour', stage: 0, volume_ml: 90), '/stage'],
    'a negative pour' => [fn () => Station::event('pour', stage: 1, volume_ml: -90), '/volume_ml'],
    'a pour without an amount' => [fn () => Station::event('pour', stage: 1), '/volume_ml'],
    'an unknown kind' => [fn () => Station::event('sing'), '/kind'],
    'an id that is none' => [fn () => Station::event('start', id: 'me'), '/id'],
    'a moment that is none' => [fn () => Station::event('start', at: '2026-13-45T99:99:99.000Z'), '/at'],
    'taking back what never was' => [fn () => Station::event('undo', event: 'aaaaaaaa-aaaa-4aaa-8aaa-aaaaaaaaaaaa'), '/event'],
    'a verdict in unknown words' => [fn () => Station::event('verdict', looseness: 'soggy', bite: 'right'), '/looseness'],
    'one field too many' => [fn () => Station::event('start', mood: 'good'), '/mood'],
]);

it('only ever adds events, even for whoever has the database', function (string $sql): void {
    $cook = putOn();
    $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('start'))->assertCreated();
    expect(fn () => DB::statement($sql))->toThrow(QueryException::class, 'cook events are only ever added');
    expect(CookEvent::query()->count())->toBe(1);
})->with(["UPDATE cook_events SET kind = 'abandon'", 'DELETE FROM cook_events']);

it('does not change an old cook when the kitchen changes', function (): void {
    $cook = putOn();
    $this->station->pan->update(['base_cm' => 20, 'name' => 'other']);
    $this->station->dish->update(['name' => 'renamed']);
    expect($this->getJson("/api/cooks/{$cook['id']}")->json('working'))->toEqual($cook['working']);
});

it('turns the pages of a long log without losing or doubling a cook', function (): void {
    foreach (range(1, 30) as $n) {
        $this->postJson('/api/cooks', $this->station->start(ask: $this->station->ask(covers: $n)))->assertCreated();
    }
    $first = $this->getJson('/api/cooks')->json();
    $second = $this->getJson($first['next'])->json();
    $ids = array_column([...$first['cooks'], ...$second['cooks']], 'id');
    expect($ids)->toHaveCount(30)->and(array_unique($ids))->toHaveCount(30)->and($second['next'])->toBeNull();
});

describe('another kitchen', function (): void {
    it('cannot see, touch or list a cook', function (): void {
        $cook = putOn();
        $other = Station::open();
        $this->actingAs($other->cook);
        $this->getJson("/api/cooks/{$cook['id']}")->assertStatus(404);
        $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('abandon'))->assertStatus(404);
        expect($this->getJson('/api/cooks')->json('cooks'))->toBe([])
            ->and(CookEvent::query()->withoutGlobalScopes()->count())->toBe(0);
    });

    it('cannot take a cook over by its id: the same id there is a cook of its own', function (): void {
        $start = $this->station->start();
        $this->postJson('/api/cooks', $start)->assertCreated();
        $other = Station::open();
        $this->actingAs($other->cook)->postJson('/api/cooks', $other->start(id: $start['id']))->assertCreated();
        $this->postJson("/api/cooks/{$start['id']}/events", Station::event('abandon'))->assertCreated();
        expect($this->getJson("/api/cooks/{$start['id']}")->json('state.status'))->toBe('given-up');
        $this->actingAs($this->station->cook);
        expect($this->getJson("/api/cooks/{$start['id']}")->json('state.status'))->toBe('waiting')
            ->and(Cook::query()->withoutGlobalScopes()->count())->toBe(2)
            ->and(Plan::query()->withoutGlobalScopes()->count())->toBe(2);
    });

    it('is out of reach of every query and every policy', function (): void {
        $other = Station::open();
        expect(Dish::query()->whereKey($other->dish->id)->exists())->toBeFalse()
            ->and(Auth::user()->can('view', $other->pan))->toBeFalse()
            ->and(Auth::user()->can('update', $other->burner))->toBeFalse()
            ->and(Auth::user()->can('view', $other->dish))->toBeFalse()
            ->and(Auth::user()->can('view', $this->station->pan))->toBeTrue();
    });
});

it('turns no page that is not there, and does not break on one', function (string $query): void {
    putOn();
    $answer = $this->getJson("/api/cooks?$query");
    expect($answer->getStatusCode())->toBeIn([200, 404, 422], $answer->getContent());
})->with([
    'cursor=garbage', 'cursor[]=x', 'cursor=', 'cursor='.base64_encode('{}'), 'cursor='.base64_encode('[]'), 'cursor='.base64_encode('{"x":1,"_pointsToNextItems":true}'),
    'cursor='.base64_encode('{"plans.table_at":["a"],"cooks.id":{"b":1},"_pointsToNextItems":true}'),
    'cursor='.base64_encode('{"plans.table_at":"not a date","cooks.id":"x","_pointsToNextItems":true}'), 'cursor=%00%ff',
]);

it('does not break on what a device should not say', function (string $body): void {
    $cook = putOn();
    $answer = $this->call('POST', "/api/cooks/{$cook['id']}/events", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
    expect($answer->getStatusCode())->toBe(422, $answer->getContent());
})->with([
    '', 'null', '[]', '"start"', '{', 'bytes that are no UTF-8' => fn () => "{\"kind\":\"\xff\"}", '{"kind":"start"}', '{"kind":["start"]}', '{"kind":"start","id":1,"at":2}', str_repeat('[', 200),
    '{"kind":"pour","id":"aaaaaaaa-aaaa-4aaa-8aaa-aaaaaaaaaaaa","at":"2026-05-04T18:30:00.000Z","stage":1e30,"volume_ml":1}',
    '{"kind":"start","id":"aaaaaaaa-aaaa-4aaa-8aaa-aaaaaaaaaaaa","at":"0000-00-00T00:00:00.000Z"}',
]);
