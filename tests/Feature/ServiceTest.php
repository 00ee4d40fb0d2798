<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Feature\Station;

/* velko:service, by its contract: a night in, every pan in its place out. */

/** @return array<string, mixed> velko.service-request/1 */
function night(mixed ...$with): array
{
    $net = static fn (float $most): array => ['low' => 0.12 * $most, 'medium-low' => 0.25 * $most, 'medium' => 0.42 * $most, 'high' => $most];

    return [
        'format' => 'velko.service-request/1', 'kitchen' => ['altitude_m' => 212, 'room_c' => 26], 'wash_min' => 4, 'merge' => true,
        'hands' => [['from_min' => 0, 'to_min' => 300, 'count' => 2]],
        'pans' => [
            '28' => ['base_diameter_cm' => 26, 'rim_diameter_cm' => 28, 'height_cm' => 7.5, 'metal_j_per_k' => 1150],
            'wide' => ['base_diameter_cm' => 36, 'rim_diameter_cm' => 42, 'height_cm' => 5, 'metal_j_per_k' => 1050],
            'pot' => ['base_diameter_cm' => 27, 'rim_diameter_cm' => 27, 'height_cm' => 21, 'metal_j_per_k' => 1800],
        ],
        'rings' => ['r1' => ['ring_diameter_cm' => 18, 'net_w' => $net(2400)], 'r2' => ['ring_diameter_cm' => 18, 'net_w' => $net(2400)], 'big' => ['ring_diameter_cm' => 32, 'net_w' => $net(4400)]],
        'dishes' => [
            'pea' => ['family' => 'risotto', 'rice' => ['variety' => 'carnaroli', 'grams_per_cover' => 80], 'wine_ml_per_cover' => 25, 'ladle_ml' => 90],
            'duck' => ['family' => 'pan-rice', 'rice' => ['variety' => 'bomba', 'grams_per_cover' => 55]],
            'hake' => ['family' => 'soupy-rice', 'rice' => ['variety' => 'round', 'grams_per_cover' => 70]],
        ],
        'firings' => [['id' => 'a', 'dish' => 'pea', 'covers' => 4, 'table_min' => 125]],
        ...$with,
    ];
}

/**
 * @param  array<string, mixed>  $document
 *
 * @return array<string, mixed>
 */
function answered(array $document): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'night');
    file_put_contents($file, json_encode($document));
    $code = Artisan::call('velko:service', ['request' => $file]);
    $answer = Artisan::output();
    unlink($file);
    expect($code)->toBe(0, $answer);
    Station::keeps('service', $answer);

    return json_decode($answer, true);
}

it('has every pan as long as velko:plan says of it', function (): void {
    $request = night(firings: [
        ['id' => 'a', 'dish' => 'pea', 'covers' => 4, 'table_min' => 125], ['id' => 'b', 'dish' => 'duck', 'covers' => 6, 'table_min' => 130, 'early_min' => 5], ['id' => 'c', 'dish' => 'hake', 'covers' => 6, 'table_min' => 140, 'late_min' => 2],
    ]);
    $answer = answered($request);
    expect($answer['late_cover_min'])->toEqual(0)->and($answer['clashes'])->toBe([])->and($answer['cooks'])->toHaveCount(3);
    foreach ($answer['cooks'] as $cook) {
        $dish = array_column($request['firings'], 'dish', 'id')[array_key_first($cook['serves'])];
        $covers = array_sum($cook['serves']);
        $said = $request['dishes'][$dish];
        $wine = ($said['wine_ml_per_cover'] ?? 0) * $covers;
        unset($said['wine_ml_per_cover']);
        $file = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file, json_encode(['format' => 'velko.plan-request/1', 'covers' => $covers, 'kitchen' => $request['kitchen'], 'pan' => $request['pans'][$cook['pan']], 'burner' => $request['rings'][$cook['ring']], ...$said, 'wine_ml' => $wine]));
        Artisan::call('velko:plan', ['request' => $file]);
        unlink($file);
        $plan = json_decode(Artisan::output(), true);
        expect($cook['off_min'] - $cook['first_liquid_min'])->toEqualWithDelta($plan['timing']['pull_min'], 0.01)
            ->and($cook['table_min'] - $cook['first_liquid_min'])->toEqualWithDelta($plan['timing']['table_min'], 0.01)
            ->and($cook['on_min'] - $cook['first_liquid_min'])->toEqualWithDelta(min(0, ...array_column($plan['stages'], 'at_min')), 0.01)
            ->and($cook['pan_free_min'])->toEqualWithDelta($cook['table_min'] + 4, 0.01);
    }
});

it('keeps what was settled by hand', function (): void {
    $answer = answered(night(firings: [['id' => 'a', 'dish' => 'pea', 'covers' => 4, 'table_min' => 125, 'ring' => 'r2', 'on_min' => 99.75], ['id' => 'b', 'dish' => 'hake', 'covers' => 4, 'table_min' => 120]]));
    $pea = array_values(array_filter($answer['cooks'], static fn (array $cook): bool => isset($cook['serves']['a'])))[0];
    expect($pea['ring'])->toBe('r2')->and($pea['on_min'])->toEqual(99.75);
});

