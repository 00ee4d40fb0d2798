<?php

declare(strict_types=1);

use Velko\Core\Quantity\Measure;
use Velko\Core\Water\Atmosphere;
use Velko\Core\Water\Steam;

/** @return array<string, mixed> what the outside libraries say; see values.mjs */
function outside(): array
{
    static $values = null;
    if ($values === null) {
        exec('node '.escapeshellarg(__DIR__.'/values.mjs'), $lines, $code);
        expect($code)->toBe(0);
        $values = json_decode(implode('', $lines), true, flags: JSON_THROW_ON_ERROR);
    }

    return $values;
}

it('boils within 0.2 K of psychrolib (ASHRAE) from 0 to 3,000 m', function (): void {
    foreach (outside()['atmosphere'] as ['metres' => $metres, 'boiling' => $boiling]) {
        expect(Steam::boilingPoint(Atmosphere::pressure($metres)))->toEqualWithDelta($boiling, 0.2, "at $metres m");
    }
});

it('has the pressure of psychrolib (ASHRAE) within 0.01 % from 0 to 3,000 m', function (): void {
    foreach (outside()['atmosphere'] as ['metres' => $metres, 'pascal' => $pascal]) {
        expect(Atmosphere::pressure($metres) / $pascal)->toEqualWithDelta(1.0, 1e-4, "at $metres m");
    }
});

it('has the vapour pressure of psychrolib (ASHRAE) within 1 % from 20 to 99 °C', function (): void {
    foreach (outside()['vapour'] as ['celsius' => $celsius, 'pascal' => $pascal]) {
        expect(Steam::saturationPressure($celsius) / $pascal)->toEqualWithDelta(1.0, 0.01, "at $celsius °C");
    }
});

it('converts units as js-quantities does', function (): void {
    foreach (outside()['units'] as ['ours' => $unit, 'base' => $rows]) {
        foreach ($rows as [$number, $expected]) {
            $measure = Measure::read("$number $unit");
            $value = array_values(get_object_vars($measure))[0];
            expect($value / $expected)->toEqualWithDelta(1.0, 1e-5, "$number $unit");
        }
    }
});
