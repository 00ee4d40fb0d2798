<?php

declare(strict_types=1);

use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

const FEET = 0.3048;

/*
 * Boiling points in °F from the high-altitude cooking advice of USDA FSIS (from memory): 212 at the sea, 203 at
 * 5,000 ft, 198 at 7,500 ft, 194 at 10,000 ft.
 */
it('boils where USDA FSIS says it boils', function (float $feet, float $fahrenheit): void {
    $celsius = Steam::boilingPoint(Atmosphere::pressure($feet * FEET));
    expect($celsius)->toEqualWithDelta(($fahrenheit - 32) / 1.8, 0.6);
})->with([[0, 212], [5000, 203], [7500, 198], [10000, 194]]);

it('has the pressures of the standard atmosphere (ISO 2533, table of geopotential altitude; from memory)', function (float $metres, float $pascal): void {
    expect(Atmosphere::pressure($metres))->toEqualWithDelta($pascal, 15);
})->with([[0, 101325], [500, 95461], [1000, 89874], [2000, 79495], [3000, 70108]]);

it('turns boiling point and vapour pressure into each other', function (float $metres): void {
    $pressure = Atmosphere::pressure($metres);
    expect(Steam::saturationPressure(Steam::boilingPoint($pressure)))->toEqualWithDelta($pressure, 1e-6 * $pressure);
})->with([[-400.0], [0.0], [212.0], [1600.0], [5000.0]]);

it('refuses altitudes where nobody cooks', fn (float $metres) => Atmosphere::pressure($metres))
    ->with([[-451.0], [5501.0], [NAN], [INF]])->throws(OutOfRange::class, 'the altitude must be from -450 to 5500 m');

it('finds the altitude from the boiling point measured there', function (): void {
    foreach ([-400, 0, 212, 1600, 3000, 5400] as $metres) {
        expect(Atmosphere::altitudeOfBoiling(Steam::boilingPoint(Atmosphere::pressure($metres))))->toEqualWithDelta($metres, 0.01);
    }
    expect(Atmosphere::altitudeOfBoiling(82))->toBeLessThan(5500)->and(Atmosphere::altitudeOfBoiling(101))->toBeGreaterThan(-450)
        ->and(fn () => Atmosphere::altitudeOfBoiling(70))->toThrow(Velko\Core\Quantity\OutOfRange::class);
});
