<?php

declare(strict_types=1);

namespace App\Devices;

use App\Contracts\BadDocument;
use App\Contracts\Fault;
use App\Models\BurnerSetting;
use App\Models\Device;
use App\Models\DeviceKind;
use Carbon\CarbonImmutable;
use Throwable;

/** A body in the line protocol, read for the device that sent it. A faulty line is named by its number, and none is taken. */
final class Lines
{
    /** Lines in one body. */
    public const MOST = 1000;

    private const LINE = '/^(?:(?<at>\d{4}-\d{2}-\d{2}T\S+)\s+)?(?<kind>[a-z]+)\s+(?<words>\S.*)$/u';

    private const MOMENT = '/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/';

    private const MOST_FAULTS = 50;

    /** The first moment that can be told, ms since 1970: a device whose clock stands before has lost its battery. */
    private const FIRST_MOMENT = 946684800000;

    /** @param  list<string>  $marks  of the device's ring */
    private function __construct(private readonly Device $device, private readonly array $marks) {}

    /**
     * @return list<Reading> in the order of the lines
     *
     * @throws BadDocument pointing at "/line number"
     */
    public static function read(Device $device, string $body): array
    {
        if (! mb_check_encoding($body, 'UTF-8')) {
            throw BadDocument::at('', 'must be text in UTF-8');
        }
        $marks = $device->kind === DeviceKind::Knob ? array_values($device->burner->settings->map(static fn (BurnerSetting $setting): string => $setting->mark)->all()) : [];
        $self = new self($device, $marks);
        $readings = $faults = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $body)) as $i => $line) {
            $line = trim($line);
            if ($line === '' || $line[0] === '#') {
                continue;
            }
            if ($i >= self::MOST) {
                throw BadDocument::at('', 'must be at most '.self::MOST.' lines');
            }
            $reading = $self->line($line);
            if ($reading instanceof Reading) {
                $readings[] = $reading;
            } elseif (count($faults) < self::MOST_FAULTS) {
                $faults[] = new Fault('/'.($i + 1), $reading);
            }
        }

        return $faults === [] ? $readings : throw new BadDocument($faults);
    }

    /** @return Reading|string the reading, or what is wrong with the line */
    private function line(string $line): Reading|string
    {
        $kind = $this->device->kind;
        if (preg_match(self::LINE, $line, $parts) !== 1) {
            return "must read \"{$this->example()}\", with the moment before it or without";
        }
        $at = $parts['at'] === '' ? null : self::moment($parts['at']);
        if ($at === false) {
            return 'begins with a moment that is none; it must read 2026-11-25T18:04:05.250Z (UTC), from the year 2000 on';
        }
        if ($parts['kind'] !== $kind->value) {
            return "must begin with {$kind->value}: this key belongs to a {$kind->value}";
        }

        return $kind === DeviceKind::Knob ? $this->knob($parts['words'], $at) : $this->number($parts['words'], $at);
    }

    private function number(string $words, ?int $at): Reading|string
    {
        $kind = $this->device->kind;
        [$low, $high] = $kind->range();
        if (preg_match('/^(?<value>[+-]?\d{1,7}(\.\d{1,6})?)\s+(?<unit>\S+)$/', $words, $parts) !== 1 || $parts['unit'] !== $kind->unit()) {
            return "must read \"{$this->example()}\": a number and {$kind->unit()}";
        }
        $value = (float) $parts['value'];

        return $value < $low || $value > $high ? "must be a number from $low to $high ({$kind->unit()})" : Reading::number($kind, $value, $at);
    }

    private function knob(string $mark, ?int $at): Reading|string
    {
        return in_array($mark, [...$this->marks, Reading::OFF], true) ? Reading::knob($mark, $at)
            : 'must be one of the marks of '.$this->device->burner->name.': '.implode(', ', [...$this->marks, Reading::OFF]);
    }

    private function example(): string
    {
        return match ($this->device->kind) {
            DeviceKind::Scale => 'scale 2345 g',
            DeviceKind::Probe => 'probe 98.4 C',
            DeviceKind::Knob => 'knob '.($this->marks[0] ?? 'medium'),
        };
    }

    /** @return int|false ms since 1970 */
    private static function moment(string $text): int|false
    {
        if (preg_match(self::MOMENT, $text) !== 1) {
            return false;
        }
        try {
            $moment = CarbonImmutable::parse($text);
        } catch (Throwable) {
            return false;
        }
        // 30 February is taken for 2 March by the parser; what is printed must be what was read.
        $same = str_starts_with($text, $moment->format('Y-m-d\TH:i:s'));

        return $same && $moment->getTimestampMs() >= self::FIRST_MOMENT ? $moment->getTimestampMs() : false;
    }
}