it('serves every firing once or says it is not cooked, on real plans', function (): void {
    $chance = new Randomizer(new Mt19937(15));
    foreach (range(1, 12) as $number) {
        $firings = [];
        foreach (range(1, $chance->getInt(1, 10)) as $id) {
            $firings[] = ['id' => "f$id", 'dish' => ['pea', 'duck', 'hake'][$chance->getInt(0, 2)], 'covers' => $chance->getInt(1, 14), 'table_min' => 5 * $chance->getInt(4, 40), 'late_min' => $chance->getInt(0, 3)];
        }
        $answer = answered(night(firings: $firings, merge: $number % 2 === 0));
        $served = [];
        foreach ($answer['cooks'] as $cook) {
            foreach ($cook['serves'] as $id => $covers) {
                $served[$id] = ($served[$id] ?? 0) + $covers;
            }
        }
        $late = 0.0;
        foreach ($firings as $firing) {
            $said = array_column($answer['firings'], null, 'id')[$firing['id']] ?? null;
            expect($served[$firing['id']] ?? 0)->toBe(in_array($firing['id'], $answer['not_cooked'], true) ? 0 : $firing['covers'])
                ->and($said === null)->toBe(in_array($firing['id'], $answer['not_cooked'], true));
            if ($said !== null) {
                expect($said['late_min'])->toEqualWithDelta(max(0, $said['table_min'] - $firing['table_min'] - $firing['late_min']), 0.002);
                $late += $firing['covers'] * $said['late_min'];
            }
        }
        expect($answer['late_cover_min'])->toEqualWithDelta($late, 0.1)
            ->and($answer['late_cover_min_at_least'])->toBeLessThanOrEqual($answer['late_cover_min'] + 0.01);
    }
});

it('refuses by field what is no night', function (array $with, string $line): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'night');
    file_put_contents($file, json_encode(night(...$with)));
    expect(Artisan::call('velko:service', ['request' => $file]))->toBe(2)->and(Artisan::output())->toContain($line);
    unlink($file);
})->with([
    'a dish that is not there' => [['firings' => [['id' => 'a', 'dish' => 'moon', 'covers' => 4, 'table_min' => 125]]], '/firings/0/dish: must be one of pea, duck, hake'],
    'a pan that is not there' => [['firings' => [['id' => 'a', 'dish' => 'pea', 'covers' => 4, 'table_min' => 125, 'pan' => 'p9']]], '/firings/0/pan: must be one of 28, wide, pot'],
    'a name twice' => [['firings' => [['id' => 'a', 'dish' => 'pea', 'covers' => 4, 'table_min' => 125], ['id' => 'a', 'dish' => 'pea', 'covers' => 4, 'table_min' => 125]]], '/firings/1/id: stands twice'],
    'hands that leave before they come' => [['hands' => [['from_min' => 100, 'to_min' => 50, 'count' => 1]]], '/hands/0/to_min: must be a number from 100 to 2880'],
    'too much wine' => [['dishes' => ['pea' => ['family' => 'risotto', 'rice' => ['variety' => 'carnaroli'], 'wine_ml_per_cover' => 900]]], '/dishes/pea/wine_ml_per_cover'],
    'too many covers' => [['firings' => [['id' => 'a', 'dish' => 'pea', 'covers' => 401, 'table_min' => 125]]], '/firings/0/covers'],
    'a pan wider below than above' => [['pans' => ['p' => ['base_diameter_cm' => 30, 'rim_diameter_cm' => 20]]], '/pans/p/rim_diameter_cm'],
    'a way that its family has not' => [['dishes' => ['pea' => ['family' => 'risotto', 'rice' => ['variety' => 'carnaroli'], 'method' => ['two_pours' => true]]]], '/dishes/pea/method/two_pours'],
]);

it('answers hostile nights clearly', function (array $with, array $not): void {
    expect(answered(night(...$with))['not_cooked'])->toBe($not);
})->with([
    'nothing ordered' => [['firings' => []], []],
    'no rings' => [['rings' => (object) []], ['a']],
    'no pans' => [['pans' => (object) []], ['a']],
    'nobody there' => [['hands' => []], ['a']],
    'no pair of hands' => [['hands' => [['from_min' => 0, 'to_min' => 300, 'count' => 0]]], ['a']],
]);

it('fills two hundred tables at one minute, and four hundred covers of one', function (): void {
    $many = answered(night(firings: array_map(static fn (int $id): array => ['id' => "f$id", 'dish' => ['pea', 'hake'][$id % 2], 'covers' => 2, 'table_min' => 120], range(1, 200))));
    expect(count($many['firings']) + count($many['not_cooked']))->toBe(200)->and($many['clashes'])->not->toBe([]);
    $crowd = answered(night(firings: [['id' => 'a', 'dish' => 'pea', 'covers' => 400, 'table_min' => 120]]));
    expect(count($crowd['firings']) + count($crowd['not_cooked']))->toBe(1);
});
