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
     * @param  float|null  $before  min it has in the pan before the next goes in, or the rice; null: its sign's usual time, where it has a sign
     * @param  Until|null  $until  the sign that it has had enough of it
     * @param  bool  $comesOut  out again before anybody is served: a bay leaf, a skewer
     */
    public function __construct(
        public string $name,
        public float $amount,
        public string $unit,
        public Scales $scales,
        public Goes $goes,
        public ?float $minute = null,
        public ?float $temperature = null,
        public ?float $before = null,
        public ?Until $until = null,
        public bool $comesOut = false,
    ) {}

    /** Minutes it has in the pan before the rice; 0 where nobody says any, and it is ready or goes in later. */
    public function minutesBefore(): float
    {
        return $this->before ?? $this->until?->minutes() ?? 0.0;
    }

    /** Whether it is cooked in the base first and comes out, to go back in later. */
    public function goesBackIn(): bool
    {
        return $this->goes !== Goes::Base && $this->minutesBefore() > 0.0;
    }

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
