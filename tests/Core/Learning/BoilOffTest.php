<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Learning\BoilOff;
use Velko\Core\Pan\Simulation;
use Velko\Core\Quantity\OutOfRange;

it('reads net power off the steam: Δm · 2257 / t', function (): void {
    $test = BoilOff::of(3000, 2700, 14);
    expect($test->net)->toEqualWithDelta(300 * 2257 / 840, 1e-9)
        ->and($test->spread)->toEqualWithDelta(sqrt(50) * 2257 / 840, 1e-9);
});

it('finds the power that a simulated pan of boiling water was given', function (float $net): void {
    $ask = Kitchens::ask();
    $simulation = new Simulation($ask->grain, $ask->conditions(), 0.01);
    $state = $simulation->start(100, false);
    $simulation->pour($state, 3000, 100);
    $simulation->heat($state, $net);
    $simulation->run($state, 60);
    $before = $state->free;
    $simulation->run($state, 660);
    expect(BoilOff::of($before, $state->free, 10)->net)->toEqualWithDelta($net, 0.005 * $net);
})->with([600.0, 900.0, 2400.0]);

it('is surer the longer the test', function (): void {
    expect(BoilOff::of(3000, 2900, 5)->spread)->toBeGreaterThan(2.9 * BoilOff::of(3000, 2700, 15)->spread);
});

it('refuses what was not weighed', fn (float $before, float $after, float $minutes) => BoilOff::of($before, $after, $minutes))
    ->with([[1000.0, 1000.0, 5.0], [1000.0, 1100.0, 5.0], [1000.0, -1.0, 5.0], [1000.0, 900.0, 0.0], [1000.0, 900.0, NAN]])
    ->throws(OutOfRange::class);
