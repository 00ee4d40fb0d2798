<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Cook\Verdict;
use Velko\Core\Family\Families;
use Velko\Core\Live\ActualRun;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;
use Velko\Core\Quantity\Fact;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

const BEGAN = 1_700_000_000_000;

/** @return list<Stage> */
function shortStages(): array
{
    return [new Stage(-3, StageKind::Toast, Fact::text('')), new Stage(0, StageKind::Wine, Fact::text(''), 100), new Stage(2, StageKind::Pour, Fact::text(''), 270, 3), new Stage(5, StageKind::Pour, Fact::text(''), 90, 1), new Stage(9, StageKind::Off, Fact::text('')), new Stage(12, StageKind::Serve, Fact::text(''))];
}

function touched(string $id, string $kind, float $minute, ?int $stage = null, ?float $volume = null, ?string $undoes = null, ?Verdict $verdict = null): Touch
{
    return new Touch($id, TouchKind::from($kind), BEGAN + (int) (60000 * $minute), $stage, $volume, $undoes, $verdict);
}

/**
 * Every stage done just as planned, the first liquid at BEGAN.
 *
 * @return list<Touch>
 */
function asPlanned(Plan $plan): array
{
    $touches = [touched('start', 'start', -3)];
    foreach ($plan->stages as $i => $stage) {
        $touches[] = touched("t$i", $stage->volume === null ? 'done' : 'pour', $stage->minute, $i, $stage->volume);
    }

    return $touches;
}

it('waits until somebody begins', function (): void {
    $replay = Replay::of(shortStages(), []);
    expect($replay->status)->toBe(Status::Waiting)->and($replay->now())->toBe(0)->and($replay->pours())->toBe([])->and($replay->minute(BEGAN))->toBeNull();
});

it('counts minutes from the first liquid, wine or stock', function (): void {
    $replay = Replay::of(shortStages(), [touched('a', 'start', -4), touched('b', 'done', -1, 0), touched('c', 'pour', 0, 1, 100), touched('d', 'pour', 2.5, 2, 300)]);
    expect($replay->status)->toBe(Status::Cooking)
        ->and($replay->firstLiquidAt)->toBe(BEGAN)
        ->and($replay->now())->toBe(3)
        ->and($replay->poured())->toBe(300.0)
        ->and(array_map(static fn ($pour) => [$pour->minute, $pour->volume, $pour->wine], $replay->pours()))->toBe([[0.0, 100.0, true], [2.5, 300.0, false]]);
});

it('takes back a step that two tablets said at once, not one of the two touches; said again after that it counts', function (): void {
    $touches = [touched('a', 'start', -4), touched('b', 'done', -1, 0), touched('c', 'pour', 0, 1, 100), touched('twin', 'pour', 0.01, 1, 100), touched('d', 'pour', 2.5, 2, 300)];
    expect(Replay::of(shortStages(), $touches)->undoable()?->id)->toBe('d');
    $undone = [...$touches, touched('u', 'undo', 3, undoes: 'd'), touched('v', 'undo', 3.1, undoes: 'c')];
    $replay = Replay::of(shortStages(), $undone);
    expect(array_keys($replay->done))->toBe([0])->and($replay->firstLiquidAt)->toBeNull()->and($replay->undoable()?->id)->toBe('b');
    $again = Replay::of(shortStages(), [...$undone, touched('e', 'pour', 4, 1, 90)]);
    expect(array_keys($again->done))->toBe([0, 1])->and($again->done[1]->id)->toBe('e');
});

it('is the same whatever the order in which the touches arrive', function (): void {
    $touches = [touched('a', 'start', -4), touched('b', 'done', -1, 0), touched('c', 'pour', 0, 1, 100), touched('d', 'pour', 2.5, 2, 300), touched('e', 'undo', 2.6, undoes: 'd')];
    $replay = Replay::of(shortStages(), $touches);
    shuffle($touches);
    expect(Replay::of(shortStages(), $touches))->toEqual($replay);
});

