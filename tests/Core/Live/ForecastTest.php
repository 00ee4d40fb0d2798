<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Tests\Core\OnTheFire;
use Velko\Core\Act\Off;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Sign;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Live\ActualRun;
use Velko\Core\Live\Change;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\Estimator;
use Velko\Core\Live\Forecast;
use Velko\Core\Live\NotYet;
use Velko\Core\Live\Step;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Fire;

/*
 * A pan on the fire whose ring is not what its mark says. The truth is a pan of its own, simulated on the ring as it
 * really is; the forecast sees only what a cook would tell it.
 */

/** What comes to the table when the true pan is cooked on by these steps. */
function cookedOn(Plan $plan, float $power, float $minute, Forecast $forecast, float $more = 0.0): State
{
    $ask = $plan->ask->on($plan->ask->burner->times($power));
    $state = OnTheFire::truth($plan, $power, $minute);
    $cooking = new Cooking($ask, [$plan->heat[0]]);
    $pours = array_values(array_filter($forecast->steps, static fn (Step $step): bool => $step->kind === StageKind::Pour));
    foreach ($pours as $i => $step) {
        $cooking->runTo($state, 60 * $step->minute);
        $cooking->pourStock($state, max(0.0, $step->volume + ($i === count($pours) - 1 ? $more : 0.0)));
    }
    $off = array_values(array_filter($forecast->steps, static fn (Step $step): bool => $step->kind === StageKind::Off))[0];
    $cooking->runTo($state, 60 * $off->minute);
    $cooking->toTable($state);

    return $state;
}

dataset('plans', [
    'risotto' => [fn () => Planner::plan(Kitchens::ask(wine: 100))],
    'pan rice' => [fn () => Planner::plan(Kitchens::panRice())],
    'soupy rice' => [fn () => Planner::plan(Kitchens::soupy())],
    'a stew in two pours' => [Planner::plan(Kitchens::soupy()->withMethod(['twoPours' => true]))],
    'a stew rained into its stock, with wine' => [Planner::plan(Kitchens::soupy()->withWine(150.0)->withMethod(['rainedIn' => true]))],
    'a pan rice rained into its stock' => [Planner::plan(Kitchens::panRice(6)->withMethod(['rainedIn' => true]))],
    'a pan rice over wood' => [Planner::plan(Kitchens::panRice(6)->on(new Burner(32, Kitchens::panRice()->burner->net, fire: Fire::Wood)))],
    'a risotto over charcoal' => [Planner::plan(Kitchens::ask(6)->on(new Burner(20, Kitchens::ask()->burner->net, fire: Fire::Charcoal)))],
    'a risotto finished on the heat' => [Planner::plan(Kitchens::ask(6, butter: 15, cheese: 15)->withMethod(['finishOnTheHeat' => true]))],
]);

it('does not mind that hands do not move on whole seconds', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    foreach ([0.001, 0.004, 0.0071, 0.0113] as $off) {
        $touches = array_map(static fn (Touch $touch): Touch => new Touch($touch->id, $touch->kind, $touch->at + (int) round(60000 * $off), $touch->stage, $touch->volume), OnTheFire::doneUntil($plan, 0.6 * $plan->pulled->minute()));
        expect(OnTheFire::forecast($plan, $touches)->projection->stock())->toBe(0.0)->and(OnTheFire::forecast($plan, $touches)->projection->pulled->minute())->toEqualWithDelta($plan->pulled->minute(), 0.2);
    }
});

it('goes on as planned where everything went as planned', function (Plan $plan, float $share): void {
    $minute = $share * $plan->pulled->minute();
    $forecast = OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $minute));
    $poured = Replay::of($plan->stages, OnTheFire::doneUntil($plan, $minute))->poured();
    expect(($poured + $forecast->projection->stock()) / $plan->stock)->toEqualWithDelta(1.0, 0.02)
        ->and($forecast->projection->pulled->minute())->toEqualWithDelta($plan->pulled->minute(), 0.35)
        ->and($forecast->looseness())->toEqualWithDelta($plan->looseness(), 0.06)
        ->and($forecast->bite())->toBe($plan->bite())
        ->and($forecast->estimate->power)->toBe(1.0);
    $kinds = array_map(static fn (Step $step): string => $step->kind->value, $forecast->steps);
    $planned = array_map(static fn (Stage $stage): string => $stage->kind->value, array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->minute > $minute)));
    expect($kinds)->toBe($planned);
})->with('plans')->with([0.3, 0.55, 0.8]);

