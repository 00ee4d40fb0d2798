<?php

declare(strict_types=1);

use Tests\Core\Learning\Taught;
use Velko\Core\Learning\Learned;
use Velko\Core\Learning\LearnedNumber;
use Velko\Core\Learning\Lesson;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Cooking;
use Velko\Core\Planning\Plan;
use Velko\Core\Planning\Planner;

/*
 * Proof that it learns: simulated kitchens with hidden true numbers, twelve noisy cooks each (tests/Core/Learning/Taught.php). How far the
 * planned stock is off with what the cooks taught, against the marks and the packet alone; whether the rice is done at the table; how often
 * the truth lies in the bands; how soon a new jet is noticed.
 *
 *   php tests/Bench/learning.php [kitchens] [weighing|never|jets] [FILE.svg]
 *
 * With a file it draws there how far off the stock and the bite were by how many cooks had been learned from.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';

const COOKS = 12;

/** By so many kitchens the bars of a new jet were chosen (Learned): they are tried on others. */
const CHOSEN_BY = 150;

$kitchens = (int) ($argv[1] ?? 200);
$only = $argv[2] ?? null;
$plot = $argv[3] ?? null;
$median = static function (array $of): float {
    sort($of);

    return $of[intdiv(count($of), 2)];
};
/** Minutes at 100 °C that a plan lands from the middle of what is truly right, in the pan as it truly is. */
$done = static function (Plan $plan, Ask $true): float {
    $cooking = new Cooking($true, $plan->heat);
    $pours = array_values(array_filter($plan->stages, static fn ($stage): bool => $stage->volume !== null && $stage->kind->value === 'pour'));

    return $cooking->cook(array_map(static fn ($stage): float => 60 * $stage->minute, $pours), array_map(static fn ($stage): float => $stage->volume, $pours), $plan->pulled->second)->end->doneness - $true->grain->window->middle();
};
/**
 * One picture of a kind of kitchen: half of them lie in the band, its middle is the median.
 *
 * @param  array<int, list<float>>  $of  by cooks
 */
