<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Family\Families;
use Velko\Core\Rice\Variety;
use Velko\Core\Vessel\Batches;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fit;
use Velko\Core\Vessel\Pan;
use Velko\Core\Vessel\PanChoice;
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

function wideAndDry(): Fit
{
    return Fit::thinLayer(Variety::Bomba->grain()->drunkInAmpleLiquid(19));
}

it('tells pans by their shape', function (): void {
    expect(array_map(Shape::of(...), stationPans()))->toBe([1 => Shape::Broad, 2 => Shape::Broad, 3 => Shape::Broad, 4 => Shape::Flat, 5 => Shape::Flat, 6 => Shape::Flat, 7 => Shape::Deep]);
});

it('puts a pan rice into a flat pan, a risotto into a broad one, and takes another shape only where there is none', function (): void {
    expect(PanChoice::smallest(stationPans(), stationRings(), 200, wideAndDry()))->toBe([4, 4])
        ->and(PanChoice::smallest(stationPans(), stationRings(), 200, Fit::stirred(0.85)))->toBe([1, 1])
        ->and(PanChoice::smallest([7 => stationPans()[7]], stationRings(), 230, wideAndDry()))->toBe(null)
        ->and(PanChoice::smallest([7 => stationPans()[7]], stationRings(), 80, wideAndDry()))->not->toBeNull();
});

it('takes the fewest pans that hold the covers, each on a ring of its own, none over its measure', function (int $covers): void {
    $batches = Batches::of(stationPans(), stationRings(), $covers, 55, wideAndDry());
    expect(array_sum(array_map(static fn ($batch): int => $batch->covers, $batches)))->toBe($covers);
    foreach ($batches as $batch) {
        expect($batch->covers)->toBeLessThanOrEqual($batch->most)->toBeGreaterThan(0)
            ->and(stationRings()[$batch->burner]->reaches(stationPans()[$batch->pan]))->toBeTrue();
    }
})->with([1, 4, 7, 11, 12, 15, 16, 45, 200]);

it('fills the pans alike', function (): void {
    $batches = Batches::of(stationPans(), stationRings(), 13, 55, wideAndDry());
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
        $fit = Families::named('pan-rice')->fit(Variety::Bomba->grain(), 0);
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
    expect(Batches::of([1 => new Pan(10, 11, 3, 200)], [1 => new Burner(10, ['on' => 1000])], 5, 250, wideAndDry()))->toBe([]);
});

/** Floor of the least of all sets of so many pans on rings of their own that hold the covers, every one of them tried; null where none does. */
function leastFloorTried(array $pans, array $rings, int $covers, int $count, Fit $fit): ?float
{
    $least = null;
    $try = static function (array $set, array $used, int $held, float $floor) use (&$try, &$least, $pans, $rings, $covers, $count, $fit): void {
        if (count($set) === $count) {
            $least = $held >= $covers && ($least === null || $floor < $least) ? $floor : $least;

            return;
        }
        foreach ($pans as $p => $pan) {
            $most = (int) floor($fit->mostRice($pan) / 60 + 1e-9);
            if (($set === [] || $p > max($set)) && $most >= 1) {
                foreach ($rings as $r => $ring) {
                    if (! in_array($r, $used, true) && in_array([$p, $r], PanChoice::pairs($pans, $rings, $fit), true)) {
                        $try([...$set, $p], [...$used, $r], $held + $most, $floor + $pan->baseArea());
                    }
                }
            }
        }
    };
    $try([], [], 0, 0.0);

    return $least;
}

it('finds the fewest pans with the least floor, as trying every set does', function (): void {
    $chance = new Randomizer(new Mt19937(11));
    $fit = Families::named('pan-rice')->fit(Variety::Bomba->grain(), 0);
    for ($kitchen = 0; $kitchen < 40; $kitchen++) {
        $pans = $rings = [];
        for ($n = 1; $n <= 5; $n++) {
            $base = $chance->getInt(24, 60);
            $pans[$n] = new Pan($base, $base + 4, 5, 1000);
        }
        for ($n = 1; $n <= 4; $n++) {
            $rings[$n] = new Burner($chance->getInt(14, 50), ['on' => $chance->getInt(2000, 9000)]);
        }
        $covers = $chance->getInt(1, 30);
        $first = array_filter(Batches::of($pans, $rings, $covers, 60, $fit), static fn ($batch): bool => $batch->round === 1);
        foreach (range(1, 4) as $count) {
            $least = leastFloorTried($pans, $rings, $covers, $count, $fit);
            if ($least !== null) {
                expect(count($first))->toBe($count)->and(array_sum(array_map(static fn ($batch): float => $pans[$batch->pan]->baseArea(), $first)))->toEqualWithDelta($least, 1e-9)
                    ->and(count(array_unique(array_map(static fn ($batch): int => $batch->burner, $first))))->toBe($count);
                break;
            }
        }
    }
});

it('answers for forty pans on twenty-four rings, all covers shared', function (): void {
    $chance = new Randomizer(new Mt19937(12));
    $pans = $rings = [];
    foreach (range(1, 40) as $n) {
        $base = $chance->getInt(180, 600) / 10;
        $pans[$n] = new Pan($base, 1.08 * $base, 8, 1000);
    }
    foreach (range(1, 24) as $n) {
        $rings[$n] = new Burner($chance->getInt(100, 350) / 10, ['on' => $chance->getInt(1500, 12000)]);
    }
    foreach ([10, 60, 140, 2000] as $covers) {
        $batches = Batches::of($pans, $rings, $covers, 80, Fit::stirred(0.85));
        expect(array_sum(array_map(static fn ($batch): int => $batch->covers, $batches)))->toBe($covers);
    }
});
