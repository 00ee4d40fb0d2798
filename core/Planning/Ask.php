<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\Method;
use Velko\Core\Pan\Conditions;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Ladle;
use Velko\Core\Vessel\Pan;

/** What a cook asks: this dish for so many, in this pan on this ring, at the table so long after the pass. */
final readonly class Ask
{
    /**
     * @param  float  $gramsPerCover  raw rice
     * @param  float  $stockTemperature  °C
     * @param  float  $stockSaltPercent  g salt per 100 g of stock
     * @param  float  $wine  mL
     * @param  float  $looseness  free liquid per raw rice wanted at the table, g/g
     * @param  float  $minutesToTable  from the pass
     * @param  float  $altitude  m
     * @param  float  $room  °C
     */
    public function __construct(
        public int $covers,
        public float $gramsPerCover,
        public Grain $grain,
        public Pan $pan,
        public Burner $burner,
        public Ladle $ladle,
        public Method $method,
        public float $stockTemperature,
        public float $stockSaltPercent,
        public float $wine,
        public float $looseness,
        public float $minutesToTable,
        public float $altitude,
        public float $room,
    ) {}

    /** g raw */
    public function rice(): float
    {
        return $this->covers * $this->gramsPerCover;
    }

    public function conditions(): Conditions
    {
        return Conditions::at($this->altitude, $this->room, $this->pan);
    }

    /** The same ask for another number of covers, wine in proportion. */
    public function forCovers(int $covers): self
    {
        return new self(
            $covers, $this->gramsPerCover, $this->grain, $this->pan, $this->burner, $this->ladle, $this->method,
            $this->stockTemperature, $this->stockSaltPercent, $this->wine * $covers / $this->covers,
            $this->looseness, $this->minutesToTable, $this->altitude, $this->room,
        );
    }
}
