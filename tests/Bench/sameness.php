<?php

declare(strict_types=1);

use App\Contracts\PlanDocument;
use App\Contracts\PlanRequestDocument;
use App\Learning\LearnedDocument;
use App\Words\Words;
use Illuminate\Contracts\Console\Kernel as Console;
use Tests\Core\Kitchens;
use Tests\Core\Learning\Taught;
use Tests\Core\Night\Nights;
use Tests\Core\WildAsks;
use Velko\Core\Night\Clash;
use Velko\Core\Night\Clashes;
use Velko\Core\Night\Offer;
use Velko\Core\Night\Placement;
use Velko\Core\Night\Solver;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Planner;

/*
 * Whether a change of names or rooms changed any number. Works out random asks, kitchens, nights and logs and prints one hash of the answers
 * of each. Run it before and after the change, on one machine: the lines must be equal.
 *
 *   php tests/Bench/sameness.php [one in N of the cases, 1 if not said] [plans|kitchens|nights|learning]
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Console::class)->bootstrap();

$oneIn = max(1, (int) ($argv[1] ?? 1));
$only = $argv[2] ?? null;

/** The ask and its whole plan, as documents. */
$planned = static fn (Ask $ask): array => [PlanRequestDocument::from($ask), PlanDocument::of(Planner::plan($ask), [], new Words)];

/** @var array<string, callable(): iterable<array<mixed>>> $groups */
$groups = [
    'plans' => static function () use ($oneIn, $planned): iterable {
        foreach ([Kitchens::ofEveryFamily(intdiv(1667, $oneIn), 7001), WildAsks::ofEveryFamily(intdiv(1667, $oneIn), 7002)] as $asks) {
            foreach ($asks as $ask) {
                yield $planned($ask);
            }
        }
    },
    'kitchens' => static function () use ($oneIn, $planned): iterable {
        foreach (Kitchens::ofEveryFamily(intdiv(700, $oneIn), 31) as $name => $ask) {
            $number = crc32($name);
            yield $planned(Kitchens::withSchools(Kitchens::withFood($ask, $number), $number));
        }
    },
    'nights' => static function () use ($oneIn): iterable {
        foreach (Nights::random(intdiv(500, $oneIn), 31) as [$night, $timetables]) {
            $schedule = (new Solver($night, $timetables))->solve();
            yield [
                array_map(static fn (Placement $placement): array => [$placement->serves, $placement->dish, $placement->rice, $placement->pan, $placement->ring, $placement->on, $placement->table(), $placement->ringsBeside()], $schedule->placements),
                $schedule->notCooked,
                array_map(
                    static fn (Clash $clash): array => [$clash->code, $clash->at, $clash->firings, $clash->lateCovers, array_map(
                        static fn (Offer $offer): array => [$offer->code, $offer->lateAfter, $offer->from, $offer->to, $offer->minutes, $offer->like], $clash->offers,
                    )],
                    (new Clashes($schedule, $timetables))->all(),
                ),
            ];
        }
    },
    'learning' => static function () use ($oneIn): iterable {
        for ($seed = 1; $seed <= intdiv(200, $oneIn); $seed++) {
            $lessons = (new Taught($seed, $seed % 2 === 0))->cooks(12, $seed % 5 === 0 ? 1.3 : 1.0);
            yield LearnedDocument::of($lessons, count($lessons));
        }
    },
];
foreach ($groups as $group => $answers) {
    if ($only !== null && $only !== $group) {
        continue;
    }
    $hash = hash_init('sha256');
    $count = 0;
    foreach ($answers() as $answer) {
        hash_update($hash, json_encode($answer, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n");
        $count++;
    }
    printf("%-10s %6d  %s\n", $group, $count, hash_final($hash));
}
