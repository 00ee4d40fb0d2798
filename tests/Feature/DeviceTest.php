<?php

declare(strict_types=1);

use App\Devices\StandIn\StandIn;
use App\Devices\StandIn\TruePan;
use App\Models\CookEvent;
use App\Models\Device;
use App\Models\Rice;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Tests\Feature\Station;

beforeEach(function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T18:30:00Z'));
    $this->station = Station::open();
    $this->actingAs($this->station->cook);
});

/** Enters a device at the station's ring and answers its key. */
function device(string $kind): string
{
    $entry = ['format' => 'velko.device/1', 'name' => "the $kind", 'kind' => $kind, 'burner_id' => test()->station->burner->id];
    $answer = test()->postJson('/api/kitchen/devices', $entry)->assertCreated();
    Station::keeps('kitchen', $answer->getContent());
    $id = collect($answer->json('devices'))->firstWhere('name', "the $kind")['id'];
    $key = test()->postJson("/api/kitchen/devices/$id/key")->assertCreated();
    Station::keeps('device-key', $key->getContent());

    return $key->json('key');
}

/** What a device sends, by nothing but its key. */
function says(string $key, string $lines)
{
    return asDevice($key, 'POST', '/api/devices/lines', $lines);
}

function asDevice(string $key, string $method, string $path, string $body = '')
{
    app('auth')->forgetGuards();
    Auth::shouldUse('web');
    $answer = test()->call($method, $path, server: ['HTTP_AUTHORIZATION' => "Bearer $key", 'CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'], content: $body);
    app('auth')->forgetGuards();
    Auth::shouldUse('web');
    test()->actingAs(test()->station->cook);

    return $answer;
}

/** The station's dish becomes a pan rice, its pan a flat one. */
function panRice(): void
{
    $station = test()->station;
    $station->pan->update(['base_cm' => 29, 'rim_cm' => 34, 'height_cm' => 5]);
    $bomba = Rice::query()->create(['kitchen_id' => $station->kitchen->id, 'name' => 'bomba', 'variety' => 'bomba']);
    $station->dish->update(['family' => 'pan-rice', 'rice_id' => $bomba->id, 'grams_main' => 55, 'doses' => 'one-pour', 'stirring' => 'never', 'wine_ml_per_80_g' => 0, 'looseness' => 0, 'sealed' => false, 'finish_min' => 0, 'rest_min' => 5, 'crust' => 'none']);
}

/** A pan on the station's ring, its steps done until the first pour of stock. */
function cooking(Carbon $first, float $until = 0.0): array
{
    $cook = test()->postJson('/api/cooks', test()->station->start())->assertCreated()->json();
    foreach ($cook['working']['plan']['stages'] as $i => $stage) {
        $at = $first->copy()->addMilliseconds((int) round(60000 * $stage['at_min']))->format('Y-m-d\TH:i:s.v\Z');
        if ($i === 0) {
            test()->postJson("/api/cooks/{$cook['id']}/events", Station::event('start', at: $at))->assertCreated();
        }
        if ($stage['at_min'] <= $until) {
            $done = $stage['volume_ml'] === null ? Station::event('done', stage: $i, at: $at) : Station::event('pour', stage: $i, volume_ml: $stage['volume_ml'], at: $at);
            $cook = test()->postJson("/api/cooks/{$cook['id']}/events", $done)->assertCreated()->json();
        }
    }

    return $cook;
}

it('hears a scale and a probe, and the stove at their ring shows what they read', function (): void {
    [$scale, $probe] = [device('scale'), device('probe')];
    $cook = cooking(Carbon::parse('2026-05-04T18:40:00Z'));
    says($scale, "# switched on\n\n2026-05-04T18:30:10.250Z scale 2345.5 g\r\n2026-05-04T18:30:08.000Z scale 9 g\n")->assertNoContent();
    says($probe, 'probe 98.4 C')->assertNoContent();
    $answer = $this->getJson("/api/cooks/{$cook['id']}")->assertOk();
    Station::keeps('cook', $answer->getContent());
    expect($answer->json('devices'))->toBe([
        ['name' => 'the probe', 'kind' => 'probe', 'reading' => ['value' => 98.4, 'mark' => null, 'at' => '2026-05-04T18:30:00.000Z']],
        ['name' => 'the scale', 'kind' => 'scale', 'reading' => ['value' => 2345.5, 'mark' => null, 'at' => '2026-05-04T18:30:10.250Z']],
    ]);
});

