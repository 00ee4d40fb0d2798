<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** What is taken when an ask does not say. Common practice, no single source; an answer repeats what it took. */
final class Defaults
{
    public const GRAMS_PER_COVER = 80.0;

    public const ALTITUDE_M = 0.0;

    public const ROOM_C = 24.0;

    /** Plates from the warmer, °C: "at once, on warm flat plates". */
    public const PLATES_C = 65.0;

    /** Rim against base when only one is said. */
    public const PAN_RIM_RATIO = 28 / 26;

    public const NET_W = ['low' => 250.0, 'medium-low' => 450.0, 'medium' => 800.0, 'medium-high' => 1200.0, 'high' => 1800.0];

    public const STOCK_C = 90.0;

    public const STOCK_SALT_PERCENT = 0.6;

    public const LADLE_ML = 90.0;

    /** A whole pour to choose the ladle by, mL per g raw rice. */
    public const POUR_PER_G = 3.5;

    /** Width of the side pot the stock is held in, and minutes it steams before the first liquid. */
    public const SIDE_POT_CM = 24.0;

    public const HELD_MIN = 15.0;

    /** Butter from the fridge, °C. */
    public const BUTTER_C = 4.0;

    public const MINUTES_TO_TABLE = 2.0;

    /** Held back, as a share of the stock. */
    public const RESERVE = 0.10;
}
