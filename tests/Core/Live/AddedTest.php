<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\Step;
use Velko\Core\Mise\Course;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;

/* What goes into a pan on the fire counts from when it really went in. */

/** Six covers of a risotto with a purée at minute 12 and cold fish for the last two minutes, with the steps for both. */
function withPuree(): array
{
    $food = static fn (string $name): Velko\Core\Food\Food => Foods::find($name) ?? throw new LogicException($name);
    $plan = Planner::plan(Kitchens::ask(covers: 6)->withFood([
        new Portion('parsnip purée', $food('parsnip purée'), 270.0, Goes::AtMinute, 5.0, 12.0),
        new Portion('hake', $food('hake'), 300.0, Goes::LastTwoMinutes, 5.0),
    ]));

    return [$plan, Course::ofTheAsk($plan)->stages()];
}

/** @return list<Touch> what a hand does that follows the plan up to a minute, but for the things that go in */
function pouredUntil(array $stages, float $minute): array
{
    $touches = [];
    foreach ($stages as $i => $stage) {
        if ($stage->minute <= $minute && $stage->kind !== StageKind::Add) {
            $touches[] = new Touch("s$i", $stage->volume === null ? TouchKind::Done : TouchKind::Pour, OnTheFire::at($stage->minute), $i, $stage->volume);
        }
    }

    return $touches;
}

function addStage(array $stages, string $name): int
{
    foreach ($stages as $i => $stage) {
        if ($stage->item?->name === $name) {
            return $i;
        }
    }

    throw new LogicException($name);
}

it('has a step for each thing, when the plan put it in', function (): void {
    [$plan, $stages] = withPuree();
    expect($stages[addStage($stages, 'parsnip purée')]->minute)->toEqualWithDelta(12.0, 0.01)
        ->and($plan->pulled->minute() - $stages[addStage($stages, 'hake')]->minute)->toBeBetween(1.5, 4.0);
});

it('asks for it while it is to come, and counts it in what is to pour', function (): void {
    [$plan, $stages] = withPuree();
    $forecast = Forecast::of($plan->ask, $plan->heat, Replay::of($stages, pouredUntil($stages, 9.0)), OnTheFire::at(9.1));
    $adds = array_values(array_filter($forecast->steps, static fn (Step $step): bool => $step->kind === StageKind::Add));
    expect($adds)->toHaveCount(2)
        ->and($adds[0]->minute)->toEqualWithDelta(12.0, 0.2)
        ->and($forecast->projection->atTable->brought)->toBeGreaterThan(0.7 * 0.85 * 270)
        ->and($forecast->projection->atTable->free / $plan->rice())->toEqualWithDelta($plan->ask->target->looseness, 0.06);
});

it('counts from the touch, late as it is', function (): void {
    [$plan, $stages] = withPuree();
    $puree = addStage($stages, 'parsnip purée');
    $touches = [...pouredUntil($stages, 14.0), new Touch('late', TouchKind::Done, OnTheFire::at(14.5), $puree)];
    $state = (new ActualRun($plan->ask, $plan->heat, Replay::of($stages, $touches)))->until(60 * 14.6);
    expect($state->addedAt)->toBe([0 => 870.0])
        ->and($state->temperature)->toBeLessThan(97.0);
});

it('is put in at once where its minute has gone by and nobody has said it', function (): void {
    [$plan, $stages] = withPuree();
    $forecast = Forecast::of($plan->ask, $plan->heat, Replay::of($stages, pouredUntil($stages, 11.0)), OnTheFire::at(13.0));
    $add = array_values(array_filter($forecast->steps, static fn (Step $step): bool => $step->stage === addStage($stages, 'parsnip purée')))[0];
    // It was due at its minute and goes on calling; what is forecast is a pan that gets it now.
    expect($add->minute)->toBeLessThanOrEqual(13.05)
        ->and($forecast->now->addedAt)->toBe([])
        ->and($forecast->projection->atTable->addedAt[0])->toEqualWithDelta(780.0, 1.0);
});

it('counts as planned what was passed over unsaid', function (): void {
    [$plan, $stages] = withPuree();
    $later = pouredUntil($stages, 15.0); // the purée was due at 12, and other steps were done since
    $state = (new ActualRun($plan->ask, $plan->heat, Replay::of($stages, $later)))->until(60 * 15.0);
    expect($state->addedAt)->toHaveKey(0)->and($state->addedAt[0])->toEqualWithDelta(720.0, 1.0);
});
