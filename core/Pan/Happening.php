<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** One thing that is done to a pan at a minute of the cook. */
final readonly class Happening
{
    /**
     * @param  float  $minute  ≥ 0; 0 is the first liquid
     * @param  float|null  $pour  mL
     * @param  float|null  $temperature  of what is poured or beaten in, °C
     * @param  float|null  $net  W from here on, on the ring
     * @param  bool|null  $lid  on or off
     * @param  bool|null  $offCovered  off the heat from here on; whether under a cloth
     * @param  float|null  $lift  mL of free liquid lifted out
     * @param  float|null  $capacity  J/K of what is beaten in
     * @param  float|null  $saltShare  g salt per g of what is poured; null: the stock's
     * @param  float  $salt  g that what is beaten in brings
     * @param  int|null  $plates  onto so many plates, out of the pan
     */
    private function __construct(
        public float $minute,
        public ?float $pour = null,
        public ?float $temperature = null,
        public ?float $net = null,
        public ?bool $lid = null,
        public ?bool $offCovered = null,
        public ?float $lift = null,
        public ?float $capacity = null,
        public ?float $saltShare = null,
        public float $salt = 0.0,
        public ?int $plates = null,
    ) {}

    public static function pour(float $minute, float $volume, float $temperature, ?float $saltShare = null): self
    {
        return new self($minute, pour: $volume, temperature: $temperature, saltShare: $saltShare);
    }

    public static function heat(float $minute, float $net): self
    {
        return new self($minute, net: $net);
    }

    public static function lid(float $minute, bool $on): self
    {
        return new self($minute, lid: $on);
    }

    public static function off(float $minute, bool $covered): self
    {
        return new self($minute, offCovered: $covered);
    }

    public static function liftOut(float $minute, float $volume): self
    {
        return new self($minute, lift: $volume);
    }

    /** @param  float  $temperature  of the plates, °C */
    public static function plated(float $minute, int $plates, float $temperature): self
    {
        return new self($minute, temperature: $temperature, plates: $plates);
    }

    /** Butter and cheese: they cool the pan, and bring salt of their own. */
    public static function beatIn(float $minute, float $capacity, float $temperature, float $salt): self
    {
        return new self($minute, temperature: $temperature, capacity: $capacity, salt: $salt);
    }
}
