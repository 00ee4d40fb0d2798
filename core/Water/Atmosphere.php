<?php

declare(strict_types=1);

namespace Velko\Core\Water;

use Velko\Core\Quantity\OutOfRange;

/**
 * Air pressure at an altitude: the troposphere of the ICAO Standard Atmosphere (ISO 2533:1975).
 */
final class Atmosphere
{
    public const SEA_LEVEL_PA = 101325.0;

    /** −450 m (the lowest shore) to 5,500 m (the highest kitchens). */
    public const MIN_ALTITUDE_M = -450.0;

    public const MAX_ALTITUDE_M = 5500.0;

    private const LAPSE_PER_M = 2.25577e-5;

    private const EXPONENT = 5.25588;

    /**
     * The altitude at which water boils at a temperature that was measured there.
     *
     * @param  float  $boiling  °C, about 82 to 101
     *
     * @return float m above the sea
     *
     * @throws OutOfRange
     */
    public static function altitudeOfBoiling(float $boiling): float
    {
        $altitude = (1 - (Steam::saturationPressure($boiling) / self::SEA_LEVEL_PA) ** (1 / self::EXPONENT)) / self::LAPSE_PER_M;
        if (! ($altitude >= self::MIN_ALTITUDE_M && $altitude <= self::MAX_ALTITUDE_M)) {
            throw OutOfRange::of('the boiling point', $boiling, round(Steam::boilingPoint(self::pressure(self::MAX_ALTITUDE_M)), 1), round(Steam::boilingPoint(self::pressure(self::MIN_ALTITUDE_M)), 1), '°C');
        }

        return $altitude;
    }

    /**
     * @param  float  $altitude  m above the sea, −450 to 5,500
     *
     * @return float Pa
     *
     * @throws OutOfRange
     */
    public static function pressure(float $altitude): float
    {
        if (! ($altitude >= self::MIN_ALTITUDE_M && $altitude <= self::MAX_ALTITUDE_M)) {
            throw OutOfRange::of('the altitude', $altitude, self::MIN_ALTITUDE_M, self::MAX_ALTITUDE_M, 'm');
        }

        return self::SEA_LEVEL_PA * (1 - self::LAPSE_PER_M * $altitude) ** self::EXPONENT;
    }
}