it('knows the rest of the stock within 5 % after one weighing, on a ring 20 % stronger or weaker than marked', function (float $power, float $error): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    $minute = 9.0;
    $forecast = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $minute), OnTheFire::weighed($plan, OnTheFire::truth($plan, $power, $minute), $minute, $error)]);
    expect($forecast->estimate->power)->toEqualWithDelta($power, 0.08)
        // Ten pours, each off by 4 % of itself, are 13 mL that the ring cannot be told apart from.
        ->and($forecast->estimate->spread)->toBeLessThan(0.10)
        ->and($forecast->estimate->weighed)->toBeTrue();
    // What the true pan needs, by halving: so much on the last dose that it lies as loose as asked.
    $target = $plan->ask->target->looseness;
    [$low, $high] = [-200.0, 200.0];
    while ($high - $low > 0.1) {
        $middle = ($low + $high) / 2;
        cookedOn($plan, $power, $minute, $forecast, $middle)->free / $plan->ask->rice() < $target ? $low = $middle : $high = $middle;
    }
    $needed = $forecast->projection->stock() + $low;
    expect($forecast->projection->stock() / $needed)->toEqualWithDelta(1.0, 0.05);
    expect(cookedOn($plan, $power, $minute, $forecast)->free / $plan->ask->rice())->toEqualWithDelta($target, 0.07);
})->with([1.2, 0.8])->with([0.0, 5.0, -5.0]);

it('narrows what it says once the pan was weighed', function (Plan $plan): void {
    $minute = 0.5 * $plan->pulled->minute();
    $before = OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $minute));
    $after = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $minute), OnTheFire::weighed($plan, OnTheFire::truth($plan, 1.2, $minute), $minute)]);
    $width = static fn (Forecast $forecast): float => $forecast->stockSpread[1] - $forecast->stockSpread[0];
    // A stew in one pour hides its ring behind what was poured; what is in the pot is known all the same.
    expect($after->estimate->spread)->toBeLessThan(($plan->ask->family->traits()->name === 'soupy-rice' ? 0.95 : 0.5) * $before->estimate->spread)
        ->and($width($after))->toBeLessThan($width($before))
        ->and($before->stockSpread[0])->toBeLessThan($before->projection->lacks)
        ->and($before->stockSpread[1])->toBeGreaterThan($before->projection->lacks);
})->with('plans');

it('says in one line what a weighing changed', function (): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    $done = OnTheFire::doneUntil($plan, 9.0);
    $weighed = OnTheFire::weighed($plan, OnTheFire::truth($plan, 1.25, 9.0), 9.0);
    $said = Change::between(OnTheFire::forecast($plan, $done, 9.0), OnTheFire::forecast($plan, [...$done, $weighed]), $weighed);
    expect($said[0])->toEqual(Fact::of('change.boils-off', faster: true))
        ->and($said[1]->code)->toBe('change.stock-by')->and($said[1]->args['more'])->toBeTrue()
        ->and(Change::between(OnTheFire::forecast($plan, $done), OnTheFire::forecast($plan, $done), $done[0]))->toBe([]);
});

it('says by what it changed, where that is not the pan itself', function (): void {
    $plan = Planner::plan(Kitchens::ask(wine: 100));
    $done = OnTheFire::doneUntil($plan, 9.0);
    $said = static fn (Touch $touch): array => Change::between(OnTheFire::forecast($plan, $done, 9.0), OnTheFire::forecast($plan, [...$done, $touch]), $touch);
    $soft = $said(new Touch('t', TouchKind::Taste, OnTheFire::at(9.0), taste: Taste::Soft));
    $hot = $said(new Touch('h', TouchKind::Heat, OnTheFire::at(9.0), mark: 'high'));
    $lid = $said(new Touch('l', TouchKind::Lid, OnTheFire::at(9.0), on: true));
    expect($soft[0]->code)->toBe('change.by-the-tooth')->and($soft[count($soft) - 1]->code)->toBe('change.off')->and($soft[count($soft) - 1]->args['later'])->toBeFalse()
        ->and($hot[0])->toEqual(Fact::of('change.on-mark', mark: 'high'))->and($hot[1]->args['more'])->toBeTrue()
        ->and($lid[0])->toEqual(Fact::of('change.lid', on: true))->and($lid[1]->args['more'])->toBeFalse();
});

