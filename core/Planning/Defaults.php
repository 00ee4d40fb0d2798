<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

/** What is taken when an ask does not say. Common practice, no single source; an answer repeats what it took. */
final class Defaults
{
    public const GRAMS_PER_COVER = 80.0;

    public const ALTITUDE_M = 0.0;

    public const ROOM_C = 24.0;

    public const PAN_BASE_CM = 26.0;

    /** Rim against base when only one is said. */
    public const PAN_RIM_RATIO = 28 / 26;

    public const PAN_HEIGHT_CM = 7.0;

    public const PAN_METAL = 900.0;

    public const RING_CM = 16.0;

    public const NET_W = ['low' => 250.0, 'medium-low' => 450.0, 'medium' => 800.0, 'medium-high' => 1200.0, 'high' => 1800.0];

    public const STOCK_C = 90.0;

    public const STOCK_SALT_PERCENT = 0.6;

    public const LADLE_ML = 90.0;

    /** A dose to choose the ladle by, mL per g raw rice. */
    public const LADLE_PER_G = 0.30;

    public const FINISH_MIN = 1.0;

    public const LOOSENESS = 0.85;

    public const MINUTES_TO_TABLE = 2.0;

    /** Held back, as a share of the stock. */
    public const RESERVE = 0.10;
}
