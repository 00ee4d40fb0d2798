<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

/** One thing that is done to a pan at a minute of the cook. */
final readonly class Happening
{
    /**
     * @param  float  $minute  ≥ 0; 0 is the first liquid
     * @param  float|null  $pour  mL
     * @param  float|null  $temperature  of what is poured, °C
     * @param  float|null  $net  W from here on, on the ring
     * @param  bool|null  $lid  on or off
     * @param  bool|null  $offCovered  off the heat from here on; whether under a cloth
     */
    private function __construct(
        public float $minute,
        public ?float $pour = null,
        public ?float $temperature = null,
        public ?float $net = null,
        public ?bool $lid = null,
        public ?bool $offCovered = null,
    ) {}

    public static function pour(float $minute, float $volume, float $temperature): self
    {
        return new self($minute, pour: $volume, temperature: $temperature);
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
}
