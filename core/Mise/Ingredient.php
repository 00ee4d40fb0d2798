<?php

declare(strict_types=1);

namespace Velko\Core\Mise;

use Velko\Core\Food\Food;
use Velko\Core\Food\Foods;
use Velko\Core\Food\Goes;
use Velko\Core\Food\Group;

/** One thing of a dish besides rice, stock, wine and finish. */
final readonly class Ingredient
{
    private const CM2_PER_FLOOR = 100.0;

    /**
     * @param  float  $amount  in its unit, for what it scales with, ≥ 0
     * @param  'g'|'ml'|'pieces'  $unit
     * @param  float|null  $minute  of the cook, when it goes in at a minute
     * @param  float|null  $temperature  °C at which it goes in; null: as it is kept
     * @param  float|null  $before  min it has in the pan before the next goes in, or the rice; 0: it goes in with the next; null: as long as its sign usually takes
     * @param  Until|null  $until  the sign that it has had enough of it; null: what such a food usually gets
     * @param  Group|null  $group  what kind of food it is, if the kitchen has said so; null: by its name
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
        public ?Group $group = null,
    ) {}

    /** Minutes it has in the pan before the next thing goes in; 0 if it goes in with that. */
    public function minutesBefore(): float
    {
        return $this->before ?? $this->until?->minutes() ?? $this->treatment()->minutes ?? 0.0;
    }

    /** The sign to wait for; null if it has none of its own. */
    public function sign(): ?Until
    {
        return $this->until ?? ($this->goes === Goes::Base ? Treatment::of($this->name, $this->group)?->until : null);
    }

    /** What the base does to it if the dish says neither minutes nor sign; null if the dish says either, or it goes in later. */
    public function treatment(): ?Treatment
    {
        return $this->goes === Goes::Base && $this->before === null && $this->until === null ? Treatment::of($this->name, $this->group) : null;
    }

    /** Whether it is cooked in the base first and comes out, to go back in later. */
    public function goesBackIn(): bool
    {
        return $this->goes !== Goes::Base && $this->minutesBefore() > 0.0;
    }

    public function food(): Food
    {
        return Foods::find($this->name) ?? ($this->group ?? Group::usual())->food();
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
