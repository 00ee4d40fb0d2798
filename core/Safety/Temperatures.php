<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

/**
 * What a kitchen's code asks its food to reach and how long cooked rice may keep, °C and days.
 *
 * Built in: FDA Food Code 2022 (from memory): 3-401.11 (fish and whole cuts 63 °C for 15 s, poultry 74 °C), 3-501.16
 * (held hot at 57 °C), 3-501.17 (seven days in the fridge). Some authorities allow cooked rice far fewer. The local code decides.
 */
final readonly class Temperatures
{
    /**
     * @param  float  $fish  °C, fish and shellfish
     * @param  float  $poultry  °C
     * @param  float  $meat  °C, whole cuts
     * @param  float  $hotHolding  °C
     * @param  int  $fridgeDays  for cooked rice
     */
    public function __construct(
        public float $fish = 63.0,
        public float $poultry = 74.0,
        public float $meat = 63.0,
        public float $hotHolding = 57.0,
        public int $fridgeDays = 7,
    ) {}
}