it('takes each sign as a rough weighing', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $turn = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Heat))[0]->minute;
    $poured = OnTheFire::doneUntil($plan, 1.0);
    $seen = static fn (float $minute): Estimate => Estimator::of($plan->ask, $plan->heat, Replay::of($plan->stages, [...$poured, new Touch('g', TouchKind::Sign, OnTheFire::at($minute), sign: Sign::GrainsShow)]));
    expect($seen($turn)->power)->toEqualWithDelta(1.0, 0.02)
        ->and($seen($turn - 2)->power)->toBeGreaterThan(1.08)
        ->and($seen($turn + 2)->power)->toBeLessThan(0.93)
        ->and($seen($turn)->spread)->toBeLessThan(0.12)
        ->and($seen($turn)->weighed)->toBeFalse();
});

it('learns from "not yet" only where the sign should have shown', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $pour = array_keys(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour))[1];
    $due = $plan->stages[$pour]->minute;
    $power = static fn (float $minute): float => Estimator::of($plan->ask, $plan->heat, Replay::of($plan->stages, [...OnTheFire::doneUntil($plan, $due - 0.5), new Touch('n', TouchKind::NotYet, OnTheFire::at($minute), $pour)]))->power;
    expect($power($due - 0.4))->toEqualWithDelta(1.0, 1e-6)
        ->and($power($due + 1.5))->toBeLessThan(0.97);
});

it('moves the doneness clock by a taste, half way, and never by more than 2.5 min', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $minute = 0.93 * $plan->pulled->minute();
    $tasted = static fn (Taste ...$tastes): Forecast => OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $minute), ...array_map(static fn (Taste $taste, int $i): Touch => new Touch("t$i", TouchKind::Taste, OnTheFire::at($minute + 0.01 * $i), taste: $taste), $tastes, array_keys($tastes))]);
    expect($tasted(Taste::Right)->shift)->toBeGreaterThan(0.4)->toBeLessThan(2.5)
        ->and($tasted(Taste::Right)->projection->pulled->minute())->toBeLessThan(OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $minute))->projection->pulled->minute() - 0.3)
        ->and($tasted(Taste::Crunchy)->shift)->toBeLessThan(0.0)
        ->and($tasted(Taste::Soft, Taste::Soft, Taste::Soft, Taste::Soft, Taste::Soft)->shift)->toBe(2.5);
});

it('gives a pan rice that dries too early the stock it lacks, and one that is too wet more heat', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $half = 0.5 * $plan->pulled->minute();
    $early = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $half), OnTheFire::weighed($plan, OnTheFire::truth($plan, 1.35, $half), $half)]);
    $extra = $early->projection->extras[0];
    expect($extra->kind)->toBe(StageKind::Pour)->and($extra->volume)->toBeGreaterThan(20.0)
        ->and($early->steps[0]->stage)->toBeNull()
        ->and($early->projection->atTable->doneness)->toEqualWithDelta($plan->ask->grain->window->middle(), 0.4)
        ->and($early->projection->left->doneness)->toBeLessThan($early->projection->atTable->doneness - 0.4);
    $wet = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $half), OnTheFire::weighed($plan, OnTheFire::truth($plan, 0.7, $half), $half)]);
    $marks = array_values(array_filter($wet->steps, static fn (Step $step): bool => $step->kind === StageKind::Heat));
    $planned = $plan->ask->burner->net[$plan->heat[1]->mark];
    expect($plan->ask->burner->net[$marks[0]->mark])->toBeGreaterThan($planned);
});

it('brings a stew back to the bowl that was asked: hot stock for a tight one, some lifted from a loose one', function (): void {
    $plan = Planner::plan(Kitchens::soupy());
    $half = 0.5 * $plan->pulled->minute();
    $tight = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $half), OnTheFire::weighed($plan, OnTheFire::truth($plan, 2.0, $half), $half)]);
    expect($tight->projection->extras[0]->kind->value)->toBe('pour')
        ->and($tight->looseness())->toEqualWithDelta($plan->ask->target->looseness, 0.1);
    $loose = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $half), new Touch('x', TouchKind::Splash, OnTheFire::at($half), volume: 400.0)]);
    expect($loose->projection->extras[0]->kind->value)->toBe('lift')->and($loose->projection->extras[0]->volume)->toBeGreaterThan(200.0)->toBeLessThanOrEqual(400.0);
});