$panel = static function (array $of, int $left, string $title, string $unit, float $most, float $step) use ($median): string {
    [$width, $height, $top] = [300, 200, 40];
    $x = static fn (int $cooks): float => round($left + $width * $cooks / COOKS, 1);
    $y = static fn (float $off): float => round($top + $height * (1 - min(1.0, $off / $most)), 1);
    $quarter = static function (array $of, float $share): float {
        sort($of);

        return $of[(int) floor($share * (count($of) - 1))];
    };
    $line = static fn (callable $at): array => array_map(static fn (int $cooks): string => "{$x($cooks)},{$y($at($of[$cooks]))}", array_keys($of));
    $band = implode(' ', [...$line(static fn (array $offs): float => $quarter($offs, 0.25)), ...array_reverse($line(static fn (array $offs): float => $quarter($offs, 0.75)))]);
    $svg = sprintf('<text x="%d" y="22" font-weight="bold">%s</text>', $left, $title);
    for ($at = 0.0; $at <= $most + 1e-9; $at += $step) {
        $svg .= sprintf('<line x1="%d" x2="%d" y1="%.1f" y2="%.1f" stroke="#d5c9a8"/><text x="%d" y="%.1f" text-anchor="end">%s</text>', $left, $left + $width, $y($at), $y($at), $left - 6, $y($at) + 5, round($at, 2).$unit);
    }
    foreach (array_keys($of) as $cooks) {
        $svg .= sprintf('<text x="%.1f" y="%d" text-anchor="middle">%d</text>', $x($cooks), $top + $height + 20, $cooks);
    }

    return $svg.sprintf('<text x="%d" y="%d" text-anchor="middle">cooks</text><polygon points="%s" fill="#c48a4a" fill-opacity=".35"/><polyline points="%s" fill="none" stroke="#8a5200" stroke-width="3"/>', $left + $width / 2, $top + $height + 42, $band, implode(' ', $line($median)));
};
foreach (['weighing' => true, 'never' => false] as $mode => $weighs) {
    if ($only !== null && $only !== $mode) {
        continue;
    }
    $off = $bite = $in = $took = [];
    for ($seed = 1; $seed <= $kitchens; $seed++) {
        $kitchen = new Taught($seed, $weighs);
        $lessons = $kitchen->cooks(COOKS);
        $usual = $kitchen->usual();
        $true = $kitchen->truly($usual);
        $truth = Planner::plan($true)->stock;
        foreach ([0, 1, 2, 3, 4, 6, 8, 12] as $after) {
            $from = hrtime(true);
            $learned = Learned::from(array_slice($lessons, 0, $after));
            $took[] = (hrtime(true) - $from) / 1e6;
            $plan = Planner::plan($learned->in($usual, Taught::RING, Taught::RICE, Taught::DISH));
            $off[$after][] = abs($plan->stock / $truth - 1);
            $bite[$after][] = abs($done($plan, $true));
        }
        foreach ($learned->numbers as $number) {
            $is = ['ring-power' => $kitchen->true['ring'] + $kitchen->true['mark'], 'drinking' => $kitchen->true['drinking'], 'doneness' => $kitchen->true['doneness'], 'base-yield' => $kitchen->true['base']][$number->parameter->of] ?? 0.0;
            if (($number->parameter->of !== 'ring-power' || $number->parameter->mark !== null) && ! in_array($number->parameter->of, ['ladle', 'scale', 'altitude', 'stock-temperature'], true)) {
                $in[$number->parameter->of][] = (int) (abs($number->off - $is) <= LearnedNumber::NINE_TENTHS * $number->spread);
            }
        }
    }
    printf("%d kitchens, %s\n", $kitchens, $weighs ? 'every other cook weighs its pan once' : 'nobody ever weighs');
    printf("  %6s  %18s  %26s  %18s\n", 'cooks', 'stock off, median', 'done off, median (minutes)', 'within 0.7 min');
    foreach ($off as $after => $of) {
        printf("  %6d  %16.1f %%  %26.2f  %16.0f %%\n", $after, 100 * $median($of), $median($bite[$after]), 100 * count(array_filter($bite[$after], static fn (float $off): bool => $off <= 0.7)) / count($bite[$after]));
    }
    if ($plot !== null && ($only === $mode || $mode === 'weighing')) {
        file_put_contents($plot, sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 760 290" font-family="sans-serif" font-size="14" fill="#201d18"><rect width="760" height="290" fill="#f7f2e6"/>%s%s</svg>'."\n",
            $panel(array_map(static fn (array $offs): array => array_map(static fn (float $off): float => 100 * $off, $offs), $off), 60, 'planned stock off', ' %', 10.0, 2.5), $panel($bite, 440, 'done off, at the table', ' min', 1.6, 0.4),
        ));
    }
    foreach ($in as $of => $hits) {
        printf("  %-12s in its 90 %% band: %.0f %%\n", $of, 100 * array_sum($hits) / count($hits));
    }
    printf("  all bands together: %.0f %%; learned from up to %d cooks in %.1f ms at the median\n", 100 * array_sum(array_merge(...array_values($in))) / count(array_merge(...array_values($in))), COOKS, $median($took));
}
if ($only !== null && $only !== 'jets') {
    return;
}
$noticed = array_fill(1, 5, 0);
[$never, $false, $still] = [0, 0, 0];
$some = max(1, intdiv($kitchens, 2));
for ($seed = CHOSEN_BY + 1; $seed <= CHOSEN_BY + $some; $seed++) {
    $lessons = (new Taught($seed))->cooks(COOKS, $seed % 2 === 0 ? 1.3 : 0.75);
    $isAnother = static fn (array $lessons): bool => array_filter(Learned::from($lessons)->numbers, static fn (LearnedNumber $number): bool => $number->since !== null) !== [];
    $changed = array_values(array_filter($lessons, static fn (Lesson $lesson): bool => $lesson->at >= 86_400_000 * COOKS / 2));
    $before = array_slice($lessons, 0, count($lessons) - count($changed));
    $after = 1;
    while ($after <= 5 && ! $isAnother([...$before, ...array_slice($changed, 0, $after)])) {
        $after++;
    }
    $after > 5 ? $never++ : $noticed[$after]++;
    $quiet = (new Taught($seed))->cooks(COOKS);
    $false += (int) (array_filter(range(1, count($quiet)), static fn (int $cooks): bool => $isAnother(array_slice($quiet, 0, $cooks))) !== []);
    $still += (int) $isAnother($quiet);
}
printf("a new jet (× 1.3 or × 0.75) half-way: noticed after %s cooks, not within five in %d of %d; taken for one where there was none: after some cook in %d, after the last in %d\n", implode(', ', array_map(static fn (int $after, int $times): string => "$after ($times times)", array_keys(array_filter($noticed)), array_filter($noticed))), $never, $some, $false, $still);
