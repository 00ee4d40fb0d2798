<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Food\Food;
use Velko\Core\Water\Steam;

/** The stock beside the pan. */
final readonly class Stock
{
    /** Net power of the ring beside, after what its pot loses, W (our estimate). */
    private const SIDE_RING_W = 1500.0;

    /**
     * @param  float  $temperature  °C, as it is held
     * @param  float  $saltPercent  g salt per 100 g
     * @param  float|null  $given  mL, when the amount is settled and the heat is to be found for it
     * @param  float  $potDiameter  cm, of the side pot it is held in, open
     * @param  float  $held  min it is held before the first liquid
     * @param  StockFromWater|null  $fromWater  how it is made on the day; null: it stands in the fridge
     */
    public function __construct(
        public float $temperature,
        public float $saltPercent,
        public ?float $given = null,
        public float $potDiameter = Defaults::SIDE_POT_CM,
        public float $held = Defaults::HELD_MIN,
        public ?StockFromWater $fromWater = null,
    ) {}

    /** Another stock held the same way, its amount to be found. */
    public function as(float $temperature, float $saltPercent): self
    {
        return new self($temperature, $saltPercent, null, $this->potDiameter, $this->held, $this->fromWater);
    }

    /** The same stock, held at another temperature, °C. */
    public function heldAt(float $temperature): self
    {
        return new self($temperature, $this->saltPercent, $this->given, $this->potDiameter, $this->held, $this->fromWater);
    }

    /**
     * Minutes that so much of it takes until it is as hot as it is held, on a ring of its own turned up: covered from the fridge, or made from cold water.
     *
     * @param  float  $volume  mL
     */
    public function warmsIn(float $volume): float
    {
        if ($this->fromWater !== null) {
            return $this->fromWater->takes($this->water($volume), self::SIDE_RING_W);
        }

        return Steam::SPECIFIC_HEAT * $volume * max(0.0, $this->temperature - Food::FRIDGE_C) / self::SIDE_RING_W / 60;
    }

    /**
     * Cold water that so much of it is made from, mL: what stays in what is strained off, and what the open pot gives off while it simmers.
     *
     * @param  float  $volume  mL
     */
    public function water(float $volume): float
    {
        return $this->fromWater === null ? 0.0 : $volume / $this->fromWater->strained + $this->givenOff($this->fromWater->simmers, Defaults::ROOM_C);
    }

    /**
     * What the open side pot gives off while the stock is held, mL.
     *
     * @param  float  $minutes  from steaming to the last ladle
     * @param  float  $room  °C
     */
    public function givenOff(float $minutes, float $room): float
    {
        $area = M_PI * ($this->potDiameter / 200) ** 2;

        return max(0.0, Steam::givenOff($this->temperature, Steam::inRoomAir($room))) * $area * 60 * $minutes;
    }
}
