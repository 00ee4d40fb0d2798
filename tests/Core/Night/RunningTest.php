<?php

declare(strict_types=1);

use Tests\Core\Night\Nights;
use Velko\Core\Night\Clashes;
use Velko\Core\Night\Firing;
use Velko\Core\Night\HandAssignment;
use Velko\Core\Night\Hands;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\Placement;
use Velko\Core\Night\RingBooking;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Solver;
use Velko\Core\Night\Timetable;

/* A night that runs: what is on stays on, and the rest makes room. Minutes reckoned beside. */

it('leaves a pan that is on where it is, and puts the next on when its ring is free', function (): void {
    $timetable = Nights::stirred(20.0);
    $timetables = Nights::timetables([$timetable], [10, 10]);
    // On at 80, ten minutes late: off its ring at 103, at the table at 106. The other, due at 110, needs the one ring from 84 on: it goes on at 103 and is there at 129.
    $running = new Placement([0 => 4], 0, 320.0, 0, 0, 80.0, $timetable);
    $night = Nights::night([new Firing(0, 4, 100.0), new Firing(0, 4, 110.0)], 2, 1, 3)->with(['running' => [$running], 'now' => 82.0]);
    $schedule = (new Solver($night, $timetables))->solve();
    expect($schedule->placements[0])->toBe($running)->and($schedule->tableOf(0))->toBe(106.0)->and($schedule->placements[1]->on)->toBe(103.0)->and($schedule->tableOf(1))->toBe(129.0);
    $clashes = (new Clashes($schedule, $timetables))->all();
    expect(array_map(static fn ($clash): array => [$clash->code, $clash->firings], $clashes))->toEqualCanonicalizing([['ring', [1]], ['behind', [0]]]);
});

it('cooks only what of a firing is in no pan yet', function (): void {
    $timetable = Nights::stirred(20.0);
    $night = Nights::night([new Firing(0, 14, 100.0)], 2, 2, 2)->with(['running' => [new Placement([0 => 8], 0, 640.0, 0, 0, 74.0, $timetable)], 'now' => 74.0]);
    $schedule = (new Solver($night, Nights::timetables([$timetable], [10, 10])))->solve();
    expect($night->open(0))->toBe(6)->and(array_map(static fn (Placement $placement): array => $placement->serves, $schedule->placements))->toBe([[0 => 8], [0 => 6]]);
});

it('keeps a pan that runs though the rest of its table cannot be cooked', function (): void {
    $timetable = Nights::stirred(20.0);
    $night = Nights::night([new Firing(0, 14, 100.0)], 2, 2, 2)->with(['running' => [new Placement([0 => 8], 0, 640.0, 0, 0, 74.0, $timetable)], 'now' => 390.0]);
    $schedule = (new Solver($night, Nights::timetables([$timetable], [10, 10])))->solve();
    expect($schedule->notCooked)->toBe([0])->and($schedule->placements)->toHaveCount(1);
});

it('puts nothing on a ring that carries a stock pot, nor gives away the hand that skims it', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10]);
    $night = Nights::night([new Firing(0, 4, 100.0)], 1, 2, 1)->with(['taken' => [new RingBooking(0, 0.0, 400.0)]]);
    expect((new Solver($night, $timetables))->solve()->placements[0]->ring)->toBe(1);
    // The only hand skims for a tenth of its time until 120: stirring takes all of it, so that the pan goes on at 120, at the table at 146.
    $skimmed = $night->with(['taken' => [new RingBooking(0, 0.0, 120.0, 0.1)]]);
    expect((new Solver($skimmed, $timetables))->solve()->tableOf(0))->toBe(146.0);
});

it('has work beside a pan wait for a hand, before its pan goes on', function (): void {
    // Half a hand from 30 min before the first liquid: the pan, on 3 min before it, cannot go on sooner than 27 min after somebody is there.
    $timetable = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.4, 'stir'), new HandShare(-30.0, -10.0, 0.5, Timetable::BESIDE)]);
    expect($timetable->lead)->toBe(27.0);
    $night = Nights::night([new Firing(0, 4, 50.0)], 1, 1, 1)->with(['hands' => [new Shift(10.0, 400.0, 1)]]);
    // There from 10 on: begun at 10, on at 37, at the table at 63.
    expect((new Solver($night, Nights::timetables([$timetable], [10])))->solve()->tableOf(0))->toBe(63.0);
});

it('says the first honest minute for whoever comes unannounced, and makes nobody late for it', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10, 10]);
    $night = Nights::night([new Firing(0, 4, 100.0)], 2, 1, 2)->with(['now' => 60.0]);
    $solver = new Solver($night, $timetables);
    $schedule = $solver->solve();
    // The one ring is free until 74: 23 min do not go into 14. It is free again at 97: on then, at the table at 123.
    expect($solver->soonest($schedule, new Firing(0, 6, 0.0)))->toBe(123.0);
    expect($solver->soonest((new Solver($night->with(['firings' => []]), $timetables))->solve(), new Firing(0, 6, 0.0)))->toBe(86.0);
    expect($solver->soonest($schedule, new Firing(1, 6, 0.0)))->toBeNull();
});

