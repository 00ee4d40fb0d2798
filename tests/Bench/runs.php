<?php

declare(strict_types=1);

use Tests\Core\Kitchens;
use Velko\Core\Planning\Planner;

/* Pan runs that a plan costs, by family, over random kitchens: simulated seconds by the length of the cook. */

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
