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
    $answer = $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('verdict', looseness: 'wave', bite: 'right', note: 'as it should be', salt: 'right', at: '2026-05-04T19:30:00.000Z'))->assertCreated();
    expect($answer->json('state.status'))->toBe('at-table')
        ->and($answer->json('state.stage'))->toBeNull()
        ->and($answer->json('state.poured_ml'))->toEqual($cook['working']['plan']['stock_ml'])
        ->and($answer->json('state.verdict'))->toBe(['looseness' => 'wave', 'bite' => 'right', 'note' => 'as it should be', 'crust' => null, 'salt' => 'right', 'spread_mm' => null, 'crust_covered_percent' => null, 'waste_g' => null, 'waste_plates' => null, 'as_wanted' => true])
        ->and($answer->json('happened.at_table.looseness'))->toEqualWithDelta($cook['working']['plan']['at_table']['looseness'], 0.01);

    $log = $this->getJson('/api/cooks')->assertOk();
    Station::keeps('log', $log->getContent());
    expect($log->json('cooks.0.id'))->toBe($cook['id'])
        ->and($log->json('cooks.0.happened.poured_ml'))->toEqual($log->json('cooks.0.planned.stock_ml'))
        ->and($log->json('cooks.0.verdict.note'))->toBe('as it should be');
});

it('counts the same touch once, and refuses another under its id', function (): void {
    $cook = putOn();
    $pour = Station::event('pour', stage: 2, volume_ml: 150);
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
    $pour = Station::event('pour', stage: 3, volume_ml: 415.5);
    expect($this->postJson("/api/cooks/{$cook['id']}/events", $pour)->json('state.poured_ml'))->toEqual(415.5);
    $undone = $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('undo', event: $pour['id']))->assertCreated();
    expect($undone->json('state.poured_ml'))->toEqual(0)->and($undone->json('state.done'))->toBe([]);
});

