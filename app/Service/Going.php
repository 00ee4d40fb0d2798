<?php

declare(strict_types=1);

namespace App\Service;

use App\Kitchen\KeptCook;
use App\Models\Cook;
use Carbon\CarbonImmutable;
use Velko\Core\Cook\StageKind;
use Velko\Core\Service\Length;

/** A pan on the fire as it really goes: what has happened, and the forecast of the rest. */
final readonly class Going
{
    /** @param  list<string>  $besides  what is still to stand on a ring beside it, as its length has it */
    private function __construct(public CarbonImmutable $on, public Length $length, public array $besides) {}

    public static function of(Cook $cook, CarbonImmutable $now): self
    {
        $kept = new KeptCook($cook);
        $replay = $kept->replay;
        $clock = $kept->working['clock'];
        $timing = $kept->plan['timing'];
        $planned = CarbonImmutable::parse($clock['first_liquid_at']);
        $lead = CarbonImmutable::parse($clock['pan_on_at'] ?? $clock['toast_at'])->diffInSeconds($planned) / 60;
        $on = $replay->startedAt === null ? $now->max($planned->subSeconds((int) (60 * $lead))) : CarbonImmutable::createFromTimestampMs($replay->startedAt);
        // Before the first liquid it is still as long as it was planned, from when the pan went on; what is overdue is due now.
        $first = $replay->firstLiquidAt === null ? $on->addSeconds((int) (60 * $lead))->max($now) : CarbonImmutable::createFromTimestampMs($replay->firstLiquidAt);
        $minute = static fn (CarbonImmutable $at): float => $first->diffInMilliseconds($at) / 60_000;
        $since = $minute($now);
        [$off, $table] = [$replay->minuteOf(StageKind::Off), $replay->minuteOf(StageKind::Serve)];
        $forecast = $replay->firstLiquidAt === null || $table !== null ? null : $kept->forecast($now->getTimestampMs());
        $pulled = $off ?? max($since, $forecast?->coming->pulled->minute() ?? (float) $timing['pull_min']);
        $eaten = $table ?? max($since, $pulled, $forecast?->coming->atTable->minute() ?? $pulled + (float) $timing['table_min'] - (float) $timing['pull_min']);

        // What is still to stand beside it, by its plan.
        $besides = array_values(array_filter(array_map(static fn (array $one): array => [
            'what' => $one['what'], 'from' => $planned->diffInMilliseconds(CarbonImmutable::parse($one['start_at'])) / 60_000, 'to' => $planned->diffInMilliseconds(CarbonImmutable::parse($one['ready_at'])) / 60_000,
        ], array_filter($kept->working['prep'], static fn (array $one): bool => ($one['on_ring'] ?? false) && ! $one['ahead'])), static fn (array $one): bool => $one['to'] > max($since, $one['from'])));

        return new self($on, Length::going($kept->ask(), min(0.0, $minute($on)), $pulled, $eaten, array_map(static fn (array $one): array => [$one['from'], $one['to']], $besides)), array_column($besides, 'what'));
    }
}