it('asks for one dose more than planned where the ring takes it, and for fewer where it does not', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $count = static fn (Forecast $forecast): int => count(array_filter($forecast->steps, static fn (Step $step): bool => $step->kind === StageKind::Pour));
    $minute = 5.0;
    $left = count(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour && $stage->minute > $minute));
    $strong = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $minute), OnTheFire::weighed($plan, OnTheFire::truth($plan, 1.4, $minute), $minute)]);
    expect($count($strong))->toBeGreaterThan($left);
    $weak = OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $minute), OnTheFire::weighed($plan, OnTheFire::truth($plan, 0.4, $minute), $minute)]);
    expect($count($weak))->toBeLessThan($left);
});

it('counts heat, lid, water and what was lifted as they were said', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $with = static fn (Touch ...$touches): State => (new ActualRun($plan->ask, $plan->heat, Replay::of($plan->stages, [...OnTheFire::doneUntil($plan, 6.0), ...$touches])))->until(60 * 10.0);
    $plain = $with();
    expect($with(new Touch('h', TouchKind::Heat, OnTheFire::at(6.0), mark: 'high'))->boiledOff)->toBeGreaterThan($plain->boiledOff + 40)
        // A lid of 28 cm loses 56 W: some 6 g of steam in four minutes.
        ->and($with(new Touch('l', TouchKind::Lid, OnTheFire::at(6.0), on: true))->boiledOff)->toBeLessThan($plain->boiledOff - 4)
        ->and($with(new Touch('l', TouchKind::Lid, OnTheFire::at(6.0), on: true), new Touch('m', TouchKind::Lid, OnTheFire::at(6.1), on: false))->boiledOff)->toEqualWithDelta($plain->boiledOff, 4)
        ->and($with(new Touch('w', TouchKind::Splash, OnTheFire::at(6.0), volume: 50.0, water: true))->salt)->toEqualWithDelta($plain->salt, 1e-9)
        ->and($with(new Touch('w', TouchKind::Splash, OnTheFire::at(6.0), volume: 50.0))->salt)->toBeGreaterThan($plain->salt + 0.1)
        ->and($with(new Touch('o', TouchKind::Lift, OnTheFire::at(6.0), volume: 50.0))->liftedOut)->toEqualWithDelta(50.0, 1e-9);
});

it('keeps the books closed through every correction', function (): void {
    $plan = Planner::plan(Kitchens::ask(wine: 80));
    foreach ([0.5, 0.9, 1.4, 2.0] as $power) {
        $replay = Replay::of($plan->stages, [...OnTheFire::doneUntil($plan, 7.0), OnTheFire::weighed($plan, OnTheFire::truth($plan, $power, 7.0), 7.0), new Touch('t', TouchKind::Taste, OnTheFire::at(7.2), taste: Taste::Nearly)]);
        $state = (new ActualRun($plan->ask, $plan->heat, $replay))->until(60 * 12.0);
        expect($state->poured)->toEqualWithDelta($plan->ask->rice() * $state->drunk + $state->free + $state->boiledOff + $state->liftedOut, 1e-9 * $state->poured)
            ->and($state->free)->toBeGreaterThanOrEqual(0.0);
    }
});

it('follows a pan that waits for its dose, and still says when the dose was due', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $touches = OnTheFire::doneUntil($plan, 5.0);
    $due = OnTheFire::forecast($plan, $touches)->steps[0];
    $late = OnTheFire::forecast($plan, $touches, $due->minute + 2.0);
    expect($late->steps[0]->minute)->toEqualWithDelta($due->minute, 1e-6)
        ->and($late->now->minute())->toEqualWithDelta($due->minute + 2.0, 0.02)
        ->and($late->now->free)->toBeLessThan(0.55 * $plan->ask->rice());
});

