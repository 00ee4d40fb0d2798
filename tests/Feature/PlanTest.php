<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;
use Tests\Feature\Station;

/** @return array<string, mixed> velko.plan-request/1, with fields set by path ("pan/base_diameter_cm") */
function planRequest(array $set = []): array
{
    $request = ['format' => 'velko.plan-request/1', 'family' => 'risotto', 'covers' => 4, 'rice' => ['variety' => 'carnaroli']];
    foreach ($set as $path => $value) {
        data_set($request, str_replace('/', '.', $path), $value);
    }

    return $request;
}

/** @return array{int, string, string} exit code, stdout, stderr of velko:plan fed with this */
function console(string $input): array
{
    $process = new Process([PHP_BINARY, 'artisan', 'velko:plan', '-'], base_path(), input: $input);

    return [$process->run(), $process->getOutput(), $process->getErrorOutput()];
}

/* Every bad field with the path and the words that must name it. */
dataset('bad requests', [
    'a negative covers' => [['covers' => -3], '/covers', 'from 1 to 400'],
    'covers that are not whole' => [['covers' => 2.5], '/covers', 'whole number from 1 to 400'],
    'an unknown rice' => [['rice/variety' => 'basmatti'], '/rice/variety', 'must be one of arborio, carnaroli'],
    'a pan of 3 m' => [['pan/base_diameter_cm' => 300], '/pan/base_diameter_cm', 'from 10 to 150 (cm)'],
    'text for a number' => [['stock/temperature_c' => 'hot'], '/stock/temperature_c', 'must be a number from 0 to 105'],
    'an unknown field' => [['pan/colour' => 'blue'], '/pan/colour', 'is not a field here'],
    'an unknown field at the top' => [['x' => 1], '/x', 'is not a field here'],
    'a window that runs backwards' => [['rice/window_min' => [19, 17]], '/rice/window_min/1', 'from 19 to 60'],
    'half a window' => [['rice/window_min' => [19]], '/rice/window_min', 'exactly 2 entries'],
    'a rim inside the base' => [['pan/base_diameter_cm' => 30, 'pan/rim_diameter_cm' => 20], '/pan/rim_diameter_cm', 'from 30 to 150'],
    'a mark the knob does not have' => [['method/heat' => [['from_min' => 0, 'setting' => 'blast']]], '/method/heat/0/setting', 'low, medium-low, medium'],
    'heat out of order' => [['method/heat' => [['from_min' => 5, 'setting' => 'low'], ['from_min' => 5, 'setting' => 'high']]], '/method/heat/1/from_min', 'later'],
    'one pour for a risotto' => [['method/doses' => 'one-pour'], '/method/doses', 'ladle-by-ladle'],
    'a crust on a risotto' => [['target/crust' => 'gold'], '/target/crust', 'none'],
    'a burner without marks' => [['burner/net_w' => new stdClass], '/burner/net_w', 'from 1 to 20 fields'],
    'a wrong format' => [['format' => 'velko.plan-request/2'], '/format', 'velko.plan-request/1'],
    'truth for a number' => [['wine_ml' => true], '/wine_ml', 'from 0 to 20000'],
    'a list for an object' => [['pan' => []], '/pan', 'must be an object'],
    'a family nobody cooks' => [['family' => 'pilaf'], '/family', 'must be one of risotto, pan-rice, soupy-rice'],
    'a pan rice barely bubbling' => [['family' => 'pan-rice', 'method/pace' => 'slow'], '/method/pace', 'must be medium for a pan rice'],
    'a risotto rained into its stock' => [['method/rained_in' => true], '/method/rained_in', 'must be false for a risotto: its stock goes in in stages'],
    'two pours of a pan rice' => [['family' => 'pan-rice', 'method/two_pours' => true], '/method/two_pours', 'must be false for a pan rice'],
    'a soupy rice finished on the heat' => [['family' => 'soupy-rice', 'method/finish_on_the_heat' => true], '/method/finish_on_the_heat', 'nothing is beaten into it'],
    'a fat nobody knows' => [['method/fat' => 'tallow'], '/method/fat', 'must be one of oil'],
    'stages for a pan rice' => [['family' => 'pan-rice', 'method/doses' => 'ladle-by-ladle'], '/method/doses', 'one-pour'],
    'a sauce on a pan rice' => [['family' => 'pan-rice', 'target/looseness' => 0.5], '/target/looseness', 'must be 0 for a pan rice'],
    'a crust on a soupy rice' => [['family' => 'soupy-rice', 'target/crust' => 'dark'], '/target/crust', 'must be none for a soupy rice'],
    'settled stock for a risotto' => [['stock/volume_ml' => 900], '/stock/volume_ml', 'for a pan rice only'],
    'a school of crust nobody knows' => [['family' => 'pan-rice', 'method/crust' => 'blowtorch'], '/method/crust', 'must be one of short-and-hot, long-and-gentle'],
    'the lid off before it is on' => [['method/lid' => [['from_min' => 9, 'on' => true], ['from_min' => 3, 'on' => false]]], '/method/lid/1/from_min', 'must be later than the one before, 9'],
    'a pound of butter a cover' => [['finish/butter_g_per_cover' => 454], '/finish/butter_g_per_cover', 'from 0 to 100'],
    'a night of soaking' => [['method/soak_min' => 1000], '/method/soak_min', 'must be a number from 0 to'],
]);