it('takes back what was undone', function (): void {
    $replay = Replay::of(shortStages(), [touched('c', 'pour', 0, 1, 100), touched('d', 'pour', 2, 2, 500), touched('e', 'undo', 2.1, undoes: 'd'), touched('f', 'pour', 2.2, 2, 270)]);
    expect($replay->poured())->toBe(270.0)->and($replay->now())->toBe(3);
});

it('walks back touch by touch, each time the one before, and says what was taken back', function (): void {
    $touches = [touched('a', 'start', -4), touched('b', 'done', -1, 0), touched('c', 'pour', 0, 1, 100), touched('d', 'pour', 2.5, 2, 300)];
    expect(Replay::of(shortStages(), $touches)->undoable()?->id)->toBe('d');
    foreach (['d', 'c', 'b', 'a'] as $i => $id) {
        expect(Replay::of(shortStages(), $touches)->undoable()?->id)->toBe($id);
        $touches[] = touched("u$i", 'undo', 3 + $i, undoes: $id);
        expect(Replay::of(shortStages(), $touches)->takenBack?->id)->toBe($id);
    }
    expect(Replay::of(shortStages(), $touches)->status)->toBe(Status::Waiting)
        ->and(Replay::of(shortStages(), $touches)->undoable())->toBeNull();
});

it('takes a whole way back for one touch', function (): void {
    $at = static fn (float $minute): int => BEGAN + (int) (60000 * $minute);
    $touches = [
        touched('c', 'pour', 0, 1, 100), touched('d', 'pour', 2, 2, 500),
        new Touch('t', TouchKind::Trouble, $at(4)), new Touch('s', TouchKind::Splash, $at(4.001), volume: 80.0, with: 't'), new Touch('h', TouchKind::Heat, $at(4.002), mark: 'low', with: 't'), new Touch('l', TouchKind::Lid, $at(4.003), on: true, with: 't'),
    ];
    expect(Replay::of(shortStages(), $touches)->undoable()?->id)->toBe('t')->and(Replay::of(shortStages(), $touches)->poured())->toBe(580.0);
    $back = Replay::of(shortStages(), [...$touches, touched('u', 'undo', 5, undoes: 't')]);
    expect($back->poured())->toBe(500.0)->and($back->lidIsOn())->toBeFalse()->and($back->undoable()?->id)->toBe('d');
});

it('takes a touch that changed nothing for none: the same step from a second tablet, a lid that is on', function (): void {
    $touches = [touched('c', 'pour', 0, 1, 100), touched('d', 'pour', 2, 2, 500), touched('e', 'pour', 2.01, 2, 500)];
    $replay = Replay::of(shortStages(), $touches);
    expect($replay->poured())->toBe(500.0)->and($replay->undoable()?->id)->toBe('d')->and($replay->last()?->id)->toBe('d');
    $lids = [new Touch('l', TouchKind::Lid, BEGAN + 200_000, on: true), new Touch('m', TouchKind::Lid, BEGAN + 201_000, on: true)];
    expect(Replay::of(shortStages(), [...$touches, ...$lids])->last()?->id)->toBe('l');
});

it('knows what ended it, to be taken back from the page it leads to', function (): void {
    $all = array_map(static fn (int $i): Touch => touched("s$i", 'done', $i, $i), range(0, 5));
    expect(Replay::of(shortStages(), $all)->ended()?->id)->toBe('s5')
        ->and(Replay::of(shortStages(), [touched('a', 'start', 0), touched('x', 'abandon', 1)])->ended()?->id)->toBe('x')
        ->and(Replay::of(shortStages(), [touched('a', 'start', 0)])->ended())->toBeNull();
});

it('counts a stage once, however often it was touched', function (): void {
    $replay = Replay::of(shortStages(), [touched('c', 'pour', 0, 2, 270), touched('d', 'pour', 0.01, 2, 270)]);
    expect($replay->poured())->toBe(270.0);
});

it('passes over a stage that was left out', function (): void {
    $replay = Replay::of(shortStages(), [touched('c', 'pour', 0, 2, 270)]);
    expect($replay->now())->toBe(3);
});

