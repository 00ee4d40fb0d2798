<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\Estimator;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Rescue\Rescue;
use Velko\Core\Live\Step;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;

/*
 * What must hold of a pan on the fire in any kitchen: three families, random pans, rings and schools, a cook who followed
 * the plan on a ring that is not what its mark says, and whatever the cook then says.
 */

const KITCHENS_A_FAMILY = 60;

it('keeps its books, its order and its senses in any kitchen', function (callable $with): void {
    $chance = new Randomizer(new Mt19937(51));
    foreach (Kitchens::ofEveryFamily(KITCHENS_A_FAMILY, 501) as $name => $ask) {
        $plan = Planner::plan($with($ask, crc32($name)));
        $ask = $plan->ask;
        $minute = $plan->pulled->minute() * $chance->getInt(20, 95) / 100;
        $power = $chance->getInt(60, 160) / 100;
        $done = OnTheFire::doneUntil($plan, $minute);
        $begun = array_filter($done, static fn (Touch $touch): bool => $touch->kind === TouchKind::Pour);
        if ($begun === []) {
            continue;
        }
        $weighed = [...$done, OnTheFire::weighed($plan, OnTheFire::truth($plan, $power, $minute), $minute, (float) $chance->getInt(-5, 5)), new Touch('t', TouchKind::Taste, OnTheFire::at($minute), taste: Taste::cases()[$chance->getInt(0, 3)])];
        $forecast = OnTheFire::forecast($plan, $weighed);
        foreach ([$forecast->now, $forecast->projection->pulled, $forecast->projection->atTable] as $state) {
            expect($state->poured + $state->brought)->toEqualWithDelta($ask->rice() * ($state->drunk - $state->soaked) + $state->free + $state->boiledOff + $state->liftedOut, 1e-9 * max(1.0, $state->poured), $name);
            foreach ([$state->free, $state->drunk, $state->doneness, $state->temperature] as $value) {
                expect(is_finite($value) && $value >= 0)->toBeTrue($name);
            }
        }
        $minutes = array_map(static fn (Step $step): float => $step->minute, $forecast->steps);
        $sorted = $minutes;
        sort($sorted);
        $kinds = array_map(static fn (Step $step): string => $step->kind->value, $forecast->steps);
        expect($minutes)->toBe($sorted, $name)
            ->and(end($kinds))->toBe('serve', $name)
            ->and(array_count_values($kinds)['off'] ?? 0)->toBe(1, $name)
            ->and($forecast->stockSpread[0])->toBeLessThanOrEqual($forecast->stockSpread[1] + 1e-6, $name)
            ->and(abs($forecast->shift))->toBeLessThanOrEqual(2.5, $name);
        foreach ($forecast->steps as $step) {
            expect($step->volume ?? 1.0)->toBeGreaterThan(0.0, "$name {$step->kind->value}");
        }
        foreach ((new Rescue($forecast))->all() as $way) {
            expect(is_finite($way->atTable->free) && is_finite($way->atTable->doneness))->toBeTrue("$name {$way->trouble->value}");
        }
    }
})->with(['as it is usual' => [fn (Ask $ask): Ask => $ask], 'by every school, over every fire' => [Kitchens::withSchools(...)]]);

it('finds a ring stronger that is stronger, in any kitchen', function (): void {
    foreach (Kitchens::ofEveryFamily(KITCHENS_A_FAMILY, 502) as $name => $ask) {
        $plan = Planner::plan($ask);
        $minute = 0.6 * $plan->pulled->minute();
        $done = OnTheFire::doneUntil($plan, $minute);
        $power = static function (float $power) use ($plan, $done, $minute): Estimate {
            return Velko\Core\Live\Estimator::of($plan->ask, $plan->heat, Replay::of($plan->stages, [...$done, OnTheFire::weighed($plan, OnTheFire::truth($plan, $power, $minute), $minute)]));
        };
        if (array_filter($done, static fn (Touch $touch): bool => $touch->kind === TouchKind::Pour) === []) {
            continue;
        }
        $found = array_map($power, [0.75, 1.0, 1.25]);
        expect($found[1]->power)->toEqualWithDelta(1.0, 1e-3, $name)
            ->and($found[0]->power)->toBeLessThanOrEqual($found[1]->power + 1e-9, $name)
            ->and($found[1]->power)->toBeLessThanOrEqual($found[2]->power + 1e-9, $name);
        // Never so sure that it is wrong by more than it says, three times over, and never less sure than the mark alone.
        foreach ([0.75, 1.0] as $i => $true) {
            expect(abs(log($found[$i]->power / $true)))->toBeLessThanOrEqual(3 * $found[$i]->spread + 0.02, "$name at $true")
                ->and($found[$i]->spread)->toBeLessThanOrEqual(Estimate::BY_THE_MARK + 1e-9, $name);
        }
    }
});

it('asks for more stock the hotter the ring turns out to be', function (): void {
    foreach (Kitchens::random(KITCHENS_A_FAMILY, 503) as $name => $ask) {
        $plan = Planner::plan($ask);
        $minute = 0.5 * $plan->pulled->minute();
        $done = OnTheFire::doneUntil($plan, $minute);
        if (Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, $done), OnTheFire::at($minute)) === null) {
            continue;
        }
        $stock = static fn (float $power): float => OnTheFire::forecast($plan, [...$done, OnTheFire::weighed($plan, OnTheFire::truth($plan, $power, $minute), $minute)])->projection->stock();
        expect($stock(0.8))->toBeLessThanOrEqual($stock(1.0) + 20.0 + 0.02 * $ask->rice(), $name)
            ->and($stock(1.0))->toBeLessThanOrEqual($stock(1.2) + 20.0 + 0.02 * $ask->rice(), $name);
    }
});

it('believes the moment at which a stew boils again: the ring is found as it is, whatever the open pan gave off on the way', function (): void {
    $found = [];
    foreach (Kitchens::randomSoupy(60, 733) as $ask) {
        $plan = Planner::plan($ask);
        $boils = $ask->conditions()->boiling - 0.1;
        foreach ([0.8, 1.0, 1.25] as $power) {
            $poured = OnTheFire::doneUntil($plan, 0.1);
            $truth = new ActualRun($ask, $plan->heat, Replay::of($plan->stages, $poured), new Estimate($power));
            $minute = 0.5;
            while ($minute < 20.0 && $truth->until(60 * $minute)->temperature < $boils) {
                $minute += 0.25; // a cook who looks every quarter of a minute
            }
            if ($minute > 2.0 && $minute < 20.0 && $plan->isPossible()) {
                $touches = [...$poured, new Touch('b', TouchKind::Sign, OnTheFire::at($minute), sign: Sign::Boils)];
                $found[(string) $power][] = Estimator::of($ask, $plan->heat, Replay::of($plan->stages, $touches))->power;
            }
        }
    }
    foreach ($found as $power => $estimates) {
        // Known by the mark alone a fifth either way: one sign takes it most of the way to what it is, and not to the wrong side.
        $mean = exp(array_sum(array_map(log(...), $estimates)) / count($estimates));
        expect(count($estimates))->toBeGreaterThan(15)->and(log($mean))->toBeBetween(min(0.0, log((float) $power)) - 0.04, max(0.0, log((float) $power)) + 0.04)
            ->and(abs(log($mean) - log((float) $power)))->toBeLessThan(0.5 * abs(log((float) $power)) + 0.04);
    }
    expect(array_keys($found))->toHaveCount(3);
});
