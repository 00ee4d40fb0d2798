<?php

declare(strict_types=1);

namespace Velko\Core\Rice;

/**
 * How fast rice drinks and softens at a temperature, and how much it would drink there.
 *
 * Arrhenius in two stretches that meet at 85 °C. The hot stretch is checked against USDA FSIS's advice that food takes
 * about a quarter longer at 5,000 ft (tests/Core/Rice). Our estimate for short and medium grain.
 */
final class Kinetics
{
    /** J/mol at 85 °C and above. */
    public const HOT_ENERGY = 44000.0;

    /** J/mol below 85 °C. */
    public const COOL_ENERGY = 100000.0;

    public const BREAK_C = 85.0;

    public const REFERENCE_C = 100.0;

    /** Molar gas constant, J/(mol·K) (CODATA 2018). */
    public const GAS_CONSTANT = 8.314462618;

    public const ZERO_C_IN_K = 273.15;

    /** Below this a grain takes up cold water only and does not soften, °C. */
    public const SOFTENS_FROM_C = 60.0;

    /** From here up it drinks its full measure, °C. */
    public const DRINKS_FULLY_FROM_C = 80.0;

    /** What raw rice takes up in cold water, g per g. */
    public const COLD_UPTAKE = 0.35;

    /** Minutes over which a grain sealed in hot fat opens up. */
    public const SEAL_MINUTES = 2.0;

    /** Free liquid, g per g rice, at which drinking is half as fast as in ample liquid. */
    public const HALF_WET = 0.05;

    /** Doneness runs at full pace while at least 1/1.05 of the grain's surface is wet. */
    public const WET_MARGIN = 1.05;

    /** Pace at which a grain without liquid softens on in its own moisture, open and covered, against one in liquid (our estimates). */
    public const DRY_PACE_OPEN = 0.25;

    public const DRY_PACE_COVERED = 0.40;

    /** Pace at a temperature relative to 100 °C. */
    public static function pace(float $celsius): float
    {
        $kelvin = $celsius + self::ZERO_C_IN_K;
        $break = self::BREAK_C + self::ZERO_C_IN_K;
        $reference = self::REFERENCE_C + self::ZERO_C_IN_K;
        if ($celsius >= self::BREAK_C) {
            return exp(-self::HOT_ENERGY / self::GAS_CONSTANT * (1 / $kelvin - 1 / $reference));
        }

        return exp(-self::HOT_ENERGY / self::GAS_CONSTANT * (1 / $break - 1 / $reference)
            - self::COOL_ENERGY / self::GAS_CONSTANT * (1 / $kelvin - 1 / $break));
    }

    /** Share by which the pace rises with each kelvin, 1/K. */
    public static function paceSlope(float $celsius): float
    {
        $kelvin = $celsius + self::ZERO_C_IN_K;

        return ($celsius >= self::BREAK_C ? self::HOT_ENERGY : self::COOL_ENERGY) / self::GAS_CONSTANT / ($kelvin * $kelvin);
    }

    /**
     * What the rice would drink in the end at a temperature, g per g raw rice.
     *
     * @param  float  $hot  The variety's value at 80 °C and above.
     */
    public static function equilibrium(float $celsius, float $hot): float
    {
        $share = ($celsius - self::SOFTENS_FROM_C) / (self::DRINKS_FULLY_FROM_C - self::SOFTENS_FROM_C);

        return self::COLD_UPTAKE + ($hot - self::COLD_UPTAKE) * max(0.0, min(1.0, $share));
    }
}
