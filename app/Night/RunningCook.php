<?php

declare(strict_types=1);

namespace App\Night;

use App\Models\Cook;
use App\Stove\StoredCook;
use App\Words\FactDocument;
use Carbon\CarbonImmutable;
use Closure;
use Velko\Core\Cook\StageKind;
use Velko\Core\Night\Timetable;
use Velko\Core\Quantity\Fact;

/**
 * A pan on the fire as it really goes: what has happened, and the forecast of the rest.
 *
 * @phpstan-import-type Works from NightTimetables
 */
final readonly class RunningCook
{
    /** @param  Works  $works  what is still to be done beside it */
    private function __construct(public CarbonImmutable $on, public Timetable $timetable, public array $works) {}

    public static function of(Cook $cook, CarbonImmutable $now): self
    {
        $stored = new StoredCook($cook);
        $replay = $stored->replay;
        $clock = $stored->working['clock'];
        $timing = $stored->plan['timing'];
        $planned = CarbonImmutable::parse($clock['first_liquid_at']);
        $lead = CarbonImmutable::parse($clock['pan_on_at'] ?? $clock['toast_at'])->diffInSeconds($planned) / 60;
        $on = $replay->startedAt === null ? $now->max($planned->subSeconds((int) (60 * $lead))) : CarbonImmutable::createFromTimestampMs($replay->startedAt);
        // Before the first liquid it is still as long as it was planned, from when the pan went on; what is overdue is due now.
        $first = $replay->firstLiquidAt === null ? $on->addSeconds((int) (60 * $lead))->max($now) : CarbonImmutable::createFromTimestampMs($replay->firstLiquidAt);
        $minute = static fn (CarbonImmutable $at): float => $first->diffInMilliseconds($at) / 60_000;
        $since = $minute($now);
        [$off, $table] = [$replay->minuteOf(StageKind::Off), $replay->minuteOf(StageKind::Serve)];
        $forecast = $replay->firstLiquidAt === null || $table !== null ? null : $stored->forecast($now->getTimestampMs());
        $pulled = $off ?? max($since, $forecast?->projection->pulled->minute() ?? (float) $timing['pull_min']);
        $eaten = $table ?? max($since, $pulled, $forecast?->projection->atTable->minute() ?? $pulled + (float) $timing['table_min'] - (float) $timing['pull_min']);
        $works = self::works($stored, $planned, $minute, $since);

        return new self($on, Timetable::ofRunning($stored->ask(), min(0.0, $minute($on)), $pulled, $eaten, NightTimetables::hands($works), NightTimetables::besideRings($works)), $works);
    }

    /**
     * What is done beside it and is not ready: from when it was begun, else by its plan. What is past by that is taken to be done, said or not.
     *
     * @param  CarbonImmutable  $planned  when the first liquid was to go in
     * @param  Closure(CarbonImmutable): float  $minute
     *
     * @return Works
     */
    private static function works(StoredCook $stored, CarbonImmutable $planned, Closure $minute, float $since): array
    {
        $said = $stored->replay->sideWork();
        $works = [];
        foreach ($stored->working['prep'] as $at => $task) {
            $start = $planned->diffInMilliseconds(CarbonImmutable::parse($task['start_at'])) / 60_000;
            $takes = $planned->diffInMilliseconds(CarbonImmutable::parse($task['ready_at'])) / 60_000 - $start;
            $begun = $said[$at]['begun'] ?? null;
            $start = $begun === null ? $start : $minute(CarbonImmutable::createFromTimestampMs($begun));
            if ($task['ahead'] === false && ! isset($said[$at]['ready']) && $start + $takes > max($since, $start)) {
                $works[] = ['what' => FactDocument::of(Fact::text($task['what'])), 'start' => $start, 'ready' => $start + $takes, 'hands' => (float) $task['hands_min'], 'ahead' => false, 'on_ring' => $task['on_ring'] ?? false];
            }
        }

        return $works;
    }
}
