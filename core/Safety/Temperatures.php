<?php

declare(strict_types=1);

namespace Velko\Core\Safety;

use Velko\Core\Planning\CooledRice;

/**
 * What a kitchen's code asks its food to reach, how fast what was cooked must cool, and how long cooked rice may keep: °C, minutes, days.
 *
 * Built in: FDA Food Code 2022 (from memory): 3-401.11 (fish and whole cuts 63 °C for 15 s, poultry 74 °C), 3-501.16
 * (held hot at 57 °C), 3-501.14 (cooled from 57 to 21 °C within two hours, to 5 °C within six), 3-403.11 (reheated to 74 °C),
 * 3-501.17 (seven days in the fridge). Some authorities allow cooked rice far fewer. The local code decides.
 */
final readonly class Temperatures
{
    /** The end of the first stage of cooling, and cold, °C. */
    public const COOLED_FIRST = CooledRice::FIRST;

    public const COLD = CooledRice::COLD;

    /**
     * @param  float  $fish  °C, fish and shellfish
     * @param  float  $poultry  °C
     * @param  float  $meat  °C, whole cuts
     * @param  float  $hotHolding  °C
     * @param  int  $fridgeDays  for cooked rice
     * @param  int  $cooledFirst  min to {@see COOLED_FIRST}
     * @param  int  $cooled  min to {@see COLD}, from the start
     * @param  float  $reheat  °C that what was cold reaches again
     */
    public function __construct(
        public float $fish = 63.0,
        public float $poultry = 74.0,
        public float $meat = 63.0,
        public float $hotHolding = 57.0,
        public int $fridgeDays = 7,
        public int $cooledFirst = 120,
        public int $cooled = 360,
        public float $reheat = 74.0,
    ) {}
}
