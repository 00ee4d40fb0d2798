<?php

declare(strict_types=1);

namespace Velko\Core\Water;

/**
 * Boiling point and vapour pressure of water by the Antoine equation, log10(p/mmHg) = A − B/(C + T).
 *
 * Coefficients for 1 to 100 °C as in the usual handbook tables; from memory. Checked in tests/Reference against the
 * npm package psychrolib (ASHRAE Handbook, Fundamentals): within 0.2 K from 0 to 3,000 m.
 */
final class Steam
{
    /** Heat that turns one gram of boiling water to steam, J/g at 100 °C (IAPWS steam tables; from memory). */
    public const LATENT_HEAT = 2257.0;

    /** Heat that warms one gram of water by one kelvin, J/(g·K) (IAPWS steam tables; from memory). */
    public const SPECIFIC_HEAT = 4.18;

    public const ANTOINE_A = 8.07131;

    public const ANTOINE_B = 1730.63;

    public const ANTOINE_C = 233.426;

    public const PA_PER_MMHG = 101325.0 / 760.0;

    /** Relative humidity taken for a kitchen's air, 0 to 1 (common practice, no single source). */
    private const KITCHEN_HUMIDITY = 0.5;

    /** Vapour that an open surface gives off at 90 °C into ordinary air at 20 °C, g/(s·m²) (our estimate). */
    private const GIVEN_OFF_AT_90 = 1.8;

    /**
     * @param  float  $pressure  Pa, > 0
     *
     * @return float °C
     */
    public static function boilingPoint(float $pressure): float
    {
        return self::ANTOINE_B / (self::ANTOINE_A - log10($pressure / self::PA_PER_MMHG)) - self::ANTOINE_C;
    }

    /**
     * @param  float  $celsius  1 to 100
     *
     * @return float Pa
     */
    public static function saturationPressure(float $celsius): float
    {
        return self::PA_PER_MMHG * 10 ** (self::ANTOINE_A - self::ANTOINE_B / (self::ANTOINE_C + $celsius));
    }

    /**
     * Share by which the saturation pressure rises with each kelvin, 1/K.
     *
     * @param  float  $celsius  1 to 100
     */
    public static function pressureSlope(float $celsius): float
    {
        return M_LN10 * self::ANTOINE_B / (self::ANTOINE_C + $celsius) ** 2;
    }

    /**
     * Pressure of the water vapour that is already in a kitchen's air.
     *
     * @param  float  $room  °C
     *
     * @return float Pa
     */
    public static function inRoomAir(float $room): float
    {
        return self::KITCHEN_HUMIDITY * self::saturationPressure($room);
    }

    /**
     * Vapour that an open surface gives off below the boil, in proportion to what the air still takes.
     *
     * @param  float  $airVapour  Pa
     *
     * @return float g/(s·m²); negative where the air would give some back
     */
    public static function givenOff(float $celsius, float $airVapour): float
    {
        return self::givenOffPerPascal() * (self::saturationPressure($celsius) - $airVapour);
    }

    /** The steam that an open surface gives off for a pascal of difference, g/(s·m²·Pa). */
    public static function givenOffPerPascal(): float
    {
        return self::GIVEN_OFF_AT_90 / (self::saturationPressure(90.0) - self::inRoomAir(20.0));
    }
}
