<?php

declare(strict_types=1);

use Velko\Core\Pan\Conditions;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\Stop;
use Velko\Core\Pan\Track;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Pan;

function pan(float $rice = 320, float $altitude = 0, float $step = 1.0, float $base = 26): Simulation
{
    return new Simulation(Variety::Carnaroli->grain(), Conditions::at($altitude, 24, new Pan($base, $base + 2, 15, 900)), $rice, $step);
}

/** Nine doses on 900 W, off at minute 17, three minutes to the table. */
function cookedOnce(float $step, float $net = 900, float $stock = 90): Velko\Core\Pan\State
{
    $pan = pan(step: $step);
    $state = $pan->start(100, true);
    $pan->heat($state, $net);
    foreach (range(0, 8) as $dose) {
        $pan->run($state, 100 * $dose);
        $pan->pour($state, 140, $stock, 0.006);
    }
    $pan->run($state, 1020);
    $pan->off($state, false);
    $pan->run($state, 1200);

    return $state;
}

it('conserves mass to 1e-9 of what was poured', function (): void {
    $state = cookedOnce(1.0);
    expect($state->poured)->toBe(1260.0)
        ->and(abs($state->poured - 320 * $state->drunk - $state->free - $state->boiledOff - $state->liftedOut))->toBeLessThan(1e-9 * $state->poured);
});

it('says the same to half a percent when the step is halved', function (string $field): void {
    $once = cookedOnce(1.0)->{$field};
    $half = cookedOnce(0.5)->{$field};
    expect(abs($once / $half - 1))->toBeLessThan(0.005);
})->with(['free', 'drunk', 'temperature', 'doneness', 'boiledOff']);

it('boils off net heat over latent heat once it boils', function (): void {
    $pan = pan();
    $state = $pan->start(100, false);
    $pan->pour($state, 1500, 100);
    $pan->heat($state, 1000);
    $pan->run($state, 60); // raw rice and metal have warmed
    $before = $state->boiledOff;
    $pan->run($state, 660);
    expect($state->temperature)->toEqualWithDelta(100.0, 0.02)
        ->and($state->boiledOff - $before)->toEqualWithDelta(1000 * 600 / 2257, 0.5);
});

it('gives off about 1.8 g a second from a square metre at 90 °C', function (): void {
    $pan = pan(rice: 1);
    $state = $pan->start(90, false);
    $pan->pour($state, 20000, 90);
    $area = M_PI * 0.13 ** 2;
    // Just the heat that the vapour takes away, so that it stays at 90 °C.
    $pan->heat($state, 1.8 * $area * 2257);
    $pan->run($state, 100);
    expect($state->temperature)->toEqualWithDelta(90.0, 0.05)
        ->and($state->boiledOff / 100 / $area)->toEqualWithDelta(1.8, 0.05);
});

it('boils at a lower temperature higher up, and cooks slower there', function (): void {
    $low = pan();
    $high = pan(altitude: 1600);
    foreach ([$low, $high] as $pan) {
        $states[] = $state = $pan->start(100, true);
        $pan->pour($state, 900, 90);
        $pan->heat($state, 900);
        $pan->run($state, 600);
    }
    expect($states[0]->temperature)->toEqualWithDelta(100.0, 0.02)
        ->and($states[1]->temperature)->toEqualWithDelta(94.7, 0.3)
        ->and($states[1]->doneness / $states[0]->doneness)->toBeLessThan(0.87);
});

it('loses through a lid what a lid can lose, and boils off the rest', function (): void {
    // By hand: 1,900 W for 20 min make 1,010 g of steam. A lid of 28 cm over boiling water gives 12 W/(m²·K) · 0.0616 m² · 76 K
    // = 56 W to a room of 24 °C, which is 30 g less.
    foreach ([false, true] as $lid) {
        $pan = pan(rice: 1);
        $state = $pan->start(100, false);
        $pan->pour($state, 2000, 100);
        $pan->heat($state, 1900);
        $pan->cover($state, $lid);
        $pan->run($state, 1200);
        $off[] = $state->boiledOff;
    }
    expect($off[0])->toEqualWithDelta(1010, 2)
        ->and($off[0] - $off[1])->toEqualWithDelta(30, 1);
});

it('holds back most of the vapour of a covered pan below the boil', function (): void {
    foreach ([false, true] as $lid) {
        $pan = pan(rice: 1);
        $state = $pan->start(80, false);
        $pan->pour($state, 20000, 80);
        $pan->cover($state, $lid);
        $pan->run($state, 60);
        $off[] = $state->boiledOff;
    }
    expect($off[1] / $off[0])->toEqualWithDelta(0.15, 0.01);
});

it('lets no heat vanish: what goes in has warmed, made steam or left for the room', function (bool $lid, bool $off): void {
    $pan = pan();
    $state = $pan->start(100, false);
    $pan->pour($state, 900, 60);
    $off ? $pan->off($state, $lid) : $pan->heat($state, 900);
    $pan->cover($state, $lid);
    $heatIn = $warmed = $steam = 0.0;
    for ($second = 1; $second <= 900; $second++) {
        [$temperature, $capacity, $before] = [$state->temperature, $pan->capacity($state), $state->boiledOff];
        $pan->run($state, $second);
        $heatIn += $off ? 0.0 : 900.0;
        $warmed += $capacity * ($state->temperature - $temperature);
        $steam += $state->boiledOff - $before;
    }
    expect($state->free)->toBeGreaterThan(50.0) // wet to the end: a dry floor takes heat of its own
        ->and(abs($heatIn - $warmed - $steam * 2257 - $state->lost))->toBeLessThan(1e-6 * max($heatIn, $state->lost));
})->with(['open' => false, 'under a lid' => true])->with(['on the ring' => false, 'off it' => true]);

