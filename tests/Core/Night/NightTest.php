<?php

declare(strict_types=1);

use Tests\Core\Night\Nights;
use Velko\Core\Night\Clash;
use Velko\Core\Night\Clashes;
use Velko\Core\Night\Firing;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\LowerBound;
use Velko\Core\Night\Night;
use Velko\Core\Night\Offer;
use Velko\Core\Night\Placement;
use Velko\Core\Night\Schedule;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Solver;
use Velko\Core\Night\Timetable;
use Velko\Core\Night\Timetables;

/* A night is filled so that a hand can check it: lengths are said, minutes reckoned beside. */

/** What must hold of any night, however hopeless. */
function holds(Schedule $schedule, Timetables $timetables, string $name): void
{
    $night = $schedule->night;
    $served = array_fill_keys(array_keys($night->firings), 0);
    $late = 0.0;
    foreach ($schedule->placements as $placement) {
        expect($placement->timetable)->toEqual($timetables->of($placement->dish, $placement->pan, $placement->ring, $placement->covers(), $placement->rice), "$name: length")
            ->and(max([0, ...array_column(array_filter($timetables->places($placement->dish), static fn (array $place): bool => $place[0] === $placement->pan && $place[1] === $placement->ring), 2)]))->toBeGreaterThanOrEqual($placement->rice, "$name: too full")
            ->and($placement->on)->toBeGreaterThanOrEqual($night->now, "$name: too soon")
            ->and($placement->ringsBeside())->toHaveCount(count($placement->timetable->besideRings), "$name: a ring for all that stands beside it");
        foreach ($placement->serves as $firing => $covers) {
            $asked = $night->firings[$firing];
            $served[$firing] += $covers;
            expect($placement->dish)->toBe($asked->dish, "$name: another dish")
                ->and($placement->pan)->toBe($asked->pan ?? $placement->pan, "$name: pinned pan")->and($placement->ring)->toBe($asked->ring ?? $placement->ring, "$name: pinned ring")
                ->and($placement->on)->toBe($asked->on ?? $placement->on, "$name: pinned minute");
            expect($placement->table())->toBeGreaterThanOrEqual($asked->from() - 1e-6, "$name: too early at the table");
        }
    }
    foreach ($served as $firing => $covers) {
        expect($covers)->toBe(in_array($firing, $schedule->notCooked, true) ? 0 : $night->firings[$firing]->covers, "$name: served once");
        $late += $night->firings[$firing]->covers * $schedule->lateOf($firing);
    }
    // A ring has one pan, or what stands beside one; a pan one cook until it is washed.
    $stands = array_merge(...array_map(static fn (Placement $placement): array => [[$placement->ring, $placement->on, $placement->off()], ...$placement->ringsBeside()], $schedule->placements), ...[[]]);
    foreach ($stands as $at => [$ring, $from, $to]) {
        foreach (array_slice($stands, $at + 1) as [$other, $begins, $ends]) {
            expect($ring !== $other || $to <= $begins + 1e-6 || $ends <= $from + 1e-6)->toBeTrue("$name: a ring twice");
        }
    }
    foreach ($schedule->placements as $at => $a) {
        foreach (array_slice($schedule->placements, $at + 1) as $b) {
            expect($a->pan !== $b->pan || $a->table() + $night->wash <= $b->on + 1e-6 || $b->table() + $night->wash <= $a->on + 1e-6)->toBeTrue("$name: a pan twice");
        }
    }
    // The shares of hands never add up to more than are there: looked at just after each beginning.
    $shares = array_merge(...array_map(static fn (Placement $placement): array => $placement->hands(), $schedule->placements), ...[[]]);
    foreach ($shares as $begin) {
        $minute = $begin->from + 1e-4;
        $needed = array_sum(array_map(static fn ($share): float => $share->from <= $minute && $minute < $share->to ? $share->share : 0.0, $shares));
        $there = array_sum(array_map(static fn (Shift $shift): int => $shift->from <= $minute && $minute < $shift->to ? $shift->count : 0, $night->hands));
        expect($needed)->toBeLessThanOrEqual($there + 1e-6, "$name: hands");
    }
    expect($schedule->lateCovers())->toEqualWithDelta($late, 1e-6, "$name: late")
        ->and(LowerBound::of($schedule, $timetables))->toBeLessThanOrEqual($late + 1e-6, "$name: bound");
}