it('shows readings at the pan that is on the ring, and at no other', function (): void {
    says(device('probe'), 'probe 60 C');
    $old = cooking(Carbon::parse('2026-05-04T18:40:00Z'));
    $new = cooking(Carbon::parse('2026-05-04T18:41:00Z'));
    expect($this->getJson("/api/cooks/{$old['id']}")->json('devices'))->toBe([])
        ->and($this->getJson("/api/cooks/{$new['id']}")->json('devices.0.reading.value'))->toEqual(60);
    $this->postJson("/api/cooks/{$new['id']}/events", Station::event('abandon'))->assertCreated();
    expect($this->getJson("/api/cooks/{$old['id']}")->json('devices'))->toHaveCount(1)
        ->and($this->getJson("/api/cooks/{$new['id']}")->json('devices'))->toBe([]);
});

it('takes a knob that turns for a touch, once, and moves the forecast by it', function (): void {
    $knob = device('knob');
    $cook = cooking(Carbon::parse('2026-05-04T18:40:00Z'));
    says($knob, '2026-05-04T18:40:30.000Z knob medium')->assertNoContent();
    expect(CookEvent::query()->where('kind', 'heat')->count())->toBe(0); // there it was thought to be
    $lines = "2026-05-04T18:42:00.000Z knob low\n2026-05-04T18:42:02.000Z knob low\n2026-05-04T18:42:02.000Z knob low\n";
    says($knob, $lines)->assertNoContent();
    says($knob, $lines)->assertNoContent();
    $event = CookEvent::query()->where('kind', 'heat')->sole();
    expect($event->payload['mark'])->toBe('low')->and($event->by())->toBe('the knob')->and($event->payload['at'])->toBe('2026-05-04T18:42:00.000Z');
    Station::keeps('cook-event', json_encode($event->payload));
    $after = $this->getJson("/api/cooks/{$cook['id']}")->json('forecast');
    expect($after['setting'])->toBe('low')->and($after['stock_ml'])->toBeLessThan($cook['forecast']['stock_ml']);
    says($knob, 'knob off')->assertNoContent();
    expect(CookEvent::query()->where('kind', 'heat')->count())->toBe(1);
});

it('takes a turn as it is heard from a knob whose clock runs far ahead', function (): void {
    $knob = device('knob');
    cooking(Carbon::parse('2026-05-04T18:25:00Z'));
    says($knob, '2026-05-04T18:50:00.000Z knob low')->assertNoContent();
    expect(CookEvent::query()->where('kind', 'heat')->sole()->payload['at'])->toBe('2026-05-04T18:30:00.000Z');
});

it('knows a knob whose marks are called 0, 1, 2, at the ring and in the archive', function (): void {
    foreach ($this->station->burner->settings()->get()->values() as $i => $setting) {
        $setting->update(['mark' => (string) $i]);
    }
    $knob = device('knob');
    $cook = cooking(Carbon::parse('2026-05-04T18:25:00Z'));
    $turned = $cook['forecast']['setting'] === '0' ? '1' : '0';
    says($knob, "2026-05-04T18:27:00.000Z knob $turned")->assertNoContent();
    expect($this->getJson("/api/cooks/{$cook['id']}")->assertOk()->json('forecast.setting'))->toBe($turned);
    Station::keeps('device-pan', asDevice($knob, 'GET', '/api/devices/pan')->assertOk()->getContent());
    $archive = Station::archive($this->get('/api/kitchen/archive')->assertOk());
    Station::keeps('archive', $archive);
    $this->actingAs(User::factory()->create());
    $this->call('POST', '/api/kitchen/archive', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $archive)->assertCreated();
});