it('softens a dry grain in its own moisture, covered faster than open', function (): void {
    // From the equations: 5 min at 100 °C at 0.25 and 0.40 of the pace in liquid.
    foreach ([false, true] as $covered) {
        $pan = pan();
        $state = $pan->start(100, false);
        $pan->pour($state, 500, 100);
        $pan->heat($state, 900);
        $pan->run($state, 3600, Simulation::DRY * 320);
        $pan->heat($state, 150); // enough to hold it at the boil, and to dry little of it
        $was = $state->doneness;
        $pan->cover($state, $covered);
        $pan->run($state, $state->second + 300);
        $gained[] = $state->doneness - $was;
    }
    expect($gained[0])->toEqualWithDelta(1.25, 0.01)->and($gained[1])->toEqualWithDelta(2.0, 0.01);
});

it('cools a plate that is colder than what goes on it, and then faster than the pan', function (): void {
    $pan = pan();
    $state = $pan->start(100, false);
    $pan->pour($state, 700, 100);
    $pan->off($state, false);
    $held = $pan->capacity($state) - 900;
    $hot = $state->temperature;
    $inThePan = clone $state;
    $pan->plate($state, 4, 65.0);
    // By hand: four plates of 420 J/K at 65 °C take their share; the pan's metal stays behind.
    expect($state->temperature)->toEqualWithDelta(($held * $hot + 1680 * 65) / ($held + 1680), 1e-9);
    $pan->run($state, 180);
    $pan->run($inThePan, 180);
    expect($state->temperature)->toBeLessThan($inThePan->temperature - 10)
        ->and(abs($state->poured - 320 * $state->drunk - $state->free - $state->boiledOff))->toBeLessThan(1e-9 * $state->poured);
});

it('cools by mixing when cold stock goes in, and takes C·ΔT/Q to come back', function (): void {
    $pan = pan();
    $state = $pan->start(100, false);
    $pan->pour($state, 600, 100);
    $pan->heat($state, 1000);
    $pan->run($state, 120);
    $capacity = $pan->capacity($state);
    $pan->pour($state, 180, 20);
    $mixed = ($capacity * 100 + 180 * 4.18 * 20) / ($capacity + 180 * 4.18);
    expect($state->temperature)->toEqualWithDelta($mixed, 0.1);

    $seconds = 0;
    while ($state->temperature < 99.9 && $seconds++ < 600) {
        $pan->run($state, $state->second + 1);
    }
    $expected = $pan->capacity($state) * (100 - $mixed) / 1000;
    expect($seconds)->toBeGreaterThan($expected)->toBeLessThan(1.45 * $expected); // longer: an open surface gives off heat too
});

it('does not let rice drink without liquid, nor more than there is', function (): void {
    $pan = pan();
    $state = $pan->start(100, false);
    $pan->heat($state, 200);
    $pan->run($state, 300);
    expect($state->drunk)->toBe(0.0)->and($state->doneness)->toBe(0.0);
    $pan->pour($state, 30, 95);
    $pan->run($state, 1800);
    expect($state->free)->toBeGreaterThanOrEqual(0.0)->toBeLessThan(0.5)
        ->and(320 * $state->drunk)->toBeLessThanOrEqual(30.0);
});

it('drinks slowly at first when the grain was sealed in fat', function (): void {
    foreach ([true, false] as $sealed) {
        $pan = pan();
        $state = $pan->start(100, $sealed);
        $pan->pour($state, 900, 95);
        $pan->heat($state, 900);
        $pan->run($state, 120);
        $drunk[] = $state->drunk;
    }
    expect($drunk[0])->toBeLessThan(0.55 * $drunk[1]);
});

it('cools off the heat, slower under a cloth, and never below the room', function (): void {
    foreach ([false, true] as $covered) {
        $pan = pan();
        $state = $pan->start(100, false);
        $pan->pour($state, 700, 100);
        $pan->off($state, $covered);
        $pan->run($state, 300);
        $temperatures[] = $state->temperature;
        $pan->run($state, 40000);
        expect($state->temperature)->toBeGreaterThan(20.0);
    }
    expect($temperatures[1])->toBeGreaterThan($temperatures[0] + 5)->toBeLessThan(100.0);
});

it('stops where it is asked to', function (): void {
    $pan = pan();
    $state = $pan->start(100, true);
    $pan->pour($state, 600, 95);
    $pan->heat($state, 900);
    expect($pan->run($state, 60))->toBe(Stop::Time)
        ->and($state->second)->toBe(60.0)
        ->and($pan->run($state, 3600, 300))->toBe(Stop::Dry)
        ->and($state->free)->toBeLessThanOrEqual(300.0)->toBeGreaterThan(298.0)
        ->and($pan->run($state, 3600, -1, $state->doneness + 1))->toBe(Stop::Done);
});

it('keeps salt while the liquid boils away', function (): void {
    expect(cookedOnce(1.0)->salt)->toEqualWithDelta(1260 * 0.006, 1e-9);
});

it('writes a row every ten seconds', function (): void {
    $pan = pan();
    $track = new Track;
    $pan->record($track);
    $state = $pan->start(100, true);
    $pan->pour($state, 600, 95);
    $pan->heat($state, 900);
    $pan->run($state, 47);
    $pan->run($state, 120);
    expect(array_map(static fn (float $min): float => round(60 * $min), $track->minute))->toBe(array_map(floatval(...), range(10, 120, 10)));
});

it('never has less liquid for a lower heat', function (): void {
    $before = INF;
    foreach (range(0, 2000, 100) as $net) {
        $free = cookedOnce(1.0, (float) $net)->free;
        expect($free)->toBeLessThanOrEqual($before + 1e-9);
        $before = $free;
    }
});