it('answers a request with a plan that keeps its contract, on the console', function (): void {
    [$code, $out, $err] = console(json_encode(planRequest()));
    expect($code)->toBe(0)->and($err)->toBe('');
    Station::keeps('plan', $out);
    $plan = json_decode($out, true);
    expect($plan['rice_g'])->toEqual(320)
        ->and($plan['assumed']['rice']['grams_per_cover'])->toEqual(80)
        ->and($plan['assumed']['pan']['base_diameter_cm'])->toEqual(26)
        ->and($plan['assumed'])->not->toHaveKey('covers')
        ->and($plan['warnings'])->toBe([]);
});

it('answers over HTTP with the same document', function (): void {
    $answer = $this->actingAs(User::factory()->create())->postJson('/api/plan', planRequest(['wine_ml' => 100, 'kitchen/altitude_m' => 1600]))->assertOk();
    [, $out] = console(json_encode(planRequest(['wine_ml' => 100, 'kitchen/altitude_m' => 1600])));
    expect($answer->json())->toEqual(json_decode($out, true));
});

it('takes every field the contract knows', function (): void {
    $answer = $this->actingAs(User::factory()->create())->postJson('/api/plan', [
        ...planRequest(), 'rice' => ['variety' => 'arborio', 'grams_per_cover' => 70, 'window_min' => [16, 18]],
        'kitchen' => ['altitude_m' => 800, 'room_c' => 28, 'plates_c' => 60], 'extras_g_per_cover' => 40,
        'pan' => ['base_diameter_cm' => 30, 'rim_diameter_cm' => 32, 'height_cm' => 9, 'metal_j_per_k' => 1500],
        'burner' => ['ring_diameter_cm' => 18, 'fuel' => 'charcoal', 'fades_percent_per_min' => 0.5, 'net_w' => ['1' => 300, '2' => 900, '3' => 1500]],
        'stock' => ['temperature_c' => 95, 'salt_percent' => 0.4, 'pot_diameter_cm' => 20, 'held_min' => 10],
        'finish' => ['butter_g_per_cover' => 15, 'cheese_g_per_cover' => 10, 'butter_salted' => true, 'butter_temperature_c' => -18], 'wine_ml' => 80, 'ladle_ml' => 120,
        'method' => ['doses' => 'kept-covered', 'stirring' => 'now-and-then', 'heat' => [['from_min' => -3, 'setting' => '2'], ['from_min' => 8, 'setting' => '1']], 'sealed' => true, 'rinsed' => false, 'soak_min' => 0, 'finish_min' => 2, 'rest_min' => 1, 'rest_covered' => true,
            'toast' => 'slow', 'lid' => [['from_min' => 12, 'on' => true], ['from_min' => 14, 'on' => false]], 'crust' => 'long-and-gentle'],
        'target' => ['looseness' => 0.65, 'minutes_to_table' => 1, 'crust' => 'none', 'salt_percent' => [0.7, 0.9]],
    ])->assertOk();
    Station::keeps('plan', $answer->getContent());
    expect($answer->json('assumed'))->toBe([])
        ->and($answer->json('heat.1'))->toEqual(['from_min' => 8, 'setting' => '1', 'net_w' => 300])
        ->and(collect($answer->json('stages'))->where('kind', 'heat'))->toHaveCount(1)
        ->and(collect($answer->json('stages'))->where('kind', 'lid'))->toHaveCount(2);
});

