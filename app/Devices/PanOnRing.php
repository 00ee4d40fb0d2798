<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\CookEvent;
use App\Models\Device;
use App\Stove\RingState;
use App\Stove\StoredCook;
use Carbon\CarbonImmutable;
use Velko\Core\Live\ActualRun;

/** The document velko.device-pan/1: what a stand-in has to know to read what a real device would read at its ring. Real ones never ask. */
final class PanOnRing
{
    /** @return array<string, mixed> */
    public static function of(Device $device, CarbonImmutable $now): array
    {
        $stored = RingState::cook($device->burner_id);

        return [
            'format' => 'velko.device-pan/1',
            'kind' => $device->kind->value,
            'name' => $device->name,
            'room_c' => $device->kitchen->room_c,
            'pan' => $stored === null ? null : self::pan($stored, $now),
        ];
    }

    /** @return array<string, mixed> */
    private static function pan(StoredCook $stored, CarbonImmutable $now): array
    {
        $ms = $now->getTimestampMs();
        $step = $stored->forecast($ms)->steps[0] ?? null;
        $turns = $step !== null && $step->kind->turnsTheKnob() && $step->mark !== null;
        $played = new ActualRun($stored->ask(), $stored->heat(), $stored->replay);
        $last = $stored->replay->last()->at ?? $ms;

        return [
            'cook' => $stored->cook->uuid,
            'request' => $stored->cook->plan->requestDocument(),
            'stages' => $stored->plan['stages'],
            'heat' => $stored->plan['heat'],
            'events' => array_values($stored->cook->events->map(static fn (CookEvent $event): array => $event->payload)->all()),
            'scale' => $stored->onTheScale()->document(),
            'knob' => $played->markAt(60 * max(0.0, $stored->replay->minute(max($last, $ms)) ?? 0.0)),
            'turn' => $turns ? [
                'at' => CarbonImmutable::createFromTimestampMs((int) round(($stored->replay->firstLiquidAt ?? $ms) + 60000 * $step->minute))->format('Y-m-d\TH:i:s.v\Z'),
                'mark' => $step->mark,
            ] : null,
        ];
    }
}