it('calls what fell due first first, however near the waiting draws the next', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $turn = array_keys(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Heat))[0];
    $due = $plan->stages[$turn]->minute;
    $stages = [...array_slice($plan->stages, 0, $turn + 1), new Stage($due + 0.4, StageKind::Add, Fact::text('raisins')), ...array_slice($plan->stages, $turn + 1)];
    $replay = Replay::of($stages, OnTheFire::doneUntil($plan, $due - 0.01));
    foreach ([0.2, 0.6, 0.9, 1.2, 1.6] as $late) {
        $steps = Forecast::of($plan->ask, $plan->heat, $replay, OnTheFire::at($due + $late))->steps;
        expect($steps[0]->kind->value)->toBe('heat')->and($steps[0]->minute)->toEqualWithDelta($due, 0.05);
    }
});

it('counts the rest, the minutes at the pass and what loosens it once it is off the heat', function (): void {
    $plan = Planner::plan(Kitchens::soupy());
    $off = OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $plan->pulled->minute() + 0.001));
    expect(array_map(static fn (Step $step): string => $step->kind->value, $off->steps))->not->toContain('off')->toContain('serve')
        ->and($off->standing->leavesBy($plan->ask->target->minutesToTable))->toEqualWithDelta($plan->standing->leavesBy($plan->ask->target->minutesToTable), 0.6);
});

it('has nothing to say before the first liquid, and when it is at the table', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    expect(Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, []), OnTheFire::at(0)))->toBeNull()
        ->and(Forecast::of($plan->ask, $plan->heat, Replay::of($plan->stages, OnTheFire::doneUntil($plan, 1000)), OnTheFire::at(30)))->toBeNull();
});

it('colours the floor by the clock once the crust has begun, gold before it is burnt', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $crust = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Crust))[0]->minute;
    $done = OnTheFire::doneUntil($plan, $crust + 0.001);
    $floor = static fn (float $minute): ?Velko\Core\Crust\CrustNow => OnTheFire::forecast($plan, $done, $minute)->floor;
    expect(OnTheFire::forecast($plan, OnTheFire::doneUntil($plan, $crust - 0.5))->floor)->toBeNull()
        ->and($floor($crust)->gold)->toEqualWithDelta($plan->pulled->minute(), 0.05)
        // a hand has most of a minute
        ->and($floor($crust)->burnt)->toBeGreaterThan($floor($crust)->gold + 0.6)
        ->and($floor($crust)->rows[0]['rings'])->each->toBeLessThan(0.05);
    $rows = $floor($crust)->rows;
    $middle = static fn (float $minute): float => array_values(array_filter($rows, static fn (array $row): bool => $row['minute'] >= $minute - 1e-6))[0]['rings'][0];
    // It browns on off the heat: on it, it is paler, and no part of it burnt, when it must come off.
    expect($middle($plan->pulled->minute()))->toBeGreaterThan(0.5 * $plan->crust->rings()[0]->darkest)->toBeLessThan($plan->crust->rings()[0]->darkest)
        ->and(max($rows[count($rows) - 1]['rings']))->toBeGreaterThan(2.5)->toBeLessThan(4.5)
        ->and($rows[count($rows) - 1]['minute'])->toEqualWithDelta($floor($crust)->burnt, 1e-6);
});

it('does not put off what is overdue: a crust that the plan makes in one move is off when it is gold, on a ring that would have it in two', function (): void {
    $plan = Planner::plan([...Kitchens::randomPanRice(284, 20_261)]['pan rice 283 of seed 20261']);
    $moves = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Crust));
    $ask = $plan->ask->on($plan->ask->burner->times(1.3));
    expect($moves)->toHaveCount(1)
        ->and($ask->crustMaking()->timed((string) $moves[0]->mark, $moves[0]->shift ?? 0.0, 2)->legs)->toHaveCount(2);

    $begun = Replay::of($plan->stages, OnTheFire::doneUntil($plan, $moves[0]->minute + 0.001));
    $gold = Forecast::of($ask, $plan->heat, $begun, OnTheFire::at($moves[0]->minute))->floor->gold ?? 0.0;
    foreach ([0.25, 1.0, 3.0] as $late) {
        $off = Forecast::of($ask, $plan->heat, $begun, OnTheFire::at($gold + $late))->steps[0] ?? null;
        expect($off?->kind)->toBe(StageKind::Off)->and($off?->minute)->toEqualWithDelta($gold, 0.02);
    }
});

