<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Feature\Station;
use Velko\Core\Method\Family;
use Velko\Core\Planning\Looseness;

/** @return array{int, string, string} exit code, stdout, stderr of velko:simulate fed with this */
function simulate(mixed ...$with): array
{
    $request = [
        'format' => 'velko.simulation-request/1', 'covers' => 4, 'rice' => ['variety' => 'carnaroli'],
        'events' => [['at_min' => 0, 'pour_ml' => 1000], ['at_min' => 0, 'setting' => 'medium']], 'until_min' => 20, ...$with,
    ];
    $process = new Process([PHP_BINARY, 'artisan', 'velko:simulate', '-'], base_path(), input: json_encode($request));

    return [$process->run(), $process->getOutput(), $process->getErrorOutput()];
}

/** @return array<string, mixed> the summary */
function summary(mixed ...$with): array
{
    [$code, $out, $err] = simulate(...$with);
    expect($code)->toBe(0, $err);
    Station::keeps('simulation', $out);

    return json_decode($out, true)['summary'];
}

it('plays what happens and answers with a track every ten seconds', function (): void {
    [$code, $out] = simulate();
    Station::keeps('simulation', $out);
    $answer = json_decode($out, true);
    expect($code)->toBe(0)
        ->and($answer['track']['min'])->toHaveCount(121)
        ->and($answer['track']['min'][1])->toEqualWithDelta(1 / 6, 0.001)
        ->and($answer['summary']['off'])->toBeNull()
        ->and($answer['summary']['end']['at_min'])->toEqual(20)
        ->and($answer['assumed']['burner']['net_w']['medium'])->toEqual(800);
});

it('lands where a plan said, when the plan is played', function (string $doses): void {
    $request = ['format' => 'velko.plan-request/1', 'family' => 'risotto', 'covers' => 6, 'rice' => ['variety' => 'arborio'], 'method' => ['doses' => $doses], 'kitchen' => ['altitude_m' => 800]];
    $process = new Process([PHP_BINARY, 'artisan', 'velko:plan', '-'], base_path(), input: json_encode($request));
    $process->mustRun();
    $plan = json_decode($process->getOutput(), true);

    $events = [['at_min' => 0, 'setting' => $plan['heat'][0]['setting']], ['at_min' => $plan['timing']['pull_min'], 'off' => true]];
    foreach ($plan['stages'] as $stage) {
        if ($stage['kind'] === 'pour') {
            $events[] = ['at_min' => $stage['at_min'], 'pour_ml' => $stage['volume_ml']];
        }
    }
    $played = summary(covers: 6, rice: ['variety' => 'arborio'], kitchen: ['altitude_m' => 800], events: $events, until_min: $plan['timing']['table_min']);
    expect($played['end']['free_g'] / $plan['balance']['free_g'])->toEqualWithDelta(1.0, 0.01)
        ->and($played['end']['doneness_min'] / $plan['at_table']['doneness_min'])->toEqualWithDelta(1.0, 0.01)
        ->and($played['end']['drunk_g_per_g'] / $plan['at_table']['drunk_g_per_g'])->toEqualWithDelta(1.0, 0.01)
        ->and($played['end']['bite'])->toBe($plan['at_table']['bite']);
})->with(['ladle-by-ladle', 'little-and-often', 'kept-covered', 'cooked-down']);

it('goes on cooking off the heat, and tells both states', function (): void {
    $played = summary(events: [['at_min' => 0, 'pour_ml' => 1000], ['at_min' => 0, 'setting' => 'medium'], ['at_min' => 14, 'off' => true, 'covered' => true]]);
    expect($played['off']['at_min'])->toEqual(14)
        ->and($played['end']['doneness_min'])->toBeGreaterThan($played['off']['doneness_min'] + 2)
        ->and($played['end']['temperature_c'])->toBeLessThan($played['off']['temperature_c']);
});

it('knows nothing of dryness before anything is poured', function (): void {
    expect(summary(events: [], until_min: 5))->dry_min->toBeNull()->end->doneness_min->toEqual(0);
});