it('puts a pan back on the heat that was taken off by mistake', function (): void {
    $cook = putOn();
    $stages = array_column($cook['working']['plan']['stages'], 'kind');
    $says = fn (string $kind, int $second, mixed ...$with) => $this->postJson("/api/cooks/{$cook['id']}/events", Station::event($kind, ...$with, at: sprintf('2026-05-04T18:%02d:%02d.000Z', 30 + intdiv($second, 60), $second % 60)))->assertCreated()->json();
    foreach ([[0, array_search('wine', $stages, true)], [240, array_search('pour', $stages, true)]] as [$second, $stage]) {
        $says('pour', $second, stage: $stage, volume_ml: 150);
    }
    $before = $says('heat', 600, mark: 'medium');
    $off = $says('done', 601, stage: array_search('off', $stages, true));
    $back = $says('back-on', 661);
    Station::keeps('cook', json_encode($back));
    expect($off['forecast']['pass'])->not->toBeNull()
        ->and($back['forecast']['pass'])->toBeNull()
        ->and($back['state']['stage'])->toBe($before['state']['stage'])
        ->and($back['state']['undo']['kind'])->toBe('back-on')
        // A minute off the heat costs up to a minute, and some more to be hot again.
        ->and($back['forecast']['pull_min'] - $before['forecast']['pull_min'])->toBeGreaterThan(0.05)->toBeLessThan(2.5);
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
        $this->postJson('/api/cooks', $this->station->start(ask: $this->station->ask(covers: 1 + $n % 9)))->assertCreated();
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

describe('what really happens', function (): void {
    beforeEach(function (): void {
        $this->travelTo(Carbon::parse('2026-05-04T19:00:00Z'));
        $this->cook = putOn();
        foreach (array_slice(throughTheStages($this->cook, Carbon::parse('2026-05-04T19:00:00Z')), 0, 6) as $event) {
            $this->postJson("/api/cooks/{$this->cook['id']}/events", $event)->assertCreated();
        }
        $this->say = fn (string $kind, mixed ...$with) => $this->postJson("/api/cooks/{$this->cook['id']}/events", Station::event($kind, ...['at' => '2026-05-04T19:06:00.000Z', ...$with]));
    });

    it('takes every kind of touch, and each answer keeps its contract', function (string $kind, array $with): void {
        $answer = ($this->say)($kind, ...$with)->assertCreated();
        Station::keeps('cook', $answer->getContent());
        expect($answer->json('forecast.steps'))->not->toBeEmpty()
            ->and($answer->json('forecast.stock_spread_ml.0'))->toBeLessThanOrEqual($answer->json('forecast.stock_spread_ml.1'));
    })->with([
        'a splash' => ['splash', ['volume_ml' => 40, 'water' => true]], 'something lifted out' => ['lift', ['volume_ml' => 30]], 'the knob' => ['heat', ['mark' => 'high']], 'the lid' => ['lid', ['on' => true]],
        'a sign' => ['sign', ['sign' => 'dry-trail']], 'not yet' => ['not-yet', ['stage' => 5]], 'a taste' => ['taste', ['taste' => 'crunchy']], 'the salt' => ['taste', ['salt' => 'flat']], 'the scale' => ['weigh', ['gross_g' => 2700, 'tare_g' => 1400, 'extras_g' => 120]], 'a work beside it' => ['beside', ['work' => 0, 'is' => 'begun']], 'a trouble' => ['trouble', ['what' => 'swimming']],
    ]);

    it('moves the forecast with what happened, says so in a line, and takes it back', function (): void {
        $before = $this->getJson("/api/cooks/{$this->cook['id']}")->json('forecast');
        $hot = ($this->say)('heat', mark: 'high')->json();
        expect($hot['forecast']['setting'])->toBe('high')->and($hot['forecast']['stock_ml'])->toBeGreaterThan($before['stock_ml'] + 100)->and($hot['forecast']['said'])->toMatch('/^on high, \d+ mL more/');
        $undone = ($this->say)('undo', event: $hot['state']['last'], at: '2026-05-04T19:06:01.000Z')->json();
        expect($undone['forecast']['stock_ml'])->toEqualWithDelta($before['stock_ml'], 5.1)->and($undone['forecast']['setting'])->toBe('medium')->and($undone['state']['last'])->not->toBe($hot['state']['last']);
    });

    it('has on its page what was weighed, tasted, seen, covered and turned, who said it and what the ring was found to give; not what was taken back', function (): void {
        ($this->say)('heat', mark: 'high', at: '2026-05-04T19:06:00.000Z');
        $turned = $this->getJson("/api/cooks/{$this->cook['id']}")->json('state.last');
        ($this->say)('undo', event: $turned, at: '2026-05-04T19:06:01.000Z');
        ($this->say)('lid', on: true, at: '2026-05-04T19:06:30.000Z');
        ($this->say)('taste', taste: 'crunchy', at: '2026-05-04T19:07:00.000Z');
        ($this->say)('trouble', what: 'swimming', at: '2026-05-04T19:07:30.000Z');
        $happened = ($this->say)('weigh', gross_g: 2600, tare_g: 1400, extras_g: 120, at: '2026-05-04T19:08:00.000Z')->json('happened');
        $beside = collect($happened['touched'])->whereNotIn('event.kind', ['start', 'done', 'pour'])->values();
        expect($beside->pluck('event.kind')->all())->toBe(['lid', 'taste', 'trouble', 'weigh'])
            ->and($beside->pluck('by')->unique()->all())->toBe([$this->station->cook->name])
            ->and($beside[3]['event']['gross_g'])->toBe(2600)
            ->and($beside[3]['minute'] - $beside[1]['minute'])->toEqualWithDelta(1.0, 0.01)
            ->and($happened['power']['weighed'])->toBeTrue()->and($happened['power']['times'])->not->toEqual(1.0);
    });

    it('knows of a work beside the pan when it was begun and when it was ready, once each, and takes that back', function (): void {
        $beside = fn (string $is, string $at) => ($this->say)('beside', work: 0, is: $is, at: "2026-05-04T19:{$at}.000Z")->assertCreated()->json();
        $beside('begun', '06:10');
        expect($beside('begun', '06:40')['state']['beside'])->toBe([['work' => 0, 'begun_at' => '2026-05-04T19:06:10.000Z', 'ready_at' => null]]);
        $ready = $beside('ready', '08:00');
        expect($ready['state']['beside'][0]['ready_at'])->toBe('2026-05-04T19:08:00.000Z')
            ->and(($this->say)('undo', event: $ready['state']['last'], at: '2026-05-04T19:08:01.000Z')->json('state.beside'))->toBe([['work' => 0, 'begun_at' => '2026-05-04T19:06:10.000Z', 'ready_at' => null]])
            ->and(collect($ready['happened']['touched'])->where('event.kind', 'beside')->pluck('event.is')->all())->toBe(['begun', 'ready']);
    });

    it('remembers what the empty pan weighs', function (): void {
        expect($this->getJson("/api/cooks/{$this->cook['id']}")->json('scale.tare_g'))->toBeNull();
        ($this->say)('weigh', gross_g: 2700, tare_g: 1415.5, extras_g: 100)->assertCreated();
        expect($this->getJson('/api/cooks/'.putOn()['id'])->json('scale.tare_g'))->toBe(1415.5);
    });

    it('refuses what this pan cannot be, by field and range', function (string $kind, array $with, string $pointer, string $detail): void {
        $answer = ($this->say)($kind, ...$with)->assertStatus(422);
        Station::keeps('problem', $answer->getContent());
        expect($answer->json('errors.0.pointer'))->toBe($pointer)->and($answer->json('errors.0.detail'))->toContain($detail);
        expect(CookEvent::query()->where('kind', $kind)->count())->toBe(0);
    })->with([
        ['heat', ['mark' => 'nuclear'], '/mark', 'must be one of the marks of this ring: '], ['weigh', ['gross_g' => 1500, 'tare_g' => 1400, 'extras_g' => 120], '/gross_g', '1520 g'], ['weigh', ['gross_g' => 50000, 'tare_g' => 1400, 'extras_g' => 120], '/gross_g', 'the pan full of water to the rim'], ['weigh', ['gross_g' => -1, 'tare_g' => 0, 'extras_g' => 0], '/gross_g', '200000'],
        ['splash', ['volume_ml' => 0, 'water' => false], '/volume_ml', '20000'], ['taste', ['taste' => 'weird'], '/taste', ''], ['taste', [], '/taste', 'what the tongue does'], ['taste', ['salt' => 'bitter'], '/salt', ''], ['not-yet', ['stage' => 999], '/stage', 'index of the stage'], ['beside', ['work' => 99, 'is' => 'ready'], '/work', 'from 0 to 0'], ['beside', ['work' => 0, 'is' => 'burnt'], '/is', ''], ['lid', ['on' => 'maybe'], '/on', ''],
    ]);

    it('knows the way back from everything that can go wrong, and keeps it in the kitchen', function (): void {
        $ways = $this->getJson("/api/cooks/{$this->cook['id']}/ways-back")->assertOk();
        Station::keeps('ways-back', $ways->getContent());
        expect(collect($ways->json('ways'))->pluck('trouble')->all())->toBe(['hard-and-dry', 'hard-and-wet', 'soft-outside', 'swimming', 'tight', 'catching', 'too-salty', 'stock-out']);
        Station::keeps('ways-back', $this->getJson('/api/cooks/'.putOn()['id'].'/ways-back')->assertJsonPath('ways', [])->getContent());
        $this->actingAs(Station::open()->cook);
        $this->getJson("/api/cooks/{$this->cook['id']}/ways-back")->assertNotFound();
    });

    it('says with the first liquid that a cook who came late to every call before it is called early', function (): void {
        $cook = putOn();
        $stages = $cook['working']['plan']['stages'];
        $liquid = (int) collect($stages)->search(static fn (array $stage): bool => $stage['volume_ml'] !== null);
        $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('start', at: '2026-05-04T18:50:00.000Z'))->assertCreated();
        foreach (range(0, $liquid) as $stage) {
            $answer = $this->postJson("/api/cooks/{$cook['id']}/events", Station::event($stage === $liquid ? 'pour' : 'done', ...['stage' => $stage, 'at' => sprintf('2026-05-04T18:5%d:00.000Z', $stage + 1), 'late_s' => 61 + $stage, ...$stage === $liquid ? ['volume_ml' => $stages[$stage]['volume_ml']] : []]))->assertCreated();
        }
        Station::keeps('cook', $answer->getContent());
        // The least of the last three, to five seconds.
        $least = 61 + max(0, $liquid - 2);
        expect($answer->json('forecast.early_s'))->toEqual($least)
            ->and($answer->json('forecast.said_facts.0.code'))->toBe('change.calling-early')
            ->and($answer->json('forecast.said_facts.0.args.by.s'))->toEqual(5 * round($least / 5));
    });

    it('asks for a lid to come off when a remedy has had it on for long enough', function (): void {
        $lid = ($this->say)('lid', on: true, for_s: 120, at: '2026-05-04T19:05:00.000Z')->assertCreated();
        Station::keeps('cook', $lid->getContent());
        $steps = collect($lid->json('forecast.steps'))->where('kind', 'lid')->values();
        // The first liquid went in at seven: five minutes and two.
        expect($steps)->toHaveCount(1)->and($steps[0]['at_min'])->toEqualWithDelta(7.0, 0.01)->and($steps[0]['stage'])->toBeNull()->and($steps[0]['say'])->toBe('lid off');
        $off = ($this->say)('lid', on: false, at: '2026-05-04T19:07:10.000Z')->assertCreated();
        expect(collect($off->json('forecast.steps'))->where('kind', 'lid')->all())->toBe([])->and($off->json('state.lid_on'))->toBeFalse();
        ($this->say)('lid', on: true, for_s: 0)->assertStatus(422)->assertJsonPath('errors.0.pointer', '/for_s');
    });

    it('follows the pan when nobody pours, and off the heat says how long it stays right', function (): void {
        $this->travelTo(Carbon::parse('2026-05-04T19:20:00Z'));
        $late = $this->getJson("/api/cooks/{$this->cook['id']}")->json('forecast');
        expect($late['from_min'])->toEqualWithDelta(20.0, 0.1)->and($late['now']['free_g'])->toBeLessThan(100);
        $off = collect($this->cook['working']['plan']['stages'])->search(static fn (array $stage): bool => $stage['kind'] === 'off');
        $pass = ($this->say)('done', stage: $off, at: '2026-05-04T19:20:00.000Z')->assertCreated();
        Station::keeps('cook', $pass->getContent());
        expect($pass->json('forecast.pass.ready_min'))->toBeGreaterThan(20)->and($pass->json('forecast.pass.loosen'))->toHaveCount(25);
    });

    it('does not break on any order of touches', function (): void {
        $chance = new Random\Randomizer(new Random\Engine\Mt19937(11));
        $kinds = [
            static fn () => ['splash', ['volume_ml' => $chance->getInt(1, 900), 'water' => $chance->getInt(0, 1) === 1]], static fn () => ['lift', ['volume_ml' => $chance->getInt(1, 900)]],
            static fn () => ['heat', ['mark' => ['low', 'medium', 'high'][$chance->getInt(0, 2)]]], static fn () => ['lid', ['on' => $chance->getInt(0, 1) === 1]],
            static fn () => ['sign', ['sign' => ['wine-gone', 'dry-trail', 'grains-show', 'crackle', 'spoon-resists'][$chance->getInt(0, 4)]]], static fn () => ['not-yet', ['stage' => $chance->getInt(0, 9)]],
            static fn () => ['taste', ['taste' => ['crunchy', 'nearly', 'right', 'soft'][$chance->getInt(0, 3)]]], static fn () => ['taste', ['salt' => ['flat', 'right', 'salty'][$chance->getInt(0, 2)]]], static fn () => ['weigh', ['gross_g' => $chance->getInt(1600, 6000), 'tare_g' => 1400, 'extras_g' => 100]],
            static fn () => ['done', ['stage' => $chance->getInt(0, 14)]], static fn () => ['pour', ['stage' => $chance->getInt(2, 4), 'volume_ml' => $chance->getInt(0, 900)]],
        ];
        $this->withoutMiddleware([Illuminate\Routing\Middleware\ThrottleRequests::class, App\Http\Middleware\Work::class]);
        for ($i = 0; $i < 150; $i++) {
            [$kind, $with] = $kinds[$chance->getInt(0, 9)]();
            $answer = ($this->say)($kind, ...$with, at: sprintf('2026-05-04T%02d:%02d:%02d.000Z', $chance->getInt(18, 20), $chance->getInt(0, 59), $chance->getInt(0, 59)));
            expect($answer->getStatusCode())->toBeIn([201, 422], $answer->getContent());
            foreach ((array) $answer->json('forecast.at_table') as $value) {
                expect(is_string($value) || is_finite((float) $value))->toBeTrue();
            }
        }
        $this->getJson("/api/cooks/{$this->cook['id']}/ways-back")->assertOk();
    });
});