it('follows the knob while the floor takes its colour: turned up it burns sooner, turned down later', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $crust = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Crust))[0]->minute;
    $floor = static fn (?string $mark): Velko\Core\Crust\CrustNow => OnTheFire::forecast($plan, [...OnTheFire::doneUntil($plan, $crust + 0.001), ...($mark === null ? [] : [new Touch('h', TouchKind::Heat, OnTheFire::at($crust + 0.25), mark: $mark)])])->floor;
    expect($floor('high')->burnt)->toBeLessThan($floor(null)->burnt - 0.05)
        ->and($floor('high')->gold)->toBeLessThan($floor(null)->gold - 0.05)
        ->and($floor('low')->burnt)->toBeGreaterThan($floor(null)->burnt + 0.05)
        ->and($floor('low')->gold)->toBeGreaterThan($floor(null)->gold + 0.05);
});

it('counts the knob where the stove said it goes, not where the plan had it', function (): void {
    $plan = Planner::plan(Kitchens::panRice());
    $turn = array_keys(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Heat))[0];
    $before = OnTheFire::doneUntil($plan, $plan->stages[$turn]->minute - 0.01);
    $at = OnTheFire::at($plan->stages[$turn]->minute);
    $said = static fn (?string $mark): string => OnTheFire::forecast($plan, [...$before, new Touch('t', TouchKind::Done, $at, $turn, mark: $mark)])->mark;
    expect($said(null))->toBe($plan->stages[$turn]->mark)->and($said('medium'))->toBe('medium');
});

it('buys with "not yet" as long as the sign usually needs, with one call at its end', function (Plan $plan): void {
    $stage = array_keys(array_filter($plan->stages, static fn (Stage $stage): bool => in_array($stage->kind, [StageKind::Pour, StageKind::Heat], true) && $stage->minute > 3))[0] ?? null;
    if ($stage === null) {
        $stage = array_keys(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Taste))[0];
    }
    $due = $plan->stages[$stage]->minute;
    $touches = [...OnTheFire::doneUntil($plan, $due - 0.01), new Touch('n', TouchKind::NotYet, OnTheFire::at($due + 0.1), $stage)];
    $seconds = NotYet::seconds($plan->stages[$stage]->kind, $plan->ask);
    expect($seconds)->toBeGreaterThanOrEqual(20.0)->toBeLessThanOrEqual(90.0);
    foreach ([0.1, 0.1 + $seconds / 120, 0.1 + $seconds / 60 + 0.5] as $later) {
        $first = OnTheFire::forecast($plan, $touches, $due + $later)->steps[0];
        expect($first->stage)->toBe($stage)->and($first->minute)->toBeGreaterThanOrEqual($due + 0.1 + $seconds / 60 - 1e-6)->toBeLessThan($due + 0.1 + $seconds / 60 + 1.0);
    }
})->with('plans');

it('is true for now while nobody touches: soft rice is soft, a pan that stands cools', function (Plan $plan): void {
    $pull = $plan->pulled->minute();
    $touches = OnTheFire::doneUntil($plan, 0.9 * $pull);
    $bites = array_map(static fn (float $late): string => OnTheFire::forecast($plan, $touches, $pull + $late)->bite()->value, [0.0, 5.0, 9.0]);
    expect($bites[0])->toBe('right')->and($bites[1])->not->toBe('right');
    // Off the heat and not carried: eaten when it is, not when it should have been.
    $off = OnTheFire::doneUntil($plan, $pull + 0.001);
    $soon = OnTheFire::forecast($plan, $off, $pull + 0.5)->projection->atTable;
    $late = OnTheFire::forecast($plan, $off, $pull + 25.0)->projection->atTable;
    expect($late->temperature)->toBeLessThan($soon->temperature - 5)->and($late->minute())->toEqualWithDelta($pull + 25.0, 0.05);
})->with('plans');