it('keeps every truth of a night in five hundred by chance', function (): void {
    foreach (Nights::random(500, 77) as $name => [$night, $timetables]) {
        $schedule = (new Solver($night, $timetables))->solve(share: 0.2);
        holds($schedule, $timetables, $name);
    }
});

it('fills the same night the same way whenever it is asked', function (): void {
    foreach (Nights::random(12, 78) as $name => [$night, $timetables]) {
        expect((new Solver($night, $timetables))->solve())->toEqual((new Solver($night, $timetables))->solve(), $name);
    }
});

it('ends each pan at the table at its minute, on the half minute before', function (): void {
    // On at 3 before the first liquid, 20 on the ring, eaten 3 after: 26 min. Due at 100: on at 74.
    $schedule = (new Solver(Nights::night([new Firing(0, 4, 100.0)], 1, 1), Nights::timetables([Nights::stirred(20.0)], [10])))->solve();
    expect($schedule->placements[0]->on)->toBe(74.0)->and($schedule->placements[0]->table())->toBe(100.0)->and($schedule->lateCovers())->toBe(0.0);
});

it('shares a pan between two tables of one dish where a minute is right for both, and not where there is none', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10, 10]);
    $shared = (new Solver(Nights::night([new Firing(0, 4, 100.0), new Firing(0, 5, 102.0)], 2, 2), $timetables))->solve();
    expect($shared->placements)->toHaveCount(1)->and($shared->placements[0]->serves)->toBe([0 => 4, 1 => 5])->and($shared->lateCovers())->toBe(0.0);
    $apart = (new Solver(Nights::night([new Firing(0, 4, 100.0), new Firing(0, 5, 104.0)], 2, 2), $timetables))->solve();
    expect($apart->placements)->toHaveCount(2);
    expect((new Solver(Nights::night([new Firing(0, 4, 100.0), new Firing(0, 5, 102.0)], 2, 2, merge: false), $timetables))->solve()->placements)->toHaveCount(2);
});

it('shares the covers that no one pan takes over as many as it needs, evenly', function (): void {
    $schedule = (new Solver(Nights::night([new Firing(0, 22, 100.0)], 3, 3, hands: 3), Nights::timetables([Nights::stirred(20.0)], [10, 10, 10])))->solve();
    expect(array_map(static fn (Placement $placement): int => $placement->covers(), $schedule->placements))->toEqualCanonicalizing([8, 7, 7])->and($schedule->lateCovers())->toBe(0.0);
});

it('shares covers over two pans at once where two rings are free, though one of them takes less', function (): void {
    // Fourteen, in pans of ten and of six: 7 + 7 would go into the larger one twice. 14 x 10/16 = 8.75: nine and five.
    $timetables = Nights::timetables([1 => Nights::stirred(20.0)], [10, 6]);
    $schedule = (new Solver(Nights::night([new Firing(1, 14, 60.0)], 2, 2), $timetables))->solve();
    expect(array_map(static fn (Placement $placement): array => [$placement->covers(), $placement->pan], $schedule->placements))->toEqualCanonicalizing([[9, 0], [5, 1]])
        ->and($schedule->lateCovers())->toBe(0.0);
    // Where there is one ring they go one after the other, and the rounds are even.
    $oversized = (new Solver(Nights::night([new Firing(1, 14, 60.0)], 1, 1), $timetables))->solve();
    expect(array_map(static fn (Placement $placement): int => $placement->covers(), $oversized->placements))->toBe([7, 7]);
});

