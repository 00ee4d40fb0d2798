<?php

declare(strict_types=1);

namespace Velko\Core\Season;

/**
 * Butter and cheese beaten in off the heat, cream, marrow or oil beside them or in their place: what they bring of water,
 * fat and salt, and how they cool the pan.
 *
 * Composition from USDA FoodData Central, butter, hard grating cheese, heavy whipping cream (from memory); marrow by our estimate.
 */
final readonly class Finish
{
    /** Olive oil, 0.910 to 0.916 at 20 °C: Codex Alimentarius, standard for olive oils, CXS 33 (from memory). */
    public const OIL_G_PER_ML = 0.913;

    private const BUTTER_WATER = 0.16;

    private const BUTTER_FAT = 0.81;

    /** 643 mg of sodium in 100 g of salted butter. */
    private const SALTED_BUTTER_SALT = 0.0164;

    private const CHEESE_WATER = 0.30;

    private const CHEESE_FAT = 0.26;

    /** About 1,200 mg of sodium in 100 g. */
    private const CHEESE_SALT = 0.0305;

    private const CREAM_WATER = 0.58;

    private const CREAM_FAT = 0.36;

    private const MARROW_WATER = 0.14;

    private const MARROW_FAT = 0.84;

    /** The specific heat of each, J/(g·K) (usual values; from memory). */
    private const BUTTER_WARMS = 2.2;

    private const CHEESE_WARMS = 2.6;

    private const CREAM_WARMS = 3.3;

    /** Olive oil (usual value; from memory). */
    private const OIL_WARMS = 2.0;

    /** Heat that melts butter fat, J per g of butter (usual value; from memory). */
    private const BUTTER_MELTS = 65.0;

    /** Cream comes from the fridge, °C. */
    private const CREAM_C = 5.0;

    /** Cheese is grated during the cooking and lies at the stove, and the oil stands there, °C. */
    private const CHEESE_C = 20.0;

    /**
     * @param  float  $butter  g, for all covers
     * @param  float  $cheese  g, finely grated hard cheese, for all covers
     * @param  float  $butterTemperature  °C; freezer-cold melts slowly
     * @param  float  $cream  g, for all covers; its water loosens
     * @param  float  $marrow  g, for all covers; as cold as the butter, and it warms and melts as butter does
     * @param  float  $oil  g, for all covers; fat alone, already liquid, as warm as the kitchen
     */
    public function __construct(
        public float $butter = 0.0,
        public float $cheese = 0.0,
        public bool $salted = false,
        public float $butterTemperature = 4.0,
        public float $cream = 0.0,
        public float $marrow = 0.0,
        public float $oil = 0.0,
    ) {}

    public function times(float $factor): self
    {
        return new self(
            $this->butter * $factor,
            $this->cheese * $factor,
            $this->salted,
            $this->butterTemperature,
            $this->cream * $factor,
            $this->marrow * $factor,
            $this->oil * $factor,
        );
    }

    /** @return array<'marrow'|'butter'|'oil'|'hard-cheese'|'cream', float> g of each, in the order in which they are beaten in */
    public function parts(): array
    {
        return [
            'marrow' => $this->marrow,
            'butter' => $this->butter,
            'oil' => $this->oil,
            'hard-cheese' => $this->cheese,
            'cream' => $this->cream,
        ];
    }

    /** The weight of all that is beaten in, g. */
    public function weight(): float
    {
        return $this->butter + $this->cheese + $this->cream + $this->marrow + $this->oil;
    }

    /** The water in it, g. */
    public function water(): float
    {
        return self::BUTTER_WATER * $this->butter + self::CHEESE_WATER * $this->cheese + self::MARROW_WATER * $this->marrow + $this->liquid();
    }

    /** Of that, what is liquid by itself and loosens the plate, g. */
    public function liquid(): float
    {
        return self::CREAM_WATER * $this->cream;
    }

    /** The fat in it, g. */
    public function fat(): float
    {
        return self::BUTTER_FAT * $this->butter + self::CHEESE_FAT * $this->cheese + self::CREAM_FAT * $this->cream
            + self::MARROW_FAT * $this->marrow + $this->oil;
    }

    /** The salt in it, g. */
    public function salt(): float
    {
        return ($this->salted ? self::SALTED_BUTTER_SALT : 0.0) * $this->butter + self::CHEESE_SALT * $this->cheese;
    }

    /** @return 'both'|'butter'|'oil_and_cheese'|'cheese'|'oil'|'cream'|'nothing' what is beaten in first, and what after it */
    public function order(): string
    {
        return match (true) {
            $this->butter + $this->marrow > 0.0 && $this->cheese > 0.0 => 'both',
            $this->butter + $this->marrow > 0.0 => 'butter',
            $this->oil > 0.0 && $this->cheese > 0.0 => 'oil_and_cheese',
            $this->cheese > 0.0 => 'cheese',
            $this->oil > 0.0 => 'oil',
            $this->cream > 0.0 => 'cream',
            default => 'nothing',
        };
    }

    /** The heat that it takes to warm all of it by a kelvin, J/K. */
    public function capacity(): float
    {
        return self::BUTTER_WARMS * ($this->butter + $this->marrow) + self::CHEESE_WARMS * $this->cheese
            + self::CREAM_WARMS * $this->cream + self::OIL_WARMS * $this->oil;
    }

    /** Temperature that cools the pan as much as melting does, °C. */
    public function temperature(): float
    {
        if ($this->weight() <= 0) {
            return self::CHEESE_C;
        }
        $heat = ($this->butter + $this->marrow) * (self::BUTTER_WARMS * $this->butterTemperature - self::BUTTER_MELTS)
            + (self::CHEESE_WARMS * $this->cheese + self::OIL_WARMS * $this->oil) * self::CHEESE_C
            + self::CREAM_WARMS * $this->cream * self::CREAM_C;

        return $heat / $this->capacity();
    }
}
