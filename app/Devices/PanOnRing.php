<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\CookEvent;
use App\Models\Device;
use App\Stove\RingState;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Velko\Core\Live\ActualRun;

/** velko.device-pan/1: what a stand-in has to know to read what a real device would read at its ring. Real ones never ask. */
final class PanOnRing
{
    /** @return array<string, mixed> */
    public static function of(Device $device, CarbonImmutable $now): array
    {
        $kept = RingState::cook($device->burner_id);

        return [
            'format' => 'velko.device-pan/1',
            'kind' => $device->kind->value,
            'name' => $device->name,
            'room_c' => $device->kitchen->room_c,
            'pan' => $kept === null ? null : self::pan($kept, $now),
        ];
    }

    /** @return array<string, mixed> */
    private static function pan(StoredCook $kept, CarbonImmutable $now): array
    {
        $ms = $now->getTimestampMs();
        $step = $kept->forecast($ms)->steps[0] ?? null;
        $turns = $step !== null && $step->kind->turnsTheKnob() && $step->mark !== null;
        $played = new ActualRun($kept->ask(), $kept->heat(), $kept->replay);
        $last = $kept->replay->last()->at ?? $ms;

        return [
            'cook' => $kept->cook->uuid,
            'request' => $kept->cook->plan->requestDocument(),
            'stages' => $kept->plan['stages'],
            'heat' => $kept->plan['heat'],
            'events' => array_values($kept->cook->events->map(static fn (CookEvent $event): array => $event->payload)->all()),
            'scale' => $kept->onTheScale()->document(),
            'knob' => $played->markAt(60 * max(0.0, $kept->replay->minute(max($last, $ms)) ?? 0.0)),
            'turn' => $turns ? [
                'at' => CarbonImmutable::createFromTimestampMs((int) round(($kept->replay->firstLiquidAt ?? $ms) + 60000 * $step->minute))->format('Y-m-d\TH:i:s.v\Z'),
                'mark' => $step->mark,
            ] : null,
        ];
    }
}
