<?php

declare(strict_types=1);

use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Body;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Kinetics;
use Velko\Core\Rice\Variety;
use Velko\Core\Rice\Window;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

it('cooks at full pace at 100 °C and without a jump at 85 °C', function (): void {
    expect(Kinetics::pace(100.0))->toEqualWithDelta(1.0, 1e-12)
        ->and(Kinetics::pace(85.0 - 1e-9))->toEqualWithDelta(Kinetics::pace(85.0), 1e-8);
});

it('takes about a quarter longer at 5,000 ft, as USDA FSIS advises (from memory)', function (): void {
    $boiling = Steam::boilingPoint(Atmosphere::pressure(5000 * 0.3048));
    expect(1 / Kinetics::pace($boiling))->toBeGreaterThan(1.15)->toBeLessThan(1.35);
});

it('never cooks slower when it is hotter', function (): void {
    for ($celsius = 20.0; $celsius < 100; $celsius += 0.5) {
        expect(Kinetics::pace($celsius + 0.5))->toBeGreaterThan(Kinetics::pace($celsius));
    }
});

it('drinks little in cold water and its full measure from 80 °C', function (): void {
    expect(Kinetics::equilibrium(20, 2.4))->toBe(0.35)
        ->and(Kinetics::equilibrium(60, 2.4))->toBe(0.35)
        ->and(Kinetics::equilibrium(70, 2.4))->toEqualWithDelta((2.4 + 0.35) / 2, 1e-12)
        ->and(Kinetics::equilibrium(80, 2.4))->toBe(2.4)
        ->and(Kinetics::equilibrium(100, 2.4))->toBe(2.4);
});

/*
 * USDA FoodData Central, SR Legacy, rice, white, short-grain: raw 13.3 g water per 100 g, cooked 68.5 g (from memory).
 * Dry matter stays: 100 g raw holds 86.7 g of it, which is 31.5 % of what is cooked, 275.2 g; so it drank 1.75 g/g.
 */
it('holds as much water when fully cooked as USDA FoodData Central finds', function (Variety $variety): void {
    $published = (1 - 0.133) / (1 - 0.685) - 1;
    $drunk = $variety->grain()->drunkInAmpleLiquid($variety->grain()->window->high + 2);
    expect(abs($drunk / $published - 1))->toBeLessThan(0.08);
})->with([Variety::Arborio, Variety::Carnaroli, Variety::VialoneNano, Variety::Round, Variety::Sushi]);

/* The same for long-grain: raw 11.6 g water per 100 g, cooked 68.4 g (from memory): 88.4 / 0.316 − 100 = 180 g drunk. */
it('holds as much water in a long grain', function (): void {
    $grain = Variety::Long->grain();
    expect($grain->drunkInAmpleLiquid($grain->window->high + 2) / 1.80)->toEqualWithDelta(1.0, 0.08);
});

it('knows a packet by one pan: what it drank in its time, as far along by then as its kind', function (): void {
    // 100 g boiled for 22 minutes and drained weigh 290 g, 10 of which cling: it drank 180 g.
    expect(Grain::drunkWhenBoiled(100, 290))->toEqualWithDelta(1.80, 1e-9);
    $grain = Variety::Round->grain()->withWindow(new Window(21, 23))->drinks(1.80);
    $kind = Variety::Round->grain();
    expect($grain->drunkInAmpleLiquid(22.0))->toEqualWithDelta(1.80, 1e-9)
        ->and($grain->drunkInAmpleLiquid(22.0) / $grain->hot)->toEqualWithDelta($kind->drunkInAmpleLiquid($kind->window->middle()) / $kind->hot, 1e-9)
        // another window of the same packet: it has drunk as much by the middle of that
        ->and($grain->withWindow(new Window(15, 17))->drunkInAmpleLiquid(16.0))->toEqualWithDelta(1.80, 1e-9);
});

it('finds the bite in the order the tooth does', function (float $doneness, Bite $bite): void {
    $grain = Variety::Carnaroli->grain();
    expect(Bite::of($grain, $doneness, $grain->drunkInAmpleLiquid($doneness)))->toBe($bite);
})->with([
    [5.0, Bite::Crunchy], [13.9, Bite::Crunchy], [14.1, Bite::FirmHeart], [16.9, Bite::FirmHeart], [17.0, Bite::Right],
    [19.0, Bite::Right], [19.1, Bite::Soft], [23.0, Bite::Soft], [23.1, Bite::Mush],
]);

it('calls a grain that cooked but did not drink a hard heart', function (): void {
    $grain = Variety::Carnaroli->grain();
    expect(Bite::of($grain, 18, 0.74 * $grain->drunkInAmpleLiquid(17)))->toBe(Bite::HardHeart)
        ->and(Bite::of($grain, 18, 0.76 * $grain->drunkInAmpleLiquid(17)))->toBe(Bite::Right);
});

it('takes the packet\'s window in place of its own', function (): void {
    expect(Variety::Arborio->grain()->withWindow(new Window(14, 15))->window->middle())->toBe(14.5);
});

it('refuses a window that runs backwards or cannot be', fn (float $low, float $high) => new Window($low, $high))
    ->with([[18.0, 17.0], [2.0, 10.0], [20.0, 90.0], [NAN, 17.0]])->throws(OutOfRange::class);

it('gives more body the more it is stirred, the less it is rinsed and the less it is thinned', function (): void {
    $words = ['thin', 'creamy', 'heavy', 'gluey'];
    $rank = static fn (Body $body): int => array_search($body->value, $words, true);
    foreach ([0.45, 0.85, 1.1] as $looseness) {
        expect($rank(Body::of(Variety::Carnaroli, 1, false, 18, $looseness)))->toBeGreaterThanOrEqual($rank(Body::of(Variety::Carnaroli, 0, false, 18, $looseness)))
            ->and($rank(Body::of(Variety::Carnaroli, 1, false, 18, $looseness)))->toBeGreaterThanOrEqual($rank(Body::of(Variety::Carnaroli, 1, true, 18, $looseness)))
            ->and($rank(Body::of(Variety::Arborio, 1, false, 18, $looseness)))->toBeGreaterThanOrEqual($rank(Body::of(Variety::Parboiled, 1, false, 18, $looseness)));
    }
    expect(Body::of(Variety::Carnaroli, 1, false, 18, 0.85))->toBe(Body::Creamy)
        ->and(Body::of(Variety::Carnaroli, 0, true, 18, 0.85))->toBe(Body::Thin)
        ->and(Body::of(Variety::Arborio, 1, false, 26, 0.1))->toBe(Body::Gluey);
});

it('has gaps between the grains that grow as they swell', function (): void {
    expect(Grain::gaps(320, 1.0))->toBeGreaterThan(Grain::gaps(320, 0.0))
        ->and(Grain::gaps(640, 1.0))->toEqualWithDelta(2 * Grain::gaps(320, 1.0), 1e-9);
});