it('believes a device again once its clock is right', function (): void {
    $probe = device('probe');
    says($probe, '2026-05-04T18:31:00Z probe 41 C')->assertNoContent();
    says($probe, '2026-05-04T18:30:10Z probe 42 C')->assertNoContent();
    expect(Device::query()->sole()->value)->toEqual(41);
    says($probe, '2031-01-01T00:00:00Z probe 43 C')->assertNoContent();
    says($probe, '2026-05-04T18:30:20Z probe 44 C')->assertNoContent();
    expect(Device::query()->sole()->value)->toEqual(44);
});

it('does the step at the knob that the stove asks for', function (): void {
    panRice();
    $knob = device('knob');
    $cook = cooking(Carbon::parse('2026-05-04T18:40:00Z'), 5.0);
    $step = $cook['forecast']['steps'][0];
    expect($step['kind'])->toBe('heat');
    $at = Carbon::parse('2026-05-04T18:40:00Z')->addMilliseconds((int) (60000 * $step['at_min'] + 2500))->format('Y-m-d\TH:i:s.v\Z');
    says($knob, "$at knob {$step['setting']}")->assertNoContent();
    $after = $this->getJson("/api/cooks/{$cook['id']}")->json();
    expect(array_column($after['state']['done'], 'stage'))->toContain($step['stage'])
        ->and($after['forecast']['setting'])->toBe($step['setting'])
        ->and(CookEvent::query()->where('kind', 'heat')->count())->toBe(0);
});

it('refuses a line that cannot be read, by its number, and keeps none of the body', function (string $kind, string $lines, string $pointer, string $says): void {
    $answer = says(device($kind), $lines)->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    expect($answer->json('errors.0.pointer'))->toBe($pointer)->and($answer->json('errors.0.detail'))->toContain($says)
        ->and(Device::query()->sole()->read_at)->toBeNull();
})->with([
    'another word' => ['scale', "scale 5 g\nprobe 5 C", '/2', 'belongs to a scale'],
    'no number' => ['scale', 'scale heavy g', '/1', 'a number and g'],
    'another unit' => ['scale', 'scale 5 kg', '/1', 'a number and g'],
    'too much' => ['scale', 'scale 200001 g', '/1', 'from 0 to 200000'],
    'too cold' => ['probe', '# on'."\nprobe -41 C", '/2', 'from -40 to 400'],
    'no mark of the ring' => ['knob', 'knob sideways', '/1', 'low, high, medium, off'],
    'no such day' => ['probe', '2026-02-30T10:00:00Z probe 5 C', '/1', 'a moment that is none'],
    'another zone' => ['probe', '2026-02-03T10:00:00+01:00 probe 5 C', '/1', 'UTC'],
    'a clock that lost its battery' => ['probe', '1970-01-01T00:00:03Z probe 5 C', '/1', '2000'],
    'half a line' => ['probe', 'probe', '/1', 'must read "probe 98.4 C"'],
    'not text' => ['probe', "probe \xff\xfe", '', 'UTF-8'],
    'a knob gone mad' => ['knob', str_repeat("knob low\nknob high\n", 31), '', 'at most 20 times'],
    'without end' => ['probe', str_repeat("probe 5 C\n", 1001), '', 'at most 1000 lines'],
]);

it('goes with its ring', function (): void {
    $key = device('knob');
    $this->deleteJson("/api/kitchen/burners/{$this->station->burner->id}")->assertOk()->assertJsonPath('devices', []);
    says($key, 'knob low')->assertUnauthorized();
});

it('does not break on any bytes', function (): void {
    mt_srand(5);
    $key = device('probe');
    for ($n = 0; $n < 200; $n++) {
        $bytes = implode('', array_map(static fn (): string => chr(mt_rand(0, 255)), range(1, mt_rand(1, 60))));
        $line = mt_rand(0, 1) === 0 ? $bytes : substr_replace('2026-05-04T18:41:00.250Z probe 98.4 C', substr($bytes, 0, 3), mt_rand(0, 36), 2);
        expect(says($key, $line)->status())->toBeIn([204, 422]);
    }
    says($key, str_repeat('x', 70_000))->assertStatus(413);
});

