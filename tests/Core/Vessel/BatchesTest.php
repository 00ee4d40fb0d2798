<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Method\Family;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Batches;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Choosing;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan;
use Velko\Core\Vessel\Shape;

function stationPans(): array
{
    return [1 => new Pan(22, 24, 7, 850), 2 => new Pan(26, 28, 7.5, 1150), 3 => new Pan(35, 36, 13, 2600), 4 => new Pan(29, 34, 5, 700), 5 => new Pan(36, 42, 5, 1050), 6 => new Pan(48, 55, 6, 1900), 7 => new Pan(27, 27, 21, 1800)];
}

function stationRings(): array
{
    $net = static fn (float $full): array => ['low' => 0.12 * $full, 'medium' => 0.4 * $full, 'high' => $full];

    return [1 => new Burner(12.5, $net(1400)), 2 => new Burner(15, $net(2000)), 3 => new Burner(15, $net(2000)), 4 => new Burner(18, $net(2400)), 5 => new Burner(32, $net(5600))];
}

function paella(): Fit
{
    return Fit::thinLayer(Variety::Bomba->grain()->drunkInAmpleLiquid(19));
}

it('tells pans by their shape', function (): void {
    expect(array_map(Shape::of(...), stationPans()))->toBe([1 => Shape::Broad, 2 => Shape::Broad, 3 => Shape::Broad, 4 => Shape::Flat, 5 => Shape::Flat, 6 => Shape::Flat, 7 => Shape::Deep]);
});

it('puts a pan rice into a flat pan, a risotto into a broad one, and takes another shape only where there is none', function (): void {
    expect(Choosing::smallest(stationPans(), stationRings(), 200, paella()))->toBe([4, 4])
        ->and(Choosing::smallest(stationPans(), stationRings(), 200, Fit::stirred(0.85)))->toBe([1, 1])
        ->and(Choosing::smallest([7 => stationPans()[7]], stationRings(), 230, paella()))->toBe(null)
        ->and(Choosing::smallest([7 => stationPans()[7]], stationRings(), 80, paella()))->not->toBeNull();
});

it('takes the fewest pans that hold the covers, each on a ring of its own, none over its measure', function (int $covers): void {
    $batches = Batches::of(stationPans(), stationRings(), $covers, 55, paella());
    expect(array_sum(array_map(static fn ($batch): int => $batch->covers, $batches)))->toBe($covers);
    foreach ($batches as $batch) {
        expect($batch->covers)->toBeLessThanOrEqual($batch->most)->toBeGreaterThan(0)
            ->and(stationRings()[$batch->burner]->reaches(stationPans()[$batch->pan]))->toBeTrue();
    }
})->with([1, 4, 7, 11, 12, 15, 16, 45, 200]);

it('fills the pans alike', function (): void {
    $batches = Batches::of(stationPans(), stationRings(), 13, 55, paella());
    $full = array_map(static fn ($batch): float => $batch->covers / $batch->most, $batches);
    expect(count($batches))->toBe(2)->and(max($full) - min($full))->toBeLessThan(0.2);
});

it('shares all covers over pans that take them, on rings that reach them, in random kitchens', function (): void {
    $chance = new Randomizer(new Mt19937(5));
    for ($i = 0; $i < 200; $i++) {
        $pans = $rings = [];
        for ($n = 1; $n <= $chance->getInt(1, 5); $n++) {
            $base = $chance->getInt(20, 60);
            $pans[$n] = new Pan($base, $base + 4, 5, 1000);
            $rings[$n] = new Burner($chance->getInt(10, 50), ['on' => $chance->getInt(500, 8000)]);
        }
        $fit = Family::PanRice->fit(Variety::Bomba->grain(), 0);
        $covers = $chance->getInt(1, 40);
        $batches = Batches::of($pans, $rings, $covers, 60, $fit);
        if ($batches === []) {
            continue;
        }
        expect(array_sum(array_map(static fn ($batch): int => $batch->covers, $batches)))->toBe($covers);
        foreach ($batches as $batch) {
            expect($batch->covers)->toBeLessThanOrEqual($batch->most)->and($rings[$batch->burner]->reaches($pans[$batch->pan]))->toBeTrue();
        }
    }
});

it('has nothing to share where no pan takes a single cover', function (): void {
    expect(Batches::of([1 => new Pan(10, 11, 3, 200)], [1 => new Burner(10, ['on' => 1000])], 5, 250, paella()))->toBe([]);
});
