<?php

declare(strict_types=1);

use Tests\Core\ByHand;
use Tests\Core\Kitchens;
use Tests\Core\Replayed;
use Tests\Core\WildAsks;
use Velko\Core\Planning\Planner;

/* Random asks, half of them cookable, half as a hurried hand types them: no exception, the plan and its replay agree, no warning that a hand calculation calls false. With a second argument so many warnings are shown, kind by kind. */

require dirname(__DIR__, 2).'/vendor/autoload.php';

$each = (int) (($argv[1] ?? 600) / 6);
$show = (int) ($argv[2] ?? 0);
$asks = (static function () use ($each): iterable {
    yield from Kitchens::ofEveryFamily($each, 7001);
    yield from WildAsks::ofEveryFamily($each, 7002);
})();
$count = $broke = $off = $impossible = 0;
$kinds = $false = $shown = [];
foreach ($asks as $name => $ask) {
    $count++;
    try {
        $plan = Planner::plan($ask);
        $possible = $plan->isPossible();
        $impossible += $possible ? 0 : 1;
        if ($possible && ! Replayed::agrees($plan, Replayed::of($plan)->run->end)) {
            $off++;
            echo "  $name: played again it lands elsewhere\n";
        }
    } catch (Throwable $fault) {
        $broke++;
        echo "  $name: ", $fault::class, ' ', $fault->getMessage(), "\n";

        continue;
    }
    foreach ($plan->warnings as $warning) {
        $kinds[$warning->code] = ($kinds[$warning->code] ?? 0) + 1;
        $claim = ByHand::claim($plan, $warning);
        if (ByHand::isFalse($plan, $warning)) {
            $false[$warning->code] = ($false[$warning->code] ?? 0) + 1;
            echo "  $name: {$warning->code} is false: ", json_encode($warning->fact->args), ' (', implode(' ', array_map(strval(...), $claim ?? [])), ")\n";
        }
        $shown[$warning->code][] = sprintf('%s [%s] → %s', json_encode($warning->fact->args), $claim === null ? 'words' : sprintf('%.4g %s %.4g', ...$claim), $warning->fix->code.json_encode($warning->fix->args));
    }
}
arsort($kinds);
foreach ($show > 0 ? $shown : [] as $code => $lines) {
    foreach (array_slice($lines, 0, max(1, intdiv($show, count($shown)))) as $line) {
        echo "  $code: $line\n";
    }
}
printf("  %d asks, %d of them impossible: %d exceptions, %d plans that land elsewhere when played again, %d of %d warnings false by hand\n", $count, $impossible, $broke, $off, array_sum($false), array_sum($kinds));
printf("  %s\n", implode(', ', array_map(static fn (string $code, int $n): string => "$code $n", array_keys($kinds), $kinds)));
exit($broke + $off + array_sum($false) > 0 ? 1 : 0);
