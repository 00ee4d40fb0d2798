<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

/** How well a rice is known: one standard deviation of what it drinks, and of the minutes after which it is done, as shares. */
final readonly class Doubt
{
    /** Nine tenths of a normal distribution lie within so many standard deviations. */
    public const NINE_TENTHS = 1.6449;

    /** Of what a rice drinks against its kind (our estimate; packets of one kind measured 5 to 8 % apart, common practice, no single source). */
    public const DRINKING = 0.07;

    /** Of the minutes on its packet (our estimate). */
    public const DONENESS = 0.08;

    /** Of what it was found to have drunk in one pan of boiling water: a kitchen scale, and how long it drained (our estimate). */
    private const BOILED = 0.03;

    public function __construct(public float $drinking = self::DRINKING, public float $doneness = self::DONENESS) {}

    /** Of a packet that was boiled once and weighed. */
    public static function boiled(): self
    {
        return new self(self::BOILED);
    }
}
