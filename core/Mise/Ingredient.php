<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Food\Goes;

/** One thing of a dish besides rice, stock, wine and finish. */
final readonly class Ingredient
{
    private const CM2_PER_FLOOR = 100.0;

    /**
     * @param  float  $amount  in its unit, for what it scales with, ≥ 0
     * @param  'g'|'ml'|'pieces'  $unit
     * @param  float|null  $minute  of the cook, when it goes in at a minute
     * @param  float|null  $temperature  °C at which it goes in; null: as it is kept
     */
    public function __construct(
        public string $name,
        public float $amount,
        public string $unit,
        public Scales $scales,
        public Goes $goes,
        public ?float $minute = null,
        public ?float $temperature = null,
    ) {}

    /**
     * How much of it goes into this pan.
     *
     * @param  float  $rice  g raw in the pan
     * @param  float  $main  g raw of one main
     * @param  int  $plates  mains and starters
     * @param  float  $floor  m²
     */
    public function for(float $rice, float $main, int $plates, float $floor): float
    {
        return $this->amount * match ($this->scales) {
            Scales::Main => $rice / $main,
            Scales::Plate => $plates,
            Scales::Floor => $floor * 1e4 / self::CM2_PER_FLOOR,
            Scales::Pan => 1,
        };
    }
}
