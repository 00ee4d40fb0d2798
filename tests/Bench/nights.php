<?php

declare(strict_types=1);

require __DIR__.'/../../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Kitchens;
use Velko\Core\Night\Firing;
use Velko\Core\Night\Night;
use Velko\Core\Night\PlannedTimetables;
use Velko\Core\Night\Shift;
use Velko\Core\Night\Solver;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/* A night filled from nothing, with its plans known, and again after one change: by how many firings it has. */

$net = static fn (float $most): array => ['low' => 0.12 * $most, 'medium-low' => 0.25 * $most, 'medium' => 0.42 * $most, 'medium-high' => 0.68 * $most, 'high' => $most];
$pans = [new Pan(22, 24, 7, 800), new Pan(22, 24, 7, 800), new Pan(26, 28, 7.5, 1150), new Pan(26, 28, 7.5, 1150), new Pan(35, 36, 13, 2600), new Pan(36, 42, 5, 1050), new Pan(48, 55, 6, 1900), new Pan(27, 27, 21, 1800)];
$rings = [new Burner(12.5, $net(1500)), new Burner(15, $net(2000)), new Burner(15, $net(2000)), new Burner(18, $net(2800)), new Burner(32, $net(5600)), new Burner(32, $net(5600))];
$dishes = [Kitchens::ask(4, wine: 100, butter: 15, cheese: 15), Kitchens::ask(4), Kitchens::panRice(6), Kitchens::soupy(6)];
$chance = new Randomizer(new Mt19937(1871));
$night = static function (int $firings) use ($chance, $pans, $rings): Night {
    // As thick as a full Friday: a firing every four minutes.
    $all = [];
    for ($i = 0; $i < $firings; $i++) {
        $all[] = new Firing($chance->getInt(0, 3), [2, 2, 3, 4, 4, 5][$chance->getInt(0, 5)], (float) (60 + $chance->getInt(0, 4 * $firings)), 3.0, 2.0);
    }

    return new Night($all, array_keys($pans), array_keys($rings), [new Shift(0.0, 2000.0, 3)], 4.0);
};
$p95 = static function (array $seconds): float {
    sort($seconds);

    return 1e3 * $seconds[(int) (0.95 * (count($seconds) - 1))];
};
$timed = static function (callable $work): float {
    $from = microtime(true);
    $work();

    return microtime(true) - $from;
};
printf("  %8s %14s %14s %14s %12s\n", 'firings', 'from nothing', 'plans known', 'one change', 'cover-min');
$known = [];
foreach ([10, 20, 40, 60, 80, 160] as $firings) {
    [$cold, $warm, $again, $late] = [[], [], [], 0.0];
    $timetables = new PlannedTimetables($dishes, $pans, $rings);
    foreach (range(1, $firings > 60 ? 4 : 12) as $times) {
        $result = $night($firings);
        $fresh = new PlannedTimetables($dishes, $pans, $rings);
        $cold[] = $times > 3 ? $cold[0] : $timed(static fn () => (new Solver($result, $fresh))->solve());
        (new Solver($result, $timetables))->solve();
        $warm[] = $timed(static function () use ($result, $timetables, &$schedule): void {
            $schedule = (new Solver($result, $timetables))->solve();
        });
        $late += $schedule->lateCovers();
        $at = $chance->getInt(0, $firings - 1);
        $changed = $result->with(['firings' => array_replace($result->firings, [$at => $result->firings[$at]->with(['covers' => 3, 'table' => $result->firings[$at]->table + 6.0])])]);
        (new Solver($changed, $timetables))->solve($schedule, 0.1);
        $again[] = $timed(static fn () => (new Solver($changed, $timetables))->solve($schedule, 0.1));
    }
    printf("  %8d %11.0f ms %11.0f ms %11.0f ms %12.0f\n", $firings, $p95($cold), $p95($warm), $p95($again), $late / count($warm));
}
