<?php

declare(strict_types=1);

use App\Stove\StoredCook;
use Illuminate\Support\Carbon;
use Velko\Core\Cook\Replay;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Touch;
use Velko\Core\Cook\TouchKind;
use Velko\Core\Quantity\Fact;

/* The core's replay, held to the cases that the tablet's is held to (tests/Browser/replays.spec.ts). */

it('stands where the cases say', function (array $events, array $then): void {
    $stages = array_map(static fn (array $stage): Stage => new Stage($stage['at_min'], StageKind::from($stage['kind']), Fact::text(''), $stage['volume_ml']), replays()['stages']);
    $replay = Replay::of($stages, array_map(static fn (array $event): Touch => StoredCook::touch(TouchKind::from($event['kind']), Carbon::parse($event['at'])->getTimestampMs(), $event), $events));
    $moment = static fn (?int $ms): ?string => $ms === null ? null : Carbon::createFromTimestampMsUTC($ms)->format('Y-m-d\TH:i:s.v\Z');
    expect([
        'status' => $replay->status->value,
        'stage' => $replay->now(),
        'poured_ml' => $replay->poured(),
        'first_liquid_at' => $moment($replay->firstLiquidAt),
        'done' => array_map(static fn (Touch $touch): string => $touch->id, $replay->done),
        'lid_on' => $replay->lidIsOn(),
        'undo' => $replay->takenBack === null ? $replay->undoable()?->id : null,
        'beside' => array_map(static fn (int $work, array $said): array => ['work' => $work, 'begun_at' => $moment($said['begun']), 'ready_at' => $moment($said['ready'])], array_keys($replay->sideWork()), array_values($replay->sideWork())),
    ])->toEqual(['beside' => [], ...$then]);
})->with(function (): iterable {
    foreach (replays()['cases'] as $case) {
        yield $case['name'] => [$case['events'], $case['then']];
    }
});

/** @return array{stages: list<array<string, mixed>>, cases: list<array<string, mixed>>} */
function replays(): array
{
    return json_decode((string) file_get_contents(__DIR__.'/../fixtures/replays.json'), true);
}