it('lets off win over everything once the bite is at its end', function (Plan $plan): void {
    $pull = $plan->pulled->minute();
    foreach ([0.3, 0.6, 0.9] as $share) {
        $touches = OnTheFire::doneUntil($plan, $share * $pull);
        foreach ([1.5, 4.0, 10.0] as $late) {
            $forecast = OnTheFire::forecast($plan, $touches, $pull + $late);
            // A dry pan softens slowly: there the floor is what ends it.
            $atItsEnd = $forecast->now->doneness >= $plan->ask->grain->window->rightTo() || ($forecast->floor !== null && $forecast->now->minute() >= $forecast->floor->gold);
            expect($atItsEnd ? $forecast->steps[0]->kind : StageKind::Off)->toBe(StageKind::Off);
        }
    }
})->with('plans');

it('goes on calling what is overdue: no look takes the call back for a second', function (Ask $ask): void {
    $plan = Planner::plan($ask);
    $off = array_values(array_filter($plan->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Off))[0]->minute;
    $replay = Replay::of($plan->stages, OnTheFire::doneUntil($plan, $off - 0.01));
    foreach (range(0, 120) as $look) {
        $now = $off + 0.5 + $look * 2.5 / 60; // as often as a stove looks
        $first = Forecast::of($ask, $plan->heat, $replay, OnTheFire::at($now))->steps[0];
        expect($first->kind)->toBe(StageKind::Off)->and($first->minute)->toBeLessThanOrEqual($now);
    }
})->with([
    'risotto' => [fn (): Ask => Kitchens::ask(covers: 6, ladle: 150, wine: 150)], 'pan rice' => [fn (): Ask => Kitchens::panRice()], 'soupy rice' => [fn (): Ask => Kitchens::soupy()],
]);

it('warns of a knob that is turned up further than the floor takes, and of no other', function (): void {
    // 26 cm of base, 0.053 m²: 2,000 W make 38 kW/m², past the 28 that catch; 900 W make 17.
    $plan = Planner::plan(Kitchens::ask(net: ['low' => 350.0, 'medium' => 650.0, 'high' => 900.0, 'wok' => 2000.0], mark: 'medium', wine: 100));
    $done = OnTheFire::doneUntil($plan, 6.0);
    $said = static fn (string $mark): array => array_column(Change::between(OnTheFire::forecast($plan, $done, 6.5), OnTheFire::forecast($plan, [...$done, $turned = new Touch('h', TouchKind::Heat, OnTheFire::at(6.5), mark: $mark)]), $turned), null, 'code');
    expect($said('wok'))->toHaveKey('change.too-fierce')
        ->and($said('wok')['change.too-fierce']->args)->toBe(['then' => 'catches', 'mark' => 'medium'])
        ->and($said('high'))->not->toHaveKey('change.too-fierce')
        ->and($said('low'))->not->toHaveKey('change.too-fierce');
});

it('says once that the salt goes past what was asked, and that the rest may be water', function (): void {
    $plan = Planner::plan(Kitchens::ask(salt: 0.95));
    $done = OnTheFire::doneUntil($plan, 9.0);
    $truth = OnTheFire::truth($plan, 1.6, 9.0);
    // The ring is far stronger than its mark: more stock goes in, and its salt stays on the plate.
    $weighed = OnTheFire::weighed($plan, $truth, 9.0);
    [$before, $after] = [OnTheFire::forecast($plan, $done, 9.0), OnTheFire::forecast($plan, [...$done, $weighed])];
    $poured = array_sum(array_map(static fn (Touch $touch): float => $touch->volume ?? 0.0, $done));
    $plate = 4 * 80 * (1 + $after->projection->atTable->drunk) + $after->projection->atTable->free;
    $byHand = 100 * 0.0095 * ($poured + $after->projection->stock()) / $plate;
    $said = array_column(Change::between($before, $after, $weighed), null, 'code');
    // 1.0 % is the top of what the kitchen asks for, and a tongue does not tell 1.1 from it.
    expect($byHand)->toBeGreaterThan(1.1)
        ->and($said['change.too-salty']->args['salt'])->toEqualWithDelta($byHand, 0.02)
        ->and($said['change.too-salty']->args['left'])->toBeTrue();
    $taste = new Touch('t', TouchKind::Taste, OnTheFire::at(9.1), taste: Taste::Nearly);
    $again = OnTheFire::forecast($plan, [...$done, $weighed, $taste]);
    expect(array_column(Change::between($after, $again, $taste), 'code'))->not->toContain('change.too-salty');
});
