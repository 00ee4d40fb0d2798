<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Live\Change;
use Velko\Core\Live\Lateness;
use Velko\Core\Live\Step;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;

/* A cook who comes late to the calls of a pan is called early to the next ones, and told so once. */

/**
 * A cook who does what the plan says until a minute, so late at each of the last calls.
 *
 * @param  list<float|null>  $lates  s; null for a touch that nothing called for
 *
 * @return list<Touch>
 */
function lateHands(Plan $plan, float $minute, array $lates): array
{
    $touches = OnTheFire::doneUntil($plan, $minute);
    $from = count($touches) - count($lates);

    return array_map(static fn (Touch $touch, int $i): Touch => new Touch($touch->id, $touch->kind, $touch->at, $touch->stage, $touch->volume, late: $lates[$i - $from] ?? null), $touches, array_keys($touches));
}

it('goes by the least of the last three lates', function (array $lates, float $early): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    expect(Lateness::of(Replay::of($plan->stages, lateHands($plan, 8.0, $lates))))->toBe($early);
})->with([
    'nothing known' => [[], 0.0], 'one call' => [[70.0], 0.0], 'two calls' => [[70.0, 64.0], 64.0], 'always late' => [[70.0, 66.0, 72.0], 66.0],
    'one distraction' => [[4.0, 300.0, 6.0], 0.0], 'prompt again' => [[70.0, 70.0, 70.0, 5.0], 0.0], 'late lately' => [[5.0, 70.0, 71.0, 69.0], 69.0],
    'a little late' => [[15.0, 18.0, 19.0], 0.0], 'not past all bounds' => [[200.0, 190.0, 210.0], 75.0], 'touches that nothing called for' => [[60.0, null, 61.0], 60.0],
]);

it('calls what the clock decides so much sooner, and what a sign decides as ever', function (): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    $at = 0.5 * $plan->pulled->minute();
    $minutes = static function (array $lates) use ($plan, $at): array {
        $rows = [];
        foreach (OnTheFire::forecast($plan, lateHands($plan, $at, $lates))->steps as $step) {
            $rows[$step->kind->value][] = $step->minute;
        }

        return $rows;
    };
    [$prompt, $late] = [$minutes([3.0, 4.0, 2.0]), $minutes([60.0, 61.0, 62.0])];
    foreach (['taste', 'off', 'serve'] as $kind) {
        expect($prompt[$kind][0] - $late[$kind][0])->toEqualWithDelta(1.0, 1e-9, $kind);
    }
    // The first dose waits for its trail.
    expect($late['pour'][0])->toBe($prompt['pour'][0]);
});

it('is never called for before the touch that taught it', function (): void {
    $plan = Planner::plan(Kitchens::soupy());
    $at = $plan->pulled->minute() - 0.3;
    $touches = lateHands($plan, $at, [70.0, 70.0]);
    $said = max(array_map(static fn (Touch $touch): float => ($touch->at - OnTheFire::FIRST_LIQUID) / 60000, $touches));
    $off = array_values(array_filter(OnTheFire::forecast($plan, $touches)->steps, static fn (Step $step): bool => $step->kind === StageKind::Off))[0];
    expect($off->minute)->toBeGreaterThanOrEqual($said - 1e-9);
});

it('says it once', function (): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    $all = lateHands($plan, 0.7 * $plan->pulled->minute(), [61.0, 62.0, 63.0, 64.0]);
    $codes = static function (int $known) use ($plan, $all): array {
        $touch = $all[$known - 1];

        return array_column(Change::between(OnTheFire::forecast($plan, array_slice($all, 0, $known - 1), ($touch->at - OnTheFire::FIRST_LIQUID) / 60000), OnTheFire::forecast($plan, array_slice($all, 0, $known)), $touch), 'code');
    };
    $n = count($all);
    expect($codes($n - 2))->toContain('change.calling-early')
        ->and($codes($n - 1))->not->toContain('change.calling-early')
        ->and($codes($n))->not->toContain('change.calling-early');
});