it('counts hands needed against hands there, and from when to when they are short', function (): void {
    $timetable = new Timetable(0.0, 20.0, 20.0, [new HandShare(0.0, 20.0, 1.0, 'stir')]);
    $night = Nights::night([new Firing(0, 4, 100.0), new Firing(0, 4, 100.0)], 2, 2, 1);
    $placements = [new Placement([0 => 4], 0, 320.0, 0, 0, 80.0, $timetable), new Placement([1 => 4], 0, 320.0, 1, 1, 90.0, $timetable)];
    expect((new Hands($night))->curve($placements))->toBe([[0.0, 0.0, 1], [80.0, 1.0, 1], [90.0, 2.0, 1], [100.0, 1.0, 1], [110.0, 0.0, 1], [400.0, 0.0, 0]])
        ->and((new Hands($night))->short($placements))->toBe([90.0, 100.5])->and((new Hands($night))->short([$placements[0]]))->toBeNull();
});

it('takes what was to be begun beside a pan for begun, where the pan stood before', function (): void {
    // Half an hour before its first liquid something is begun beside it: due at 100, the pan on at 74, the work at 47.
    $timetable = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.4, 'stir'), new HandShare(-30.0, -10.0, 0.5, Timetable::BESIDE)]);
    $timetables = Nights::timetables([$timetable], [10]);
    $night = Nights::night([new Firing(0, 4, 100.0)], 1, 1, 1);
    $before = (new Solver($night, $timetables))->solve();
    expect($before->placements[0]->on)->toBe(74.0);
    // At 60 the work is on its way: the pan still goes on at 74. Who had not seen it before would begin the work at 60, and be there at 113.
    expect((new Solver($night->with(['now' => 60.0]), $timetables))->solve($before)->placements[0]->on)->toBe(74.0)
        ->and((new Solver($night->with(['now' => 60.0]), $timetables))->solve()->tableOf(0))->toBe(113.0);
});

it('keeps the place of a pan that is two minutes overdue, and gives it another after that', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10]);
    $night = Nights::night([new Firing(0, 4, 100.0)], 1, 1, 1);
    $before = (new Solver($night, $timetables))->solve();
    // On at 74. At 76 somebody is on the way; at 76.5 it goes on at 76.5 at the soonest, and is at the table at 102.5.
    expect((new Solver($night->with(['now' => 76.0]), $timetables))->solve($before)->placements[0]->on)->toBe(74.0)
        ->and((new Solver($night->with(['now' => 76.5]), $timetables))->solve($before)->tableOf(0))->toBe(102.5);
});

it('warns of a table that will be more than a minute late, once it is due within three quarters of an hour', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10, 10]);
    // Two tables at once, one pair of hands, and 20 minutes to stir each pan: one of them is late, whatever is done.
    $night = Nights::night([new Firing(0, 4, 100.0), new Firing(0, 5, 100.0)], 2, 2, 1)->with(['merge' => false]);
    $at = static fn (float $now): array => (new Solver($night->with(['now' => $now]), $timetables))->solve()->warnings();
    expect($at(54.5))->toBe([])->and($at(55.0))->toBe([0]);
    // Half a minute is nothing: on at 74.5, at the table at 100.5.
    $alone = Nights::night([new Firing(0, 4, 100.0)], 1, 1, 1)->with(['now' => 74.5]);
    expect((new Solver($alone, $timetables))->solve()->lateOf(0))->toBe(0.5)
        ->and((new Solver($alone, $timetables))->solve()->warnings())->toBe([]);
});

it('gives each pan to one pair of hands: who is there for all of it, and has least to do', function (): void {
    $stirred = new Timetable(0.0, 20.0, 20.0, [new HandShare(0.0, 20.0, 1.0, 'stir')]);
    $watched = new Timetable(0.0, 20.0, 20.0, [new HandShare(0.0, 20.0, 0.1, 'watch')]);
    $placement = static fn (int $firing, float $on, Timetable $timetable): Placement => new Placement([$firing => 4], 0, 320.0, $firing, $firing, $on, $timetable);
    $night = Nights::night([], 4, 4)->with(['hands' => [new Shift(0.0, 400.0, 1), new Shift(90.0, 400.0, 1)]]);
    // From 80 only the first is there; at 100 it stirs no more, and both are free; two stirred at once are for two; what is only watched goes to whoever stirs nothing.
    expect(HandAssignment::of($night, [$placement(0, 80.0, $stirred), $placement(1, 95.0, $stirred), $placement(2, 120.0, $stirred), $placement(3, 125.0, $watched)]))->toBe([[0, 0], [1, 0], [0, 0], [1, 0]])
        ->and(HandAssignment::of($night, [$placement(0, 390.0, $stirred)]))->toBe([null]);
});