/* Causes from the table of what goes wrong at the stove: each provoked, and seen as a cook would see it. */
describe('what goes wrong', function (): void {
    it('too hot, too little stock: heart hard, pan dry', function (): void {
        $played = summary(events: [['at_min' => 0, 'pour_ml' => 700], ['at_min' => 0, 'setting' => 'high']]);
        expect($played['dry_min'])->not->toBeNull()->toBeLessThan(10)
            ->and($played['end']['bite'])->toBeIn(['crunchy', 'firm heart', 'hard heart']);
    });

    it('cold stock, too low: heart hard, plenty of liquid', function (): void {
        $played = summary(events: [['at_min' => 0, 'pour_ml' => 1200, 'temperature_c' => 12], ['at_min' => 0, 'setting' => 'low']]);
        expect($played['dry_min'])->toBeNull()
            ->and($played['end']['free_g'])->toBeGreaterThan(400)
            ->and($played['end']['bite'])->toBe('crunchy');
    });

    it('too much at once: swimming at the end', function (): void {
        $played = summary(events: [['at_min' => 0, 'pour_ml' => 1500], ['at_min' => 0, 'setting' => 'medium']], until_min: 18);
        expect($played['end']['free_g'] / 320)->toBeGreaterThan(1.6)->and($played['end']['bite'])->toBe('right');
    });

    it('stood too long: tight', function (): void {
        $cook = [['at_min' => 0, 'pour_ml' => 1090], ['at_min' => 0, 'setting' => 'medium'], ['at_min' => 16, 'off' => true]];
        $soon = summary(events: $cook, until_min: 18)['end'];
        $late = summary(events: $cook, until_min: 26)['end'];
        expect(Looseness::nearest($soon['free_g'] / 320, Family::Risotto))->toBe(Looseness::Wave)
            ->and(Looseness::nearest($late['free_g'] / 320, Family::Risotto))->toBe(Looseness::SlowSlump)
            ->and($late['bite'])->toBe('soft');
    });

    it('comes back from dry and hard with small hot doses, lower heat and a lid', function (): void {
        $spoiled = [['at_min' => 0, 'pour_ml' => 700], ['at_min' => 0, 'setting' => 'high']];
        $rescued = [...$spoiled, ['at_min' => 9, 'setting' => 'low'], ['at_min' => 9, 'pour_ml' => 200], ['at_min' => 12, 'pour_ml' => 200], ['at_min' => 15, 'pour_ml' => 180], ['at_min' => 15, 'lid' => true]];
        expect(summary(events: $spoiled, until_min: 19)['end']['bite'])->not->toBe('right')
            ->and(summary(events: $rescued, until_min: 19)['end']['bite'])->toBe('right');
    });
});

it('refuses what cannot be played, with path and range', function (array $with, string $line): void {
    [$code, $out, $err] = simulate(...$with);
    expect($code)->toBe(2)->and($out)->toBe('')->and(explode("\n", trim($err)))->toContain($line);
})->with([
    'an event after the end' => [['events' => [['at_min' => 30, 'pour_ml' => 100]]], '/events/0/at_min: must be a number from 0 to 20 (until_min)'],
    'an event before the rice' => [['events' => [['at_min' => -1, 'pour_ml' => 100]]], '/events/0/at_min: must be a number from 0 to 240 (min of the cook)'],
    'an event that says nothing' => [['events' => [['at_min' => 1]]], '/events/0: must say exactly one of pour_ml, setting, lid, off, lift_ml, beat_in'],
    'an event that says two things' => [['events' => [['at_min' => 1, 'lid' => true, 'off' => true]]], '/events/0: must say exactly one of pour_ml, setting, lid, off, lift_ml, beat_in'],
    'a cloth without taking it off' => [['events' => [['at_min' => 1, 'lid' => true, 'covered' => true]]], '/events/0/covered: does not go with lid'],
    'a mark the knob does not have' => [['events' => [['at_min' => 1, 'setting' => '11']]], '/events/0/setting: must be one of the marks in /burner/net_w: low, medium-low, medium, medium-high, high'],
    'a night' => [['until_min' => 600], '/until_min: must be a number from 0 to 240 (min of the cook)'],
    'an unknown field in an event' => [['events' => [['at_min' => 1, 'stir' => true]]], '/events/0/stir: is not a field here'],
    'a negative pour' => [['events' => [['at_min' => 1, 'pour_ml' => -1]]], '/events/0/pour_ml: must be a number from 0 to 200000 (mL)'],
]);
