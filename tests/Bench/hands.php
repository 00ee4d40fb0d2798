<?php

declare(strict_types=1);

use Tests\Core\Live\Hands;
use Tests\Core\Live\Outcome;
use Tests\Core\Live\RoughCooks;

/* Plates that come out right, by kind of hands: a thousand rough-handed cooks a family, each in a random kitchen on a ring 0.7 to 1.4 times its marks. */

require dirname(__DIR__, 2).'/vendor/autoload.php';

$each = (int) ($argv[1] ?? 100);
foreach (['risotto', 'pan-rice', 'soupy-rice'] as $family) {
    printf("  %-40s %8s %8s %12s %8s %8s\n", $family, 'right', 'bite', 'looseness', 'beyond', 'wrong');
    $plans = RoughCooks::plans($family, $each, 20_260);
    foreach (Hands::kinds() as $k => $hands) {
        $outcomes = array_values([...RoughCooks::cook($plans, $hands, 9000 + 1000 * $k)]);
        $share = static fn (callable $what): float => 100 * count(array_filter($outcomes, $what)) / count($outcomes);
        printf("  %-40s %6.0f %% %6.0f %% %10.0f %% %8d %8d\n", $hands->kind, $share(static fn (Outcome $outcome): bool => $outcome->isGood()), $share(static fn (Outcome $outcome): bool => $outcome->inItsBite()),
            $share(static fn (Outcome $outcome): bool => $outcome->withinAWord()), max(array_map(static fn (Outcome $outcome): int => $outcome->beyond, $outcomes)), array_sum(array_map(static fn (Outcome $outcome): int => count($outcome->wrong), $outcomes)));
    }
}
