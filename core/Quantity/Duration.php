<?php

declare(strict_types=1);

namespace Velko\Core\Quantity;

/** A length of time, kept in seconds; 0 to 48 hours where it is written by hand, not negative where it is reckoned. */
final readonly class Duration implements Quantity
{
    private const MAX_S = 172800.0;

    private function __construct(public float $seconds)
    {
        if (! ($seconds >= 0.0 && is_finite($seconds))) {
            throw OutOfRange::of('a duration', $seconds, 0, self::MAX_S, 's');
        }
    }

    /** @throws OutOfRange */
    public static function of(float $number, Unit $unit): self
    {
        $value = $number * $unit->factor();

        return $value > self::MAX_S ? throw OutOfRange::of('a duration', $value, 0, self::MAX_S, 's') : new self($value);
    }

    /** @throws OutOfRange */
    public static function ofMinutes(float $minutes): self
    {
        return new self(60 * $minutes);
    }

    /** @throws OutOfRange */
    public static function ofSeconds(float $seconds): self
    {
        return new self($seconds);
    }

    public function metric(): string
    {
        return $this->plain();
    }

    /** Time is read alike everywhere. */
    public function us(): string
    {
        return $this->plain();
    }

    /** "45 s", "1.5 min", "12 min", "1 h 20 min". */
    public function plain(): string
    {
        if ($this->seconds < 59.5) {
            return Rounding::plain($this->seconds, 0).' s';
        }
        $minutes = (int) round($this->seconds / 60);
        if ($minutes < 60) {
            return Rounding::minutes($this->seconds / 60).' min';
        }

        return intdiv($minutes, 60).' h'.($minutes % 60 === 0 ? '' : ' '.($minutes % 60).' min');
    }
}
