<?php

declare(strict_types=1);

namespace Velko\Core\Season;

/** What kind of wine goes in: how strong it is, and whether its alcohol was boiled off in a pan of its own, to go in warm. */
final readonly class Wine
{
    /** Ordinary table wine, percent by volume. */
    public const TABLE = 12.5;

    /** The density of ethanol, g/mL. */
    private const ETHANOL = 0.789;

    /** The minutes for which wine is boiled in a pan of its own (common practice, no single source). */
    private const BOILED = 10.0;

    private const COLD_C = 20.0;

    private const WARM_C = 75.0;

    /** @param  float  $percent  alcohol by volume, 0 to 25 */
    public function __construct(public float $percent = self::TABLE, public bool $cookedOff = false) {}

    /** The alcohol in a millilitre as it goes in, g. */
    public function alcohol(): float
    {
        return $this->percent / 100 * self::ETHANOL * ($this->cookedOff ? Alcohol::left(self::BOILED) : 1.0);
    }

    /** The temperature at which it goes in, °C. */
    public function temperature(): float
    {
        return $this->cookedOff ? self::WARM_C : self::COLD_C;
    }
}
