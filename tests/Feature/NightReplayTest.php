<?php

declare(strict_types=1);

use App\Models\Kitchen;
use App\Night\Evening;
use App\Night\SaveNight;
use Carbon\CarbonImmutable;
use Database\Seeders\KilnHouse;
use Database\Seeders\KilnHouseNight;
use Illuminate\Support\Carbon;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Velko\Core\Night\Firing;
use Velko\Core\Night\HandShare;
use Velko\Core\Night\Night;
use Velko\Core\Night\Placement;
use Velko\Core\Night\Schedule;
use Velko\Core\Night\Solver;
use Velko\Core\Night\Timetable;

/*
 * The demo's Friday, made to work, played by cooks who put pans on late and pans that take longer: what was warned of, and what
 * came of it. How late and how slow is made up.
 */

/** Between two looks at the night, min. */
const LOOKS_EVERY = 1.0;

/** Minutes before the end of its window at which a table that will be late has been warned of. */
const AHEAD_BY = 5.0;

/** The demo's Friday with both of its tables that do not fit moved by as much as they are late. */
function fridayThatFits(Evening $evening): Night
{
    $night = $evening->night;
    $solver = static fn (Night $night): Solver => new Solver($night, $evening->timetables);
    for ($schedule = $solver($night)->solve(); ($late = $schedule->late()) !== []; $schedule = $solver($night)->solve($schedule)) {
        $firing = $night->firings[$number = array_key_first($late)];
        $night = $night->with(['firings' => array_replace($night->firings, [$number => $firing->with(['table' => $firing->table + ceil($late[$number])])])]);
    }
    expect($schedule->notCooked)->toBe([]);

    return $night;
}

/** A pan as it really goes: so many minutes longer on its ring. */
function slower(Timetable $planned, float $minutes): Timetable
{
    $after = static fn (float $at): float => $at >= $planned->off ? $at + $minutes : $at;
    $hands = array_map(static fn (HandShare $share): HandShare => new HandShare($after($share->from), $share->from < $planned->off && $share->to >= $planned->off ? $share->to + $minutes : $after($share->to), $share->share, $share->doing), $planned->hands);

    return new Timetable($planned->on, $planned->off + $minutes, $planned->table + $minutes, $hands);
}

/** The same pan put on then, as long as that. */
function goneOn(Placement $placement, float $on, Timetable $timetable): Placement
{
    return new Placement($placement->serves, $placement->dish, $placement->rice, $placement->pan, $placement->ring, $on, $timetable);
}

/**
 * One night, look by look.
 *
 * @return array{late: array<int, float>, warned: array<int, float>} by firing: min past its window in the end; when it was first warned of
 */
function playedThrough(Night $night, Evening $evening, Randomizer $chance): array
{
    // Four pans of five go on within a minute; one of five takes longer.
    $once = static fn (float $usual, array $else): float => $chance->getInt(1, 5) < 5 ? $usual : $chance->getInt(...$else) / 2;
    $hands = array_map(static fn (): array => ['behind' => $once($chance->getInt(0, 2) / 2, [3, 10]), 'slow' => $once(0.0, [2, 8])], $night->firings);
    [$running, $due, $warned, $schedule] = [[], [], [], null];
    $serves = static fn (array $cooks): int => array_sum(array_map(static fn (Placement $placement): int => $placement->covers(), $cooks));
    $ordered = array_sum(array_map(static fn (Firing $firing): int => $firing->covers, $night->firings));
    $first = min(array_map(static fn (Firing $firing): float => $firing->table, $night->firings));
    for ($now = $first - 60.0; $serves(array_column($running, 'planned')) < $ordered || $now <= max(array_map(static fn (array $pan): float => $pan['planned']->off(), $running)); $now += LOOKS_EVERY) {
        expect($now)->toBeLessThan($night->end() + 120.0);
        // The forecast knows of a pan what has shown by half its time on the ring.
        $live = array_map(static fn (array $pan): Placement => $now >= $pan['shows'] ? $pan['really'] : $pan['planned'], $running);
        $schedule = (new Solver($night->with(['now' => $now, 'running' => $live]), $evening->timetables))->solve($schedule, 0.05);
        foreach ($schedule->warnings() as $number) {
            $warned[$number] ??= $now;
        }
        foreach ($schedule->placements as $placement) {
            $number = array_key_first($placement->serves);
            if (! in_array($placement, $live, true) && $placement->on <= $now + 1e-6) {
                $due[$number] ??= $now;
                if ($now >= $due[$number] + $hands[$number]['behind'] - 1e-6) {
                    $planned = goneOn($placement, $now, $placement->timetable);
                    $running[] = ['planned' => $planned, 'really' => goneOn($placement, $now, slower($placement->timetable, $hands[$number]['slow'])), 'shows' => $hands[$number]['slow'] > 0.0 ? $planned->firstLiquid() + $placement->timetable->off / 2 : $now];
                }
            }
        }
    }
    $really = new Schedule($night, array_column($running, 'really'), []);

    return ['late' => array_map($really->lateOf(...), array_combine(array_keys($night->firings), array_keys($night->firings))), 'warned' => $warned];
}

it('warns at least five minutes before the end of the window of each table that will be late, and cries wolf once a night at most', function (): void {
    $this->travelTo(Carbon::parse('2026-05-04T11:00:00Z'));
    config(['velko.demo' => true]);
    $this->seed([KilnHouse::class, KilnHouseNight::class]);
    $kitchen = Kitchen::query()->where('name', 'The Kiln House')->sole();
    $evening = new Evening(SaveNight::on($kitchen, '2026-05-08'), $kitchen, CarbonImmutable::parse('2026-05-08T12:00:00Z'));
    $night = fridayThatFits($evening);
    [$lateTables, $inTime] = [0, 0];
    foreach (range(1, 20) as $seed) {
        ['late' => $late, 'warned' => $warned] = playedThrough($night, $evening, new Randomizer(new Mt19937($seed)));
        $wolf = 0;
        foreach ($night->firings as $number => $firing) {
            if ($late[$number] <= Schedule::MINDS) {
                $inTime++;
                // Nearly as late as was said is no false alarm.
                $wolf += isset($warned[$number]) && $late[$number] <= Schedule::MINDS / 2 ? 1 : 0;
            } else {
                $lateTables++;
                expect($warned[$number] ?? INF)->toBeLessThanOrEqual($firing->until() - AHEAD_BY, "night $seed, firing $number, ".round($late[$number], 1).' min late');
            }
        }
        expect($wolf)->toBeLessThanOrEqual(1, "night $seed: false alarms");
    }
    // There was something to warn of, and something not to.
    expect($lateTables)->toBeGreaterThan(40)->and($inTime)->toBeGreaterThan(40);
});
