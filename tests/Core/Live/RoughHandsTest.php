<?php

declare(strict_types=1);

use Tests\Core\Live\Hands;
use Tests\Core\Live\Outcome;
use Tests\Core\Live\RoughCooks;
use Velko\Core\Cook\Replay;

/*
 * A cook whose hands are late, early, off, forgetful or wrong, beside a true pan on a ring that is not what its mark says.
 * `composer bench` cooks a thousand a family and prints the shares of docs/model.md.
 */

dataset('families', ['risotto', 'pan-rice', 'soupy-rice']);

it('never asks to pour once the bite is past, nor for more than two steps beyond its plan, and always comes to an end', function (string $family): void {
    foreach (Hands::kinds() as $k => $hands) {
        foreach (RoughCooks::cook(RoughCooks::plans($family, 4, 910 + $k), $hands, 5000 + 100 * $k) as $name => $outcome) {
            expect($outcome->wrong)->toBe([], "$name: {$hands->kind}")
                ->and($outcome->beyond)->toBeLessThanOrEqual(Replay::MOST_BEYOND, "$name: {$hands->kind}")
                ->and($outcome->ended)->toBeTrue("$name: {$hands->kind}");
        }
    }
})->with('families');

it('brings most plates right for hands up to half a minute late and a tenth off', function (string $family, int $kind, float $aim): void {
    $outcomes = [...RoughCooks::cook(RoughCooks::plans($family, 60, 901), Hands::kinds()[$kind], 77)];
    $good = count(array_filter($outcomes, static fn (Outcome $outcome): bool => $outcome->isGood()));
    // So few plates may miss the aim by one standard error; `composer bench` asks a thousand.
    expect($good / count($outcomes))->toBeGreaterThanOrEqual($aim - sqrt($aim * (1 - $aim) / count($outcomes)));
})->with('families')->with(['weighed once' => [0, 0.95], 'never weighed' => [1, 0.85]]);

it('brings four plates of five to their bite for a cook who is 70 s late at every call', function (string $family): void {
    $late = array_values(array_filter(Hands::kinds(), static fn (Hands $hands): bool => $hands->kind === '70 s late, weighs once'))[0];
    $outcomes = [...RoughCooks::cook(RoughCooks::plans($family, 40, 902), $late, 78)];
    $right = count(array_filter($outcomes, static fn (Outcome $outcome): bool => $outcome->inItsBite()));
    // Such a cook is called early; called in time, one stew of six was right, and six risotti of ten.
    expect($right / count($outcomes))->toBeGreaterThanOrEqual(0.8 - sqrt(0.8 * 0.2 / count($outcomes)));
})->with('families');
