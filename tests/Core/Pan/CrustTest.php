<?php

declare(strict_types=1);

use Velko\Core\Pan\Browning;
use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\TopLayer;
use Velko\Core\Vessel\Pan;

function floorOf(float $ring, float $base = 36, float $metal = 1050): Floor
{
    return Floor::of(new Pan($base, $base * 1.16, 5, $metal), $ring);
}

/** Mean heat over the floor, W/m², by rings. */
function meanHeat(Floor $floor, float $net): float
{
    $sum = 0.0;
    for ($i = 0; $i < 200; $i++) {
        $r = ($i + 0.5) / 200;
        $sum += 2 * $r / 200 * $floor->heat(new Leg(1, $net), $r * $floor->radius);
    }

    return $sum;
}

it('puts all of a ring\'s net power into the floor, however wide the ring', function (float $ring): void {
    $area = M_PI * 0.18 ** 2;
    expect(meanHeat(floorOf($ring), 1500) * $area)->toEqualWithDelta(1500, 8);
})->with([12.0, 20.0, 30.0, 36.0, 50.0]);

it('heats the middle no less than the rim, and the rim less the narrower the ring', function (): void {
    $before = INF;
    foreach ([36.0, 30.0, 24.0, 18.0] as $ring) {
        $floor = floorOf($ring);
        $rim = $floor->heat(new Leg(1, 1500), Floor::RIM * $floor->radius) / $floor->heat(new Leg(1, 1500), 0.0);
        expect($rim)->toBeLessThanOrEqual(1.0)->toBeLessThanOrEqual($before);
        $before = $rim;
    }
});

it('carries heat further in thicker metal', function (): void {
    expect(floorOf(24, metal: 4000)->spread)->toBeGreaterThan(floorOf(24, metal: 700)->spread);
});

it('warms the rim when the pan is shifted and turned, alike all round', function (): void {
    $floor = floorOf(18);
    $still = $floor->heat(new Leg(1, 1500), Floor::RIM * $floor->radius);
    $shifted = array_map(static fn (float $angle): float => $floor->heat(new Leg(1, 1500, 14), Floor::RIM * $floor->radius, $angle), [0.0, 1 / 12, 0.25, 0.5, 0.75]);
    expect(min($shifted))->toBeGreaterThan(2 * $still)
        ->and(max($shifted) / min($shifted))->toEqualWithDelta(1.0, 1e-9);
});

it('browns more for more heat, longer, and nearer the middle; and keeps what it has', function (): void {
    $crust = new Crust(floorOf(30), 100.0);
    $at = static fn (float $seconds, float $net, float $radius): float => $crust->after([new Leg($seconds, $net)], $radius);
    expect($at(60, 1500, 0.1))->toBeGreaterThan($at(60, 1200, 0.1))
        ->and($at(70, 1200, 0.1))->toBeGreaterThan($at(60, 1200, 0.1))
        ->and($at(60, 1200, 0.1))->toBeGreaterThan($at(60, 1200, 0.94))
        ->and($crust->after([new Leg(60, 1200), new Leg(60, 0)], 0.1))->toBeGreaterThan($at(60, 1200, 0.1))
        ->and($crust->after([], 0.1))->toBe(0.0);
});

it('says the minute at which a browning is reached as it reaches it', function (): void {
    $crust = new Crust(floorOf(30), 100.0);
    foreach ([600.0, 1100.0, 1900.0] as $net) {
        $minutes = $crust->minutes($net, Floor::CENTRE, Crust::GOLD);
        expect($crust->after([new Leg(60 * $minutes, $net)], Floor::CENTRE))->toEqualWithDelta(Crust::GOLD, 0.02);
    }
    expect($crust->minutes(50, Floor::CENTRE, Crust::GOLD))->toBeNull();
});

it('is gold before it is dark, and dark before it is burnt', function (float $minutes, Browning $looks): void {
    expect(Browning::of($minutes))->toBe($looks);
})->with([[0.0, Browning::Pale], [0.49, Browning::Pale], [0.5, Browning::Gold], [1.0, Browning::Gold], [2.0, Browning::Dark], [3.0, Browning::Burnt], [50.0, Browning::Burnt]]);

it('cooks the top of a deep bed slower, unless it is under liquid or under a lid', function (): void {
    expect(TopLayer::pace(12, false, false))->toBe(1.0)
        ->and(TopLayer::pace(24, false, false))->toBe(0.5)
        ->and(TopLayer::pace(24, true, false))->toBe(1.0)
        ->and(TopLayer::pace(24, false, true))->toBe(1.0);
});
