<?php

declare(strict_types=1);

use Velko\Core\Season\Alcohol;
use Velko\Core\Season\Salt;

/* USDA Table of Nutrient Retention Factors, Release 6: alcohol, stirred into the mixture, baked or simmered (from memory). */
it('leaves as much alcohol as the USDA retention table', function (float $minutes, float $percent): void {
    expect(100 * Alcohol::left($minutes))->toEqualWithDelta($percent, 5);
})->with([[15, 40], [30, 35], [60, 25], [120, 10]]);

it('never says that all alcohol is gone', function (): void {
    expect(Alcohol::left(0))->toBe(1.0)->and(Alcohol::left(240))->toBeGreaterThan(0.0);
});

it('counts sodium by molar mass', function (): void {
    expect(Salt::SODIUM_MG_PER_G)->toEqualWithDelta(1000 * 22.990 / (22.990 + 35.45), 0.5)
        ->and(Salt::sodiumPerCover(8.0, 4))->toBe(786.0)
        ->and(Salt::percent(9, 1000))->toBe(0.9)
        ->and(Salt::percent(9, 0))->toBe(0.0);
});
