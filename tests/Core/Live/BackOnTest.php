<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Act\Off;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Live\ActualRun;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Rice\Bite;

/* A pan that was taken off by mistake and goes back on the heat: it cooled meanwhile, and what was to come still comes. */

dataset('pans off by mistake', [
    'risotto' => [fn () => Planner::plan(Kitchens::ask(wine: 100))],
    'pan rice' => [fn () => Planner::plan(Kitchens::panRice())],
    'soupy rice' => [fn () => Planner::plan(Kitchens::soupy())],
]);

function offStage(Plan $plan): int
{
    foreach ($plan->stages as $i => $stage) {
        if ($stage->kind === StageKind::Off) {
            return $i;
        }
    }
    throw new LogicException;
}

/**
 * As planned until it is taken off at a minute, and back on so many minutes later.
 *
 * @return list<Touch>
 */
function offAndBackOn(Plan $plan, float $minute, float $minutes): array
{
    return [
        ...OnTheFire::doneUntil($plan, $minute),
        new Touch('off', TouchKind::Done, OnTheFire::at($minute), offStage($plan)),
        new Touch('back', TouchKind::BackOn, OnTheFire::at($minute + $minutes)),
    ];
}

it('cools off the heat and warms again on it, as the same pan simulated by hand', function (Plan $plan): void {
    $minute = 0.5 * $plan->pulled->minute();
    $replay = Replay::of($plan->stages, offAndBackOn($plan, $minute, 2.0));
    $actual = new ActualRun($plan->ask, $plan->heat, $replay);
    $cooking = new Cooking($plan->ask, $plan->heat);
    $byHand = $cooking->start();
    foreach ($replay->pours() as $pour) {
        $cooking->runTo($byHand, 60 * $pour->minute);
        $cooking->do($byHand, $pour->wine ? $cooking->wine($pour->volume) : ($byHand->poured <= 0.0 ? $cooking->firstStock($pour->volume) : $cooking->stock($pour->volume)));
    }
    $cooking->runTo($byHand, 60 * $minute);
    $hot = $byHand->temperature;
    $cooking->do($byHand, new Off(false));
    $cooking->runTo($byHand, 60 * ($minute + 2.0));
    expect($actual->until(60 * ($minute + 2.0) - 1)->temperature)->toBeLessThan($hot - 1.0)->toBeGreaterThan(70.0) // two minutes, not a fridge
        ->and($actual->until(60 * ($minute + 2.0))->temperature)->toEqualWithDelta($byHand->temperature, 1e-6)
        ->and($actual->until(60 * ($minute + 2.0))->boiledOff)->toEqualWithDelta($byHand->boiledOff, 1e-6);
    // On the mark that it had, it is hot again within minutes.
    $later = $actual->until(60 * ($minute + 4.0));
    expect($later->temperature)->toBeGreaterThan($byHand->temperature)->and($later->net)->toBeGreaterThan(0.0);
})->with('pans off by mistake');

it('is pulled later, as done and as loose as it was to be', function (Plan $plan): void {
    $minute = 0.5 * $plan->pulled->minute();
    $forecast = OnTheFire::forecast($plan, offAndBackOn($plan, $minute, 2.0));
    // Two minutes are lost at the most, and what it takes to be hot again; a pan that is still hot cooks on meanwhile.
    expect($forecast->projection->pulled->minute() - $plan->pulled->minute())->toBeGreaterThan(0.1)->toBeLessThan(4.0)
        ->and($forecast->bite())->toBe(Bite::Right)
        ->and($forecast->looseness())->toEqualWithDelta($plan->looseness(), 0.1)
        ->and($forecast->standing)->toBeNull();
    $kinds = array_map(static fn ($step) => $step->kind, $forecast->steps);
    expect($kinds)->toContain(StageKind::Off, StageKind::Serve);
})->with('pans off by mistake');

it('goes on with what was to come, counts the next time off, and is taken back by undo', function (): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    $off = offStage($plan);
    $touches = offAndBackOn($plan, 9.0, 1.0);
    $before = Replay::of($plan->stages, OnTheFire::doneUntil($plan, 9.0))->now();
    $replay = Replay::of($plan->stages, $touches);
    expect($replay->now())->toBe($before)->and($replay->minuteOf(StageKind::Off))->toBeNull()->and($replay->status)->toBe(Status::Cooking)->and($replay->undoable()?->id)->toBe('back');
    $again = [...$touches, new Touch('off again', TouchKind::Done, OnTheFire::at(15.0), $off)];
    expect(Replay::of($plan->stages, $again)->minuteOf(StageKind::Off))->toBe(15.0)
        ->and(Replay::of($plan->stages, [...$again, new Touch('u', TouchKind::Undo, OnTheFire::at(15.1), undoes: 'off again')])->minuteOf(StageKind::Off))->toBeNull()
        ->and(Replay::of($plan->stages, [...$touches, new Touch('u', TouchKind::Undo, OnTheFire::at(10.1), undoes: 'back')])->minuteOf(StageKind::Off))->toBe(9.0);
});

it('changes nothing on a pan that is on the heat, was finished, or is at the table', function (array $after): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100, butter: 15, cheese: 15));
    $touches = OnTheFire::doneUntil($plan, 9.0);
    foreach ($plan->stages as $i => $stage) {
        if (in_array($stage->kind, $after, true)) {
            $touches[] = new Touch("t$i", TouchKind::Done, OnTheFire::at(10.0 + $i / 10), $i);
        }
    }
    $without = Replay::of($plan->stages, $touches);
    $with = Replay::of($plan->stages, [...$touches, new Touch('back', TouchKind::BackOn, OnTheFire::at(20.0))]);
    expect($with->done)->toEqual($without->done)->and($with->offByMistake)->toBe([])->and($with->counted)->toEqual($without->counted);
})->with(['on the heat' => [[]], 'finished' => [[StageKind::Off, StageKind::Finish]], 'at the table' => [[StageKind::Off, StageKind::Serve]]]);
