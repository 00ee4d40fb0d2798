<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Core\Night\Nights;
use Velko\Core\Night\Firing;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\LowerBound;
use Velko\Core\Night\Night;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Solver;
use Velko\Core\Night\Timetable;

/* Nights against the least cover-minutes late that an outside solver finds: HiGHS (npm highs), on a model of its own in night.mjs. */

/** So late a night takes that solver too long. */
const LATE_ENOUGH = 150.0;

/**
 * Nights in whole minutes with rings that are alike, as night.mjs reads them, with what we make of each.
 *
 * @return list<array{firings: int, ours: float, bound: float, case: array<string, mixed>}>
 */
function wholeMinuteNights(int $count, int $seed, int $least, int $most): array
{
    $chance = new Randomizer(new Mt19937($seed));
    $nights = [];
    while (count($nights) < $count) {
        $dishes = array_map(static function () use ($chance): Timetable {
            $off = (float) $chance->getInt(16, 22);

            return new Timetable(-3.0, $off, $off + 3.0, [new HandShare(-3.0, 0.0, 0.4, 'toast'), new HandShare(0.0, $off, [1.0, 0.4, 0.1][$chance->getInt(0, 2)], 'stir'), new HandShare($off, $off + 1.0, 1.0, 'finish')]);
        }, range(0, 2));
        $pans = [10, ...array_map(static fn (): int => [6, 10][$chance->getInt(0, 1)], range(1, $chance->getInt(1, 4)))];
        [$rings, $hands, $number] = [$chance->getInt(2, 4), $chance->getInt(1, 3), $chance->getInt($least, $most)];
        $firings = array_map(static fn (): Firing => new Firing($chance->getInt(0, 2), $chance->getInt(1, 10), (float) $chance->getInt(40, 40 + 16 * $number), (float) $chance->getInt(0, 4), (float) $chance->getInt(0, 3)), range(1, $number));
        $night = new Night($firings, array_keys($pans), range(0, $rings - 1), [new Shift(0.0, 1000.0, $hands)], 4.0, false);
        $timetables = Nights::timetables($dishes, $pans);
        if ((new Solver($night, $timetables))->solve(share: 0.1)->lateCovers() > 1.2 * LATE_ENOUGH) {
            continue; // it would not come down to it
        }
        $schedule = (new Solver($night, $timetables))->solve();
        if ($schedule->notCooked !== [] || $schedule->lateCovers() > LATE_ENOUGH) {
            continue;
        }
        $nights[] = ['firings' => $number, 'ours' => $schedule->lateCovers(), 'bound' => LowerBound::of($schedule, $timetables), 'case' => [
            'rings' => $rings, 'hands' => $hands, 'wash' => 4, 'pans' => $pans, 'atMost' => $schedule->lateCovers(),
            'firings' => array_map(static fn (Firing $firing): array => ['covers' => $firing->covers, 'from' => $firing->from(), 'until' => $firing->until(), 'minutes' => [
                'on' => -3, 'off' => $dishes[$firing->dish]->off, 'table' => $dishes[$firing->dish]->table, 'hands' => array_map(static fn (HandShare $share): array => [$share->from, $share->to, $share->share], $dishes[$firing->dish]->hands),
            ]], $firings),
        ]];
    }

    return $nights;
}

/**
 * @param  list<array{ours: float, case: array<string, mixed>, ...}>  $nights
 *
 * @return list<float> the least cover-minutes late of each
 */
function leastLate(array $nights): array
{
    $late = array_filter($nights, static fn (array $night): bool => $night['ours'] > 0.0);
    $process = new Process(['node', 'tests/Reference/night.mjs'], dirname(__DIR__, 2), input: json_encode(array_values(array_column($late, 'case')), JSON_THROW_ON_ERROR), timeout: 600);
    $process->mustRun();
    $answers = array_combine(array_keys($late), json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR));

    return array_map(static function (int $at) use ($answers): float {
        expect($answers[$at]['status'] ?? 'Optimal')->toBe('Optimal');

        return (float) ($answers[$at]['late'] ?? 0.0); // what is not late at all cannot be less late
    }, array_keys($nights));
}

it('fills small nights as well as they can be filled', function (): void {
    $nights = wholeMinuteNights(60, 21, 3, 8);
    $least = leastLate($nights);
    expect(count(array_filter($least)))->toBeGreaterThan(15);
    foreach ($nights as $at => $night) {
        expect($night['ours'])->toEqualWithDelta($least[$at], 0.01, "night $at")->and($night['bound'])->toBeLessThanOrEqual($least[$at] + 0.01, "bound of night $at");
    }
});

it('fills nights of up to fourteen firings with no gap at the median, under 5 % at p95', function (): void {
    $nights = wholeMinuteNights(24, 22, 9, 14);
    $least = leastLate($nights);
    $gaps = array_map(static fn (array $night, float $late): float => $night['ours'] > 0.0 ? ($night['ours'] - $late) / $night['ours'] : 0.0, $nights, $least);
    sort($gaps);
    fprintf(STDERR, "gap of nights of 9 to 14 firings to the least late: %.1f %% at the median, %.1f %% at p95\n", 100 * $gaps[11], 100 * $gaps[22]);
    expect($gaps[11])->toEqualWithDelta(0.0, 1e-9)->and($gaps[22])->toBeLessThan(0.05);
});
