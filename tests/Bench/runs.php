<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Portion;
use Velko\Core\Planning\Planner;

/* Pan runs that a plan costs, by family, over random kitchens: simulated seconds by the length of the cook. Then what six cold things in the pan cost. */

require dirname(__DIR__, 2).'/vendor/autoload.php';

$cases = [
    'risotto' => Kitchens::random(300, 9001),
    'pan rice' => Kitchens::randomPanRice(300, 9002),
    'soupy rice' => Kitchens::randomSoupy(300, 9003),
];
foreach ($cases as $family => $asks) {
    $runs = $milliseconds = [];
    foreach ($asks as $ask) {
        $from = hrtime(true);
        $plan = Planner::plan($ask);
        $milliseconds[] = (hrtime(true) - $from) / 1e6;
        $runs[] = $plan->cost / $plan->atTable->second;
    }
    sort($runs);
    sort($milliseconds);
    printf("  %-12s %5.1f runs a plan at the median, %5.1f at most; %5.1f ms at the median, %6.1f ms at p95\n", $family, $runs[150], $runs[299], $milliseconds[150], $milliseconds[285]);
}

/** g a cover */
$six = [
    ['leek', 20.0, Goes::Base, null],
    ['chestnut mushroom', 40.0, Goes::Base, null],
    ['parsnip purée', 45.0, Goes::AtMinute, 9.0],
    ['sausage', 30.0, Goes::WithTheRice, null],
    ['prawn', 50.0, Goes::NineTenthsGone, null],
    ['mussels', 60.0, Goes::LastTwoMinutes, null],
];
$asItIs = ['risotto' => Kitchens::ask(6), 'pan rice' => Kitchens::panRice(6), 'soupy rice' => Kitchens::soupy()];
foreach ($asItIs as $family => $plain) {
    $with = $plain->withFood(array_map(static fn (array $food): Portion => new Portion($food[0], Foods::find($food[0]), $food[1] * $plain->covers, $food[2], 5.0, $food[3]), $six));
    $best = ['plain' => INF, 'with' => INF];
    for ($time = 0; $time < 60; $time++) {
        foreach (['plain' => $plain, 'with' => $with] as $which => $ask) {
            $from = hrtime(true);
            Planner::plan($ask);
            $best[$which] = min($best[$which], (hrtime(true) - $from) / 1e6);
        }
    }
    printf("  %-12s with six cold things in it %4.2f times as long as without (%.1f and %.1f ms)\n", $family, $best['with'] / $best['plain'], $best['with'], $best['plain']);
}