it('offers no change that leaves a table as late as it was', function (): void {
    // Sixteen in a pan of six: 6, 5 and 5, one after the other, each 26 min from the cold pan to the table and 4 min of washing: an hour
    // late at least. A second ring is no use without a second pan, and a later table waits as long again; a second pan and the ring that
    // is free save one round of three.
    $timetables = Nights::timetables([1 => Nights::stirred(20.0)], [6]);
    $night = Nights::night([new Firing(1, 16, 60.0)], 1, 2);
    $clashes = (new Clashes((new Solver($night, $timetables))->solve(), $timetables))->all();
    expect($clashes)->toHaveCount(1)->and($clashes[0]->lateCovers)->toBeGreaterThan(16 * 50.0)
        ->and(array_map(static fn (Offer $offer): string => $offer->code, $clashes[0]->offers))->toBe(['other-pan']);
});

it('lets one pair of hands stir one pan: the second table waits, and a second pair is what mends it', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0), Nights::stirred(20.0)], [10, 10]);
    $night = Nights::night([new Firing(0, 4, 100.0), new Firing(1, 2, 100.0)], 2, 2, hands: 1);
    $schedule = (new Solver($night, $timetables))->solve();
    // 24 min of hands each, toast to finish. The first three minutes early, from 71 to 95; the second on at 95, at the table at 121: 2 covers × 21 min. The other way round it would be 4 × 21.
    expect($schedule->lateCovers())->toBe(42.0)->and($schedule->lateOf(0))->toBe(0.0);
    $clash = (new Clashes($schedule, $timetables))->all()[0];
    expect($clash->code)->toBe('hands')->and($clash->firings)->toBe([1])->and($clash->at)->toBe(74.0)->and($clash->lateCovers)->toBe(42.0)
        ->and(array_map(static fn (Offer $offer): array => [$offer->code, $offer->lateAfter], $clash->offers))->toContain(['more-hands', 0.0], ['later', 0.0]);
    // Stirred now and then and beaten into nothing, two go into one pair of hands: 0.4 + 0.4.
    $stew = new Timetable(-3.0, 20.0, 23.0, [new HandShare(-3.0, 20.0, 0.4, 'stir')]);
    expect((new Solver($night, Nights::timetables([$stew, $stew], [10, 10])))->solve()->lateCovers())->toBe(0.0);
});

it('names what is missing: a ring, a pan, time, a pan that is large enough', function (Night $night, Timetables $timetables, string $code, array $offered): void {
    $clashes = (new Clashes((new Solver($night, $timetables))->solve(), $timetables))->all();
    expect(array_map(static fn (Clash $clash): string => $clash->code, $clashes))->toContain($code)
        ->and(array_map(static fn (Offer $offer): string => $offer->code, $clashes[0]->offers))->toContain(...$offered);
})->with([
    'a ring' => [fn (): Night => Nights::night([new Firing(0, 4, 100.0), new Firing(1, 4, 100.0)], 2, 1, 3), fn (): Timetables => Nights::timetables([Nights::stirred(20.0), Nights::stirred(20.0)], [10, 10]), 'ring', ['other-ring', 'later']],
    'a pan' => [fn (): Night => Nights::night([new Firing(0, 4, 100.0), new Firing(1, 4, 100.0)], 1, 2, 3), fn (): Timetables => Nights::timetables([Nights::stirred(20.0), Nights::stirred(20.0)], [10]), 'pan', ['other-pan', 'later']],
    'time' => [fn (): Night => Nights::night([new Firing(0, 4, 20.0)], 1, 1), fn (): Timetables => Nights::timetables([Nights::stirred(20.0)], [10]), 'too-soon', ['later']],
]);

it('spreads the hands of what is done beside a pan over all its time, and asks for one pair at most', function (): void {
    // Four of sixteen minutes; and six in four, which nobody has.
    expect([HandShare::ofWork(-10.0, 6.0, 4.0)->share, HandShare::ofWork(0.0, 4.0, 6.0)->share, HandShare::ofWork(0.0, 4.0, 0.0)->share])->toBe([0.25, 1.0, 0.0]);
});

