<?php

declare(strict_types=1);

use Velko\Core\Quantity\OutOfRange;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Ladle;
use Velko\Core\Vessel\Pan;
use Velko\Core\Vessel\PanChoice;

it('knows how deep so much rice lies', function (): void {
    $pan = new Pan(30, 34, 6, 900);
    // 1 kg raw that drank 1.5 g/g is 2.5 kg, 3.165 L, over 0.0707 m².
    expect($pan->layer(1000, 1.5))->toEqualWithDelta(44.77, 0.01)
        ->and($pan->riceForLayer(44.77, 1.5))->toEqualWithDelta(1000, 0.2);
});

it('holds what a truncated cone holds up to its free rim', function (): void {
    expect((new Pan(20, 20, 11.5, 900))->workingVolume())->toEqualWithDelta(M_PI * 100 * 10, 1e-6)
        ->and((new Pan(20, 30, 11.5, 900))->workingVolume())->toBeGreaterThan(M_PI * 100 * 10)->toBeLessThan(M_PI * 225 * 10);
});

it('refuses pans that nobody makes', fn (float ...$measures) => new Pan(...$measures))->with([
    'a pan of 3 m' => [300.0, 310.0, 10.0, 900.0], 'a rim inside the base' => [30.0, 20.0, 10.0, 900.0],
    'no height' => [30.0, 32.0, 0.0, 900.0], 'negative metal' => [30.0, 32.0, 10.0, -1.0], 'no number' => [NAN, 32.0, 10.0, 900.0],
])->throws(OutOfRange::class);

it('chooses the mark nearest to the heat wanted, and knows its neighbours', function (): void {
    $burner = new Burner(14, ['high' => 1800, 'low' => 250, 'medium' => 800]);
    expect($burner->nearest(900))->toBe('medium')
        ->and($burner->nearest(10))->toBe('low')
        ->and($burner->above('medium'))->toBe('high')
        ->and($burner->below('low'))->toBeNull()
        ->and($burner->above('high'))->toBeNull()
        ->and($burner->strongest())->toBe(1800.0);
});

it('reaches a base up to its ring over 0.55', function (): void {
    $burner = new Burner(14, ['on' => 1000]);
    expect($burner->reaches(new Pan(25.4, 28, 7, 900)))->toBeTrue()
        ->and($burner->reaches(new Pan(25.6, 28, 7, 900)))->toBeFalse();
});

it('puts less of a gas flame than of a coil into the pan', function (): void {
    expect(Burner::estimate(Fire::Gas, 5000, 0.5))->toBe(1000.0)
        ->and(Burner::estimate(Fire::Induction, 5000, 0.5))->toBe(2000.0);
});

it('takes the ladle that needs few scoops and yet hits the dose', function (float $dose, float $ml): void {
    expect(Ladle::bestFor([new Ladle(60), new Ladle(90), new Ladle(150)], $dose)->ml)->toBe($ml);
})->with([[60.0, 60.0], [95.0, 90.0], [150.0, 150.0], [450.0, 150.0]]);

describe('choosing', function (): void {
    $pans = [1 => new Pan(35, 36, 13, 2600), 2 => new Pan(22, 24, 7, 850), 3 => new Pan(26, 28, 7.5, 1150)];
    $burners = [7 => new Burner(32, ['high' => 5600]), 8 => new Burner(12.5, ['high' => 1400]), 9 => new Burner(15, ['high' => 2000])];

    it('takes the smallest pan that holds the rice, on the smallest ring that serves it', function (float $rice, ?array $choice) use ($pans, $burners): void {
        expect(PanChoice::smallest($pans, $burners, $rice, Fit::stirred(0.85)))->toBe($choice);
    })->with([[160.0, [2, 8]], [600.0, [3, 9]], [1700.0, [1, 7]], [9000.0, null]]);

    it('names the largest where none holds it', function () use ($pans, $burners): void {
        expect(PanChoice::largest($pans, $burners, Fit::stirred(0.85)))->toBe([1, 7])
            ->and(PanChoice::largest($pans, [8 => new Burner(5, ['high' => 1400])], Fit::stirred(0.85)))->toBeNull();
    });

    it('never chooses a pan that is then too deep or too full', function () use ($pans, $burners): void {
        for ($rice = 50.0; $rice < 3000; $rice += 50) {
            $choice = PanChoice::smallest($pans, $burners, $rice, Fit::stirred(0.85));
            if ($choice !== null) {
                expect($pans[$choice[0]]->layer($rice, 1.5))->toBeLessThanOrEqual(60.0);
            }
        }
    });
});