it('refuses what cannot be used, with path and range, as problem details', function (array $set, string $pointer, string $says): void {
    $answer = $this->actingAs(User::factory()->create())->postJson('/api/plan', planRequest($set))->assertStatus(422);
    Station::keeps('problem', $answer->getContent());
    $said = collect($answer->json('errors'))->firstWhere('pointer', $pointer);
    expect($said)->not->toBeNull($answer->getContent())->and($said['detail'])->toContain($says);
})->with('bad requests');

it('refuses the same on the console: exit 2, nothing on stdout, a line for each fault', function (): void {
    [$code, $out, $err] = console(json_encode(planRequest(['covers' => -3, 'rice/variety' => 'basmatti', 'pan/base_diameter_cm' => 300, 'stock/temperature_c' => 'hot', 'x' => 1])));
    expect($code)->toBe(2)->and($out)->toBe('')
        ->and(explode("\n", trim($err)))->toEqualCanonicalizing([
            '/covers: must be a whole number from 1 to 400',
            '/rice/variety: must be one of arborio, carnaroli, vialone-nano, bomba, round, sushi, parboiled, long',
            '/pan/base_diameter_cm: must be a number from 10 to 150 (cm)',
            '/stock/temperature_c: must be a number from 0 to 105 (°C)',
            '/x: is not a field here',
        ]);
});

it('names each fault once and blames no good field', function (): void {
    $answer = $this->actingAs(User::factory()->create())->postJson('/api/plan', planRequest(['pan/base_diameter_cm' => 300, 'pan/height_cm' => 9]));
    expect($answer->json('errors'))->toHaveCount(1);
});

it('reads a file as well, and says when there is none', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'velko');
    file_put_contents($file, json_encode(planRequest()));
    expect(Artisan::call('velko:plan', ['request' => $file]))->toBe(0);
    unlink($file);
    expect(Artisan::call('velko:plan', ['request' => $file]))->toBe(2);
});

it('answers what is valid but cannot be cooked, with warnings', function (): void {
    $answer = $this->actingAs(User::factory()->create())->postJson('/api/plan', planRequest(['burner/net_w' => ['on' => 0], 'covers' => 40, 'stock/temperature_c' => 20]))->assertOk();
    Station::keeps('plan', $answer->getContent());
    expect(collect($answer->json('warnings'))->pluck('code'))->toContain('never-done', 'layer-too-deep');
});

it('never breaks, whatever is sent', function (): void {
    mt_srand(7);
    $cook = User::factory()->create();
    $odd = [null, true, -1, 0, 1e308, '', 'x', [], [[]], new stdClass, "\u{0}", str_repeat('9', 3000), 1.5, ['a' => 1]];
    $paths = ['covers', 'family', 'rice', 'rice/variety', 'rice/window_min', 'pan', 'pan/height_cm', 'burner/net_w', 'burner/net_w/on', 'method/heat', 'method/heat/0/setting', 'method/doses', 'method/lid', 'method/crust', 'finish', 'finish/cheese_g_per_cover', 'stock/volume_ml', 'target/crust', 'target/looseness', 'kitchen/altitude_m', 'wine_ml', 'ladle_ml', 'stock/salt_percent', 'y/z'];
    for ($i = 0; $i < 300; $i++) {
        $set = [];
        for ($n = mt_rand(1, 3); $n > 0; $n--) {
            $set[$paths[array_rand($paths)]] = $odd[array_rand($odd)];
        }
        $body = mt_rand(0, 9) === 0 ? substr((string) json_encode(planRequest($set)), 0, mt_rand(0, 60)) : (string) json_encode(planRequest($set), JSON_PARTIAL_OUTPUT_ON_ERROR);
        $answer = $this->actingAs($cook)->call('POST', '/api/plan', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $body);
        expect($answer->getStatusCode())->toBeIn([200, 422], "$body: ".$answer->getContent());
    }
});

it('refuses a body that is too long to be one', function (): void {
    $this->actingAs(User::factory()->create())->postJson('/api/plan', planRequest(['x' => str_repeat('r', 300_000)]))->assertStatus(413);
});
