<?php

declare(strict_types=1);

/* What became of the drill's touches: the writers' lines in a folder, against the database's "id, how often" on standard input. */

[, $folder, $begin] = $argv;
$kept = [];
foreach (explode("\n", trim((string) stream_get_contents(STDIN))) as $row) {
    [$id, $times] = [...explode("\t", $row), 0];
    $kept[$id] = (int) $times;
}
$acknowledged = $refused = $again = $times = [];
foreach (glob("$folder/writer-?") ?: [] as $file) {
    foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        [$what, $id, $at, $tries] = explode(' ', $line);
        $what === 'acknowledged' ? $acknowledged[$id] = true : $refused[$what] = ($refused[$what] ?? 0) + 1;
        $times[] = (float) $at;
        $again[] = (int) $tries - 1;
    }
}
sort($times);
$gaps = [];
foreach (array_slice($times, 1) as $i => $at) {
    $gaps[sprintf('%.1f s from second %d', $at - $times[$i], (int) ($times[$i] - (float) $begin))] = $at - $times[$i];
}
arsort($gaps);
$lost = count(array_diff_key($acknowledged, $kept));
$doubled = count(array_filter($kept, static fn (int $n): bool => $n > 1));
printf("acknowledged %d, lost %d, doubled %d, refused %s, sent again %d times\n", count($acknowledged), $lost, $doubled, $refused === [] ? '0' : json_encode($refused), array_sum($again));
printf("nobody was served for at most: %s\n", implode('; ', array_slice(array_keys($gaps), 0, 3)));
exit($lost + $doubled > 0 || $acknowledged === [] ? 1 : 0);
