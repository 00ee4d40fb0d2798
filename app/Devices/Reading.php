<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\DeviceKind;
use Carbon\CarbonImmutable;

/**
 * One line of the line protocol (docs/formats.md): what one device read at one moment.
 *
 *     2026-11-25T18:04:05.250Z scale 2345 g
 *     probe 98.4 C
 *     knob medium-low
 *
 * A line without a moment was read when it came.
 */
final readonly class Reading
{
    /** What a knob says when it is turned off; no ring has a mark of that name in the model. */
    public const OFF = 'off';

    /**
     * @param  int|null  $at  ms since 1970 UTC by the device; null: when it is heard
     * @param  float|null  $value  g or °C, null for a knob
     * @param  string|null  $mark  of a knob
     */
    public function __construct(public DeviceKind $kind, public ?int $at, public ?float $value, public ?string $mark) {}

    public static function number(DeviceKind $kind, float $value, ?int $at = null): self
    {
        return new self($kind, $at, $value, null);
    }

    public static function knob(string $mark, ?int $at = null): self
    {
        return new self(DeviceKind::Knob, $at, null, $mark);
    }

    public function line(): string
    {
        $words = $this->kind === DeviceKind::Knob ? $this->mark : "{$this->value} {$this->kind->unit()}";
        $stamp = $this->at === null ? '' : CarbonImmutable::createFromTimestampMs($this->at)->format('Y-m-d\TH:i:s.v\Z ');

        return "$stamp{$this->kind->value} $words";
    }
}
