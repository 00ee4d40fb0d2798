<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;

/** The system's clock, for code that asks Carbon to sleep. See README.md in the folder above. */
final class NativeClock implements ClockInterface
{
    private DateTimeZone $zone;

    public function __construct(DateTimeZone|string|null $timezone = null)
    {
        $zone = $timezone ?? date_default_timezone_get();
        $this->zone = $zone instanceof DateTimeZone ? $zone : new DateTimeZone($zone);
    }

    public function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('now', $this->zone);
    }

    public function sleep(float|int $seconds): void
    {
        usleep((int) round($seconds * 1e6));
    }

    public function withTimeZone(DateTimeZone|string $timezone): static
    {
        return new self($timezone);
    }
}
