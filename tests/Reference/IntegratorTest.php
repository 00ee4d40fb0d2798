<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Core\Kitchens;
use Velko\Core\Pan\Conditions;
use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\Simulation;
use Velko\Core\Planning\Ask;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Pan;

/**
 * One pour in the pan of an ask: what our loop makes of it, and the same start for the outside integrator.
 *
 * @return array{array<string, float>, array<string, mixed>} our end state, and the case for one-pour.mjs
 */
function pouredOnce(Ask $ask, float $start, float $stock, float $perGram, float $net, float $seconds, bool $boiling, ?bool $cover = null, bool $off = false, ?array $food = null): array
{
    $conditions = Conditions::at($ask->surroundings->altitude, $ask->surroundings->room, $ask->pan);
    $rice = $ask->rice();
    $simulation = new Simulation($ask->grain, $conditions, $rice);
    $state = $simulation->start($boiling ? $conditions->boiling : $start, $ask->method->sealed);
    $simulation->pour($state, $perGram * $rice, $boiling ? $conditions->boiling : $stock);
    if ($food !== null) {
        $simulation->add($state, $food['capacity'], $state->temperature, $food['gives'], $food['tau'] / 60, 0.0, 0.0);
    }
    $off ? $simulation->off($state, $cover === true) : $simulation->heat($state, $net);
    if ($cover !== null && ! $off) {
        $simulation->cover($state, $cover);
    }
    $case = [
        'rice' => $rice, 'rate' => $ask->grain->rate, 'most' => $ask->grain->hot, 'sealed' => $ask->method->sealed,
        'area' => $conditions->area, 'rimArea' => $conditions->rimArea, 'boilsAt' => $conditions->boiling, 'metal' => $conditions->metal, 'room' => $ask->surroundings->room, 'net' => $off ? 0 : $net, 'boiling' => $boiling,
        'open' => 1 - $state->cover, 'losing' => $state->losing, ...$food === null ? [] : ['food' => $food],
        'state' => [$state->free, $state->drunk, $state->temperature, $state->doneness, $state->boiledOff], 'seconds' => $seconds,
    ];
    $simulation->run($state, $seconds);
    expect($boiling)->toBe($state->temperature >= $conditions->boiling - 1e-9); // the stretch is as smooth as it is meant to be

    return [['free' => $state->free, 'drunk' => $state->drunk, 'temperature' => $state->temperature, 'doneness' => $state->doneness, 'boiledOff' => $state->boiledOff], $case];
}

/**
 * @param  list<array<string, mixed>>  $cases
 *
 * @return list<array<string, float>>
 */
function integrated(array $cases): array
{
    $process = new Process(['node', __DIR__.'/one-pour.mjs'], input: json_encode(['cases' => $cases]));
    $process->mustRun();

    return json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);
}

/** Every number of ours within half a percent of theirs; what is next to nothing is compared against what was poured. */
function sameWithinHalfAPercent(array $ours, array $theirs, float $poured, string $name): void
{
    foreach ($theirs as $field => $value) {
        $scale = in_array($field, ['free', 'boiledOff'], true) ? max(abs($value), 0.05 * $poured) : max(abs($value), 0.05);
        expect(abs($ours[$field] - $value) / $scale)->toBeLessThan(0.005, "$name: $field is {$ours[$field]}, odex has $value");
    }
}

it('runs a pan that boils as odex integrates it, within half a percent', function (): void {
    $ours = $cases = $names = [];
    foreach (Kitchens::random(40, 71) as $name => $ask) {
        [$end, $case] = pouredOnce($ask, 95, 90, 3.2, $ask->burner->net['medium'], 600, true);
        [$ours[], $cases[], $names[]] = [$end, $case, $name];
    }
    foreach (integrated($cases) as $i => $theirs) {
        sameWithinHalfAPercent($ours[$i], $theirs, 3.2 * $cases[$i]['rice'], $names[$i]);
    }
});

it('runs a pan that warms without boiling as odex integrates it, within half a percent', function (): void {
    $ours = $cases = $names = [];
    foreach (Kitchens::random(40, 72) as $name => $ask) {
        $capacity = $ask->pan->metal + $ask->rice() * (1.6 + 4.18 * 3.0);
        // From 35 °C up by 40 K in a quarter of an hour, but for what the surface gives off.
        [$end, $case] = pouredOnce($ask, 35, 35, 3.0, 40 * $capacity / 900, 900, false);
        [$ours[], $cases[], $names[]] = [$end, $case, $name];
    }
    foreach (integrated($cases) as $i => $theirs) {
        sameWithinHalfAPercent($ours[$i], $theirs, 3.0 * $cases[$i]['rice'], $names[$i]);
    }
});

it('holds a pan off the boil at 90 °C as odex does, within half a percent', function (): void {
    $ask = Kitchens::ask();
    $net = 1.8 * $ask->pan->baseArea() * 2257;
    [$end, $case] = pouredOnce($ask, 90, 90, 4.0, $net, 900, false);
    sameWithinHalfAPercent($end, integrated([$case])[0], 4.0 * 320, 'the house pan');
});