it('lets a night stay as it stood where nothing better is found', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0), Nights::stirred(18.0)], [10, 10, 10]);
    $night = Nights::night([new Firing(0, 4, 100.0), new Firing(1, 4, 130.0)], 3, 3, 2);
    $before = (new Solver($night, $timetables))->solve();
    $after = (new Solver($night->with(['firings' => [...$night->firings, new Firing(0, 3, 200.0)]]), $timetables))->solve($before);
    expect(array_slice($after->placements, 0, 2))->toEqual($before->placements)->and($after->placements)->toHaveCount(3);
});

it('stands what needs a ring beside its pan on one that is free, and waits for one where none is', function (): void {
    // On from 3 min before the first liquid to 20 after it; something on a ring of its own from 10 min before it to 2 min after.
    $timetable = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.1, 'watch')], [[-10.0, 2.0]]);
    expect($timetable->lead)->toBe(7.0);
    $timetables = Nights::timetables([$timetable], [10, 10]);
    // At the table at 100: first liquid at 77, on at 74, beside it from 67 to 79 on the other ring.
    $two = (new Solver(Nights::night([new Firing(0, 4, 100.0)], 1, 2, 2), $timetables))->solve();
    expect($two->placements)->toHaveCount(1)->and($two->placements[0]->ring)->toBe(0)->and($two->placements[0]->on)->toBe(74.0)->and($two->placements[0]->ringsBeside())->toBe([[1, 67.0, 79.0]]);
    // One ring: until 2 min after the first liquid both would stand on it.
    expect((new Solver(Nights::night([new Firing(0, 4, 100.0)], 1, 1, 2), $timetables))->solve()->notCooked)->toBe([0]);
    // The other carries a pot until 90: its pan goes on there then, what stands beside it on the first from 83 on; at the table at 116.
    $pot = Nights::night([new Firing(0, 4, 100.0, late: 30.0)], 1, 2, 2)->with(['taken' => [new RingBooking(1, 0.0, 90.0)]]);
    expect((new Solver($pot, $timetables))->solve()->tableOf(0))->toBe(116.0);
    // What is off its ring before its own pan goes on takes no second one.
    $before = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.1, 'watch')], [[-15.0, -3.0]]);
    expect((new Solver(Nights::night([new Firing(0, 4, 100.0)], 1, 1, 2), Nights::timetables([$before], [10])))->solve()->placements[0]->ringsBeside())->toBe([[0, 62.0, 74.0]]);
});

it('has two pans beside which something stands go on one after the other where there are three rings', function (): void {
    // 23 min on, all the while a second ring beside each: four rings for two at once, three only for one after the other.
    $timetable = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.1, 'watch')], [[-3.0, 20.0]]);
    $timetables = Nights::timetables([$timetable, $timetable], [10, 10]);
    $firings = [new Firing(0, 4, 100.0, late: 60.0), new Firing(1, 4, 100.0, late: 60.0)];
    $tables = static fn (int $rings): array => array_map(static fn (int $firing): ?float => (new Solver(Nights::night($firings, 2, $rings, 2), $timetables))->solve()->tableOf($firing), [0, 1]);
    expect($tables(4))->toBe([100.0, 100.0])->and(abs(array_sum($tables(3)) - 200.0))->toBeGreaterThanOrEqual(23.0);
});

it('finds the one way in which all that stands beside a pan has a ring', function (): void {
    // Ring 1 is free all the time, ring 2 only until 70: what stands there from 60 to 70 has to leave ring 1 to what stands from 65 to 80.
    $timetable = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.1, 'watch')], [[-17.0, -7.0], [-12.0, 3.0]]);
    $night = Nights::night([new Firing(0, 4, 100.0, early: 0.0)], 1, 3, 2)->with(['taken' => [new RingBooking(0, 0.0, 74.0), new RingBooking(2, 70.0, 400.0)]]);
    $placement = (new Solver($night, Nights::timetables([$timetable], [10])))->solve()->placements[0];
    expect($placement->ring)->toBe(0)->and($placement->ringsBeside())->toBe([[2, 60.0, 70.0], [1, 65.0, 80.0]]);
});

it('leaves a ring to what still stands beside a pan that is on', function (): void {
    $timetable = Nights::stirred(20.0, 0.1);
    $on = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.1, 'watch')], [[10.0, 20.0]]);
    $night = Nights::night([new Firing(0, 4, 100.0)], 2, 2, 2)->with(['now' => 74.0, 'running' => [new Placement([], 0, 320.0, 1, 0, 72.0, $on)]]);
    // First liquid at 75; ring 1 from 85 to 95: the pan that was to be on it from 74 to 97 goes on at 95, at the table at 121.
    $schedule = (new Solver($night->withRingsBeside(), Nights::timetables([$timetable], [10, 10])))->solve();
    expect($schedule->tableOf(0))->toBe(121.0);
});