describe('its key', function (): void {
    it('opens nothing else: no cook, no kitchen, no sign-in', function (): void {
        $key = device('scale');
        $cook = cooking(Carbon::parse('2026-05-04T18:40:00Z'));
        app('auth')->forgetGuards();
        foreach (['/api/kitchen', "/api/cooks/{$cook['id']}", '/api/kitchen/archive'] as $path) {
            Auth::forgetGuards();
            expect($this->call('GET', $path, server: ['HTTP_AUTHORIZATION' => "Bearer $key", 'HTTP_ACCEPT' => 'application/json'])->status())->toBe(401);
        }
    });

    it('is kept as a hash only, and a new one ends the old', function (): void {
        $old = device('scale');
        expect(Device::query()->sole()->api_token)->toBe(hash('sha256', $old));
        $new = $this->postJson('/api/kitchen/devices/'.Device::query()->sole()->id.'/key')->json('key');
        says($old, 'scale 5 g')->assertUnauthorized();
        says($new, 'scale 5 g')->assertNoContent();
        says('', 'scale 5 g')->assertUnauthorized();
    });

    it('of another kitchen neither reads nor moves a pan here, nor is given out there', function (): void {
        $ours = device('knob');
        $id = Device::query()->sole()->id;
        $cook = cooking(Carbon::parse('2026-05-04T18:40:00Z'));
        $home = $this->station;
        $this->station = Station::open();
        $this->actingAs($this->station->cook);
        $this->postJson("/api/kitchen/devices/$id/key")->assertNotFound();
        $this->putJson("/api/kitchen/devices/$id", ['format' => 'velko.device/1', 'name' => 'x', 'kind' => 'knob', 'burner_id' => $this->station->burner->id])->assertNotFound();
        $this->deleteJson("/api/kitchen/devices/$id")->assertNotFound();
        $this->postJson('/api/kitchen/devices', ['format' => 'velko.device/1', 'name' => 'x', 'kind' => 'knob', 'burner_id' => $home->burner->id])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/burner_id');
        $theirs = device('knob');
        expect(asDevice($theirs, 'GET', '/api/devices/pan')->json('pan'))->toBeNull();
        says($theirs, '2026-05-04T18:42:00.000Z knob high')->assertNoContent();
        $this->actingAs($home->cook);
        expect($this->getJson("/api/cooks/{$cook['id']}")->json('forecast.setting'))->toBe('medium')
            ->and(asDevice($ours, 'GET', '/api/devices/pan')->json('pan.cook'))->toBe($cook['id']);
    });
});

