<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Device;
use Carbon\CarbonImmutable;

/** The document reading.json: what a device said last. */
final class ReadingDocument
{
    /** @return array{value: float|null, mark: string|null, at: string}|null */
    public static function of(Device $device): ?array
    {
        return $device->read_at === null ? null : [
            'value' => $device->value,
            'mark' => $device->mark,
            'at' => CarbonImmutable::createFromTimestampMs($device->read_at)->format('Y-m-d\TH:i:s.v\Z'),
        ];
    }
}