it('says that nobody is there, not that there is no time, where that makes a table later; and from when to when somebody would have to be', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10]);
    $clash = static fn (float $table, float $from): Clash => (new Clashes((new Solver(Nights::night([new Firing(0, 4, $table)], 1, 1)->with(['hands' => [new Shift($from, 400.0, 1)]]), $timetables))->solve(), $timetables))->all()[0];
    // 26 min from on to the table, the first 24 of them by hand: for a table at 100, three minutes early at the soonest, on at 71 to 74, and a hand until 95 to 98.
    $early = $clash(100.0, 200.0);
    expect($early->code)->toBe('hands')->and($early->at)->toBe(74.0);
    $more = array_values(array_filter($early->offers, static fn (Offer $offer): bool => $offer->code === 'more-hands'))[0];
    expect($more->lateAfter)->toBe(0.0)->and($more->from)->toBeGreaterThanOrEqual(71.0)->toBeLessThanOrEqual(74.0)->and($more->to)->toBeGreaterThanOrEqual(95.0)->toBeLessThanOrEqual(99.0);
    // Due at 20, there at 26 with all hands: 6 min for want of time; 8 more where nobody is there before 8, 2 more before 2.
    expect($clash(20.0, 8.0)->code)->toBe('hands')->and($clash(20.0, 2.0)->code)->toBe('too-soon');
});

it('leaves a firing uncooked that was to go on so soon that it would be there before its window', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10]);
    // 26 min from on to the table: on at 60 it is there at 86, and nobody eats before 97.
    $schedule = (new Solver(Nights::night([new Firing(0, 4, 100.0, on: 60.0)], 1, 1), $timetables))->solve();
    expect($schedule->notCooked)->toBe([0])->and((new Clashes($schedule, $timetables))->all()[0]->code)->toBe('too-soon');
});

it('says how late a night must be at least', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10]);
    // Due at 20, there at 26 at the soonest: 4 covers × 6 min; of the other, which waits for the one ring, nothing is sure.
    $schedule = (new Solver(Nights::night([new Firing(0, 4, 20.0), new Firing(0, 8, 40.0)], 1, 1), $timetables))->solve();
    expect(LowerBound::of($schedule, $timetables))->toBe(24.0)->and($schedule->lateCovers())->toBeGreaterThan(24.0);
});

it('says of a dish that fits no pan that it is too big, and cooks the rest', function (): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [0]);
    $schedule = (new Solver(Nights::night([new Firing(0, 4, 100.0)], 1, 1), $timetables))->solve();
    expect($schedule->notCooked)->toBe([0])->and((new Clashes($schedule, $timetables))->all()[0]->code)->toBe('too-big');
});

it('has a clear answer to a hopeless night', function (array $firings, int $hands): void {
    $timetables = Nights::timetables([Nights::stirred(20.0)], [10, 10]);
    foreach ([new Night($firings, [0, 1], [0, 1], [new Shift(0.0, 400.0, $hands)], 4.0), new Night($firings, [0, 1], [], [new Shift(0.0, 400.0, 2)], 4.0), new Night($firings, [], [0], [], 4.0)] as $night) {
        $schedule = (new Solver($night, $timetables))->solve();
        holds($schedule, $timetables, 'hopeless');
        expect(count((new Clashes($schedule, $timetables))->all()))->toBe(count(array_filter(array_keys($firings), static fn (int $number): bool => $schedule->tableOf($number) === null || $schedule->lateOf($number) > 0.0)));
    }
})->with(['nothing is ordered' => [[], 2], 'nobody is there' => [[new Firing(0, 4, 100.0)], 0], 'four hundred covers' => [[new Firing(0, 400, 300.0)], 2], 'it should be there already' => [[new Firing(0, 4, 0.0)], 2]]);