it('boils under a lid, and cools off the heat open and under a cloth, as odex does, within half a percent', function (): void {
    $ours = $cases = $names = [];
    foreach (Kitchens::random(20, 73) as $name => $ask) {
        [$end, $case] = pouredOnce($ask, 95, 90, 3.2, $ask->burner->net['medium'], 600, true, cover: true);
        [$ours[], $cases[], $names[]] = [$end, $case, "$name, lid on"];
        foreach ([false, true] as $cloth) {
            [$end, $case] = pouredOnce($ask, 90, 90, 3.0, 0, 600, false, cover: $cloth, off: true);
            [$ours[], $cases[], $names[]] = [$end, $case, $name.($cloth ? ', under a cloth' : ', standing open')];
        }
    }
    foreach (integrated($cases) as $i => $theirs) {
        sameWithinHalfAPercent($ours[$i], $theirs, 3.2 * $cases[$i]['rice'], $names[$i]);
    }
});

it('lets water out of what else is in the pan as odex does, boiling and warming, within half a percent', function (): void {
    $ours = $cases = $names = [];
    foreach (Kitchens::random(20, 74) as $name => $ask) {
        $rice = $ask->rice();
        foreach ([120.0, 300.0, 480.0] as $tau) {
            $food = ['capacity' => 2.0 * $rice, 'gives' => 0.3 * $rice, 'tau' => $tau];
            [$end, $case] = pouredOnce($ask, 95, 90, 3.0, $ask->burner->net['medium'], 600, true, food: $food);
            [$ours[], $cases[], $names[]] = [$end, $case, "$name, boiling, $tau s"];
            $capacity = $ask->pan->metal + $rice * (1.6 + 2.0 + 4.18 * 3.0);
            [$end, $case] = pouredOnce($ask, 65, 65, 3.0, 20 * $capacity / 600, 600, false, food: $food);
            [$ours[], $cases[], $names[]] = [$end, $case, "$name, warming, $tau s"];
        }
    }
    foreach (integrated($cases) as $i => $theirs) {
        sameWithinHalfAPercent($ours[$i], $theirs, 3.0 * $cases[$i]['rice'], $names[$i]);
    }
});

it('dries and browns a bare floor as odex integrates it, under steady heat within half a percent, its front within 2', function (float $ring, float $net): void {
    $pan = new Pan(36, 42, 5, 1050);
    $floor = Floor::of($pan, $ring);
    $crust = new Crust($floor, 100.0, 24.0, 1.6);
    $cases = $ours = [];
    foreach ([0.06, 0.5, 0.94] as $radius) {
        foreach ([30, 60, 90, 150] as $seconds) {
            foreach ([0, 120] as $off) {
                $legs = [['seconds' => $seconds, 'heat' => $net * $floor->perWatt($radius * $floor->radius), 'loses' => 0], ['seconds' => $off, 'heat' => 0, 'loses' => 20]];
                $cases[] = ['legs' => $off > 0 ? $legs : [$legs[0]], 'metal' => $floor->metal, 'drunk' => 1.6, 'boiling' => 100.0, 'room' => 24.0];
                $ours[] = $crust->place([new Leg($seconds, $net), ...$off > 0 ? [new Leg($off, 0.0)] : []], $radius);
            }
        }
    }
    foreach (integrated($cases) as $i => $theirs) {
        // Beyond charcoal nothing is followed; under a hundredth nothing is seen.
        if ($theirs['browning'] > 0.01 && $theirs['browning'] < 30) {
            expect($ours[$i]->browning / $theirs['browning'])->toEqualWithDelta(1.0, 0.005, json_encode($cases[$i]));
        }
        $theirs['browning'] < 30 && expect($ours[$i]->millimetres() / $theirs['millimetres'])->toEqualWithDelta(1.0, 0.02, json_encode($cases[$i]));
    }
})->with([30.0, 24.0])->with([600.0, 1100.0, 1900.0]);

it('takes as much water out of the rice over a bare floor as odex does, within 2 %', function (float $net): void {
    $pan = new Pan(36, 42, 5, 1050);
    $conditions = Conditions::at(0, 24, $pan);
    $simulation = new Simulation(Variety::Bomba->grain(), $conditions, 480);
    $state = $simulation->start(100, false);
    $simulation->pour($state, 900, 100);
    $simulation->heat($state, 1500);
    $simulation->run($state, 3600, Simulation::DRY * 480);
    [$was, $drunk, $boiledOff] = [$state->second, $state->drunk, $state->boiledOff];
    $simulation->heat($state, $net);
    $simulation->run($state, $was + 120);
    $case = ['legs' => [['seconds' => $state->second - $was, 'heat' => $net / $conditions->area, 'loses' => 0]], 'metal' => $conditions->floorMetal, 'drunk' => $drunk, 'boiling' => $conditions->boiling, 'room' => 24.0];
    $theirs = integrated([$case])[0]['millimetres'] / 1000 * $conditions->area * 790e3 * $drunk / (1 + $drunk);
    expect($state->dried / $theirs)->toEqualWithDelta(1.0, 0.02)
        ->and($state->boiledOff - $boiledOff)->toEqualWithDelta($state->dried, 2.0); // the last of what was free dries too
})->with([600.0, 1100.0, 1900.0]);