it('ends at the table, or when the pan is given up', function (): void {
    $all = array_map(static fn (int $i): Touch => touched("s$i", 'done', $i, $i), range(0, 5));
    expect(Replay::of(shortStages(), $all)->status)->toBe(Status::AtTable)
        ->and(Replay::of(shortStages(), $all)->now())->toBeNull()
        ->and(Replay::of(shortStages(), [touched('a', 'start', 0), touched('b', 'abandon', 1)])->status)->toBe(Status::GivenUp)
        ->and(Replay::of(shortStages(), [touched('a', 'start', 0), touched('b', 'abandon', 1)])->now())->toBeNull();
});

it('keeps the last verdict', function (): void {
    $replay = Replay::of(shortStages(), [
        touched('a', 'verdict', 1, verdict: new Verdict(Looseness::Stands, Bite::Soft, '')),
        touched('b', 'verdict', 2, verdict: new Verdict(Looseness::Wave, Bite::Right, 'good')),
    ]);
    expect($replay->verdict->note)->toBe('good')
        ->and($replay->verdict->asWanted(0.85, Families::named('risotto')->traits()->scale))->toBeTrue()
        ->and($replay->verdict->asWanted(0.45, Families::named('risotto')->traits()->scale))->toBeFalse()
        ->and((new Verdict(Looseness::Wave, Bite::Mush, ''))->asWanted(0.85, Families::named('risotto')->traits()->scale))->toBeFalse()
        // Stopped ahead of the service its heart is to be hard.
        ->and((new Verdict(Looseness::Stands, Bite::Crunchy, ''))->asWanted(0.30, Families::named('risotto')->traits()->scale, true))->toBeTrue()
        ->and((new Verdict(Looseness::Stands, Bite::Right, ''))->asWanted(0.30, Families::named('risotto')->traits()->scale, true))->toBeFalse();
});

it('is not confused by a stage that the plan does not have', function (): void {
    expect(Replay::of(shortStages(), [touched('a', 'done', 0, 99)])->now())->toBe(0);
});

it('lands where the plan said when everything is poured as planned', function (string $school): void {
    $plan = Planner::plan(Kitchens::ask(doses: $school, wine: 100));
    $happened = (new ActualRun($plan->ask, $plan->heat, Replay::of($plan->stages, asPlanned($plan))))->run(0);
    expect($happened->end->free / $plan->atTable->free)->toEqualWithDelta(1.0, 0.01)
        ->and($happened->end->doneness / $plan->atTable->doneness)->toEqualWithDelta(1.0, 0.01)
        ->and($happened->end->drunk / $plan->atTable->drunk)->toEqualWithDelta(1.0, 0.01);
})->with(['ladle-by-ladle', 'little-and-often', 'kept-covered', 'cooked-down']);

it('is looser for every millilitre too many', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $touches = asPlanned($plan);
    $last = array_key_last(array_filter($touches, static fn (Touch $touch): bool => $touch->kind === TouchKind::Pour));
    $touches[$last] = touched('more', 'pour', ($touches[$last]->at - BEGAN) / 60000, $touches[$last]->stage, $touches[$last]->volume + 96);
    $happened = (new ActualRun($plan->ask, $plan->heat, Replay::of($plan->stages, $touches)))->run(0);
    expect($happened->end->free / 320)->toEqualWithDelta($plan->looseness() + 0.3, 0.03);
});

it('follows a pan on the heat until now, and no further', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $replay = Replay::of($plan->stages, array_slice(asPlanned($plan), 0, 4));
    $happened = (new ActualRun($plan->ask, $plan->heat, $replay))->run(BEGAN + 240_000);
    expect($happened->pulled)->toBeNull()
        ->and(max($happened->track->minute))->toEqualWithDelta(4.0, 1e-9);
});

it('does not run for ever when a touch is days late', function (): void {
    $plan = Planner::plan(Kitchens::ask());
    $touches = [...array_slice(asPlanned($plan), 0, 3), touched('z', 'pour', 60 * 24 * 400, 3, 90)];
    $happened = (new ActualRun($plan->ask, $plan->heat, Replay::of($plan->stages, $touches)))->run(PHP_INT_MAX);
    expect(max($happened->track->minute))->toBeLessThanOrEqual(180.0);
});