describe('a stand-in', function (): void {
    it('says what is wrong with how it is called', function (array $with, string $says): void {
        $this->artisan('velko:device', $with)->expectsOutputToContain($says)->assertExitCode(2);
    })->with([
        [['kind' => 'kettle'], 'must be scale, probe or knob'],
        [['kind' => 'scale', '--keys' => 'nowhere'], 'a device\'s key on each line'],
        [['kind' => 'scale', '--keys' => __FILE__, '--power' => '0'], 'from 0.2 to 5'],
    ]);

    it('is told what is on its ring', function (): void {
        $key = device('scale');
        $free = asDevice($key, 'GET', '/api/devices/pan')->assertOk();
        Station::keeps('device-pan', $free->getContent());
        expect($free->json('pan'))->toBeNull();
        $cook = cooking(Carbon::parse('2026-05-04T18:40:00Z'), 6.0);
        $answer = asDevice($key, 'GET', '/api/devices/pan')->assertOk();
        Station::keeps('device-pan', $answer->getContent());
        expect($answer->json('pan.cook'))->toBe($cook['id'])->and($answer->json('pan.knob'))->toBe('medium')->and(count($answer->json('pan.events')))->toBe(CookEvent::query()->count());
    });

    it('weighs what its pan would truly weigh, by the balance of what was poured and boiled off', function (): void {
        $this->station->pan->update(['weight_g' => 1480]);
        $key = device('scale');
        $first = Carbon::parse('2026-05-04T18:40:00Z');
        $cook = cooking($first, 6.0);
        $pan = asDevice($key, 'GET', '/api/devices/pan')->json('pan');
        $at = $first->copy()->addMinutes(6)->addSeconds(5)->getTimestampMs();
        [$marked, $stronger] = [(new TruePan($pan, 1.0))->weight($at), (new TruePan($pan, 1.2))->weight($at)];
        // Stock and wine weigh what they are worth in water, and what is not in the pan has boiled off.
        $poured = array_sum(array_map(static fn (array $pour): float => $pour['volume_ml'], $cook['happened']['pours']));
        $went = 1480 + $pan['scale']['extras_g'] + $cook['working']['plan']['rice_g'] + $poured;
        expect($went - $marked)->toBeGreaterThan(30)->and($went - $stronger)->toBeGreaterThan(1.1 * ($went - $marked))
            ->and((new TruePan($pan, 1.0))->weight($first->copy()->subMinutes(30)->getTimestampMs()))->toBe(1480.0)
            ->and((new TruePan($pan, 1.0))->temperature($at))->toEqualWithDelta(100.0, 3.0)
            ->and((new TruePan($pan, 1.0))->temperature($first->copy()->subMinutes(1)->getTimestampMs()))->toBeNull();
    });

    it('is led by hands, not by what was thought: a weighing and a taste move nothing of it', function (): void {
        $key = device('scale');
        $first = Carbon::parse('2026-05-04T18:40:00Z');
        $cook = cooking($first, 6.0);
        $weigh = fn (): float => (new TruePan(asDevice($key, 'GET', '/api/devices/pan')->json('pan'), 1.2))->weight($first->copy()->addMinutes(8)->getTimestampMs());
        $before = $weigh();
        $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('taste', taste: 'soft', at: '2026-05-04T18:47:00.000Z'))->assertCreated();
        expect($weigh())->toBe($before);
        $this->postJson("/api/cooks/{$cook['id']}/events", Station::event('splash', volume_ml: 100, water: true, at: '2026-05-04T18:47:30.000Z'))->assertCreated();
        expect($weigh() - $before)->toEqualWithDelta(100.0 * 0.96, 12.0);
    });

    it('errs by its seed: the same in every run, another with another seed, within a few grams', function (): void {
        $key = device('scale');
        cooking(Carbon::parse('2026-05-04T18:40:00Z'), 6.0);
        $document = asDevice($key, 'GET', '/api/devices/pan')->json();
        $start = Carbon::parse('2026-05-04T18:46:30Z')->getTimestampMs();
        $true = new TruePan($document['pan'], 1.2);
        $off = function (int $seed) use ($document, $start, $true): array {
            $scale = new StandIn(1.2, $seed);

            return array_map(static fn (int $n): float => $scale->read($document, $start + 500 * $n)->value - $true->weight($start + 500 * $n), range(0, 59));
        };
        expect($off(7))->toBe($off(7))->and($off(7))->not->toBe($off(8));
        $spread = sqrt(array_sum(array_map(static fn (float $error): float => $error ** 2, $off(7))) / 60);
        expect($spread)->toBeGreaterThan(2.0)->toBeLessThan(4.5);
    });

    it('turns its knob a little after the stove asks, and reads as off when its ring is free', function (): void {
        panRice();
        $key = device('knob');
        $hand = new StandIn(1.0, 1);
        expect($hand->read(asDevice($key, 'GET', '/api/devices/pan')->json(), 1)->line())->toBe('1970-01-01T00:00:00.001Z knob off');
        cooking(Carbon::parse('2026-05-04T18:40:00Z'), 5.0);
        $document = asDevice($key, 'GET', '/api/devices/pan')->json();
        $turn = Carbon::parse($document['pan']['turn']['at'])->getTimestampMs();
        expect($hand->read($document, $turn)->mark)->toBe($document['pan']['knob'])->not->toBe($document['pan']['turn']['mark'])
            ->and($hand->read($document, $turn + 4000)->mark)->toBe($document['pan']['turn']['mark']);
    });
});
