<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Live\Step;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;

/* A lid that a remedy puts on for so long comes off by a step, and the forecast counts on that. */

dataset('pans under a lid', [
    'risotto' => [fn () => Planner::plan(Kitchens::ask(wine: 100))],
    'pan rice' => [fn () => Planner::plan(Kitchens::panRice())],
    'soupy rice' => [fn () => Planner::plan(Kitchens::soupy())],
]);

/** @return list<Touch> as planned until half of it, then a lid that is to lie for two minutes */
function lidOnAtHalf(Plan $plan): array
{
    $minute = 0.5 * $plan->pulled->minute();

    return [...OnTheFire::doneUntil($plan, $minute), new Touch('lid', TouchKind::Lid, OnTheFire::at($minute), on: true, lidFor: 2.0)];
}

it('asks for the lid to come off when its time is over', function (Plan $plan): void {
    $on = lidOnAtHalf($plan);
    $minute = 0.5 * $plan->pulled->minute();
    $lids = static fn (array $touches, float $now): array => array_values(array_filter(OnTheFire::forecast($plan, $touches, $now)->steps, static fn (Step $step): bool => $step->kind === StageKind::Lid));
    // At once, in time, and half a minute late.
    foreach ([0.0, 1.9, 2.5] as $since) {
        [$step] = $lids($on, $minute + $since);
        expect($step->minute)->toEqualWithDelta($minute + 2.0, 0.05)->and($step->stage)->toBeNull();
    }
    $off = [...$on, new Touch('lid off', TouchKind::Lid, OnTheFire::at($minute + 2.1), on: false)];
    expect($lids($off, $minute + 2.2))->toBe([]);
})->with('pans under a lid');

it('comes to what it comes to if the lid is really taken off then', function (Plan $plan): void {
    $on = lidOnAtHalf($plan);
    $minute = 0.5 * $plan->pulled->minute();
    $off = [...$on, new Touch('lid off', TouchKind::Lid, OnTheFire::at($minute + 2.0), on: false)];
    $stays = [...array_slice($on, 0, -1), new Touch('lid', TouchKind::Lid, OnTheFire::at($minute), on: true)];
    $foretold = OnTheFire::forecast($plan, $on)->projection;
    $truly = OnTheFire::forecast($plan, $off)->projection;
    // Nothing else is due in those two minutes but the doses of a risotto, which are then poured late.
    expect($foretold->pulled->minute())->toEqualWithDelta($truly->pulled->minute(), 0.25)
        ->and($foretold->atTable->boiledOff)->toEqualWithDelta($truly->atTable->boiledOff, 0.03 * $truly->atTable->boiledOff)
        // Were it to stay on, something else would come of it.
        ->and(abs($foretold->atTable->boiledOff - OnTheFire::forecast($plan, $stays)->projection->atTable->boiledOff))->toBeGreaterThan(5.0);
})->with('pans under a lid');
