<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A length of time, kept in seconds; 0 to 48 hours. */
final readonly class Duration
{
    private const MAX_S = 172800.0;

    private function __construct(public float $seconds)
    {
        if (! ($seconds >= 0.0 && $seconds <= self::MAX_S)) {
            throw OutOfRange::of('a duration', $seconds, 0, self::MAX_S, 's');
        }
    }

    /** @throws OutOfRange */
    public static function of(float $number, Unit $unit): self
    {
        return new self($number * $unit->factor());
    }

    /** "45 s", "12 min", "1 h 20 min". */
    public function plain(): string
    {
        if ($this->seconds < 59.5) {
            return Rounding::plain($this->seconds, 0).' s';
        }
        $minutes = (int) round($this->seconds / 60);
        if ($minutes < 60) {
            return "$minutes min";
        }

        return intdiv($minutes, 60).' h'.($minutes % 60 === 0 ? '' : ' '.($minutes % 60).' min');
    }
}
