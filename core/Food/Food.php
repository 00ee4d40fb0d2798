<?php

declare(strict_types=1);

namespace Velko\Core\Food;

/** What a food brings into a pan: its water and how that comes out, fat, salt, heat and room. */
final readonly class Food
{
    /** As things stand in a kitchen, °C. */
    public const FRIDGE_C = 5.0;

    public const ROOM_C = 20.0;

    public const FROZEN_C = -18.0;

    /** What came out of the pan waits beside it until it goes back in, °C (our estimate). */
    public const BESIDE_THE_PAN_C = 50.0;

    /** The heat that food holds, kJ/(kg·K): its dry matter, and what water adds above and below freezing. Then what thaws it, kJ/kg (Siebel; ASHRAE Handbook, Refrigeration, thermal properties of foods; from memory). */
    private const DRY = 0.84;

    private const WATER = 3.35;

    private const ICE = 1.26;

    private const THAWS = 334.0;

    /** Shells hold heat as stone does, kJ/(kg·K) (usual value; from memory). */
    private const SHELL = 0.9;

    /** Room in the pan, g/mL: what is cut, and shells by their bulk (our estimate). */
    private const LIES = 1.0;

    private const SHELLS_LIE = 0.5;

    /**
     * @param  float  $water  share of what can be eaten
     * @param  float  $fat  share
     * @param  float  $salt  g per 100 g
     * @param  float  $frees  share of its water that comes out above 60 °C
     * @param  float  $tau  min in which two thirds of that is out, or in; 0: at once
     * @param  float  $takes  g of water that a gram of it takes up
     * @param  float  $loses  share of its mass that goes while it is sweated, browned or cooked down before the rice
     * @param  float  $losesSpread  one standard deviation of that
     * @param  float  $shell  share of it that is shell or bone
     * @param  float  $kept  °C at which it lies there
     */
    public function __construct(
        public Group $group,
        public float $water,
        public float $fat = 0.0,
        public float $salt = 0.0,
        public float $frees = 0.0,
        public float $tau = 0.0,
        public float $takes = 0.0,
        public float $loses = 0.0,
        public float $losesSpread = 0.0,
        public float $shell = 0.0,
        public float $kept = self::FRIDGE_C,
    ) {}

    /** @param  array<string, float>  $changes  by property */
    public function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** Heat that warms a gram of it by one kelvin, J/K, when so much of the whole is water. */
    public function capacity(float $water): float
    {
        return self::DRY * (1 - $this->shell) + self::WATER * $water + self::SHELL * $this->shell;
    }

    /** Heat that a gram holds above 0 °C, J; below nothing what it still takes to thaw. */
    public function heat(float $water, float $temperature): float
    {
        if ($temperature >= 0.0) {
            return $this->capacity($water) * $temperature;
        }

        return (self::DRY * (1 - $this->shell) + self::ICE * $water + self::SHELL * $this->shell) * $temperature - self::THAWS * $water;
    }

    /** The room that a gram of it takes up in the pan, mL. */
    public function room(): float
    {
        return $this->shell > 0.0 ? 1 / self::SHELLS_LIE : 1 / self::LIES;
    }
}
