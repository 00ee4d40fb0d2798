<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Body;
use Velko\Core\Rice\Grain;
use Velko\Core\Season\Alcohol;
use Velko\Core\Season\Salt;

/** The answer: a simulated cook that lands where it should, and all that follows from it. */
final readonly class Plan
{
    /**
     * @param  float  $stock  mL, all doses
     * @param  non-empty-list<HeatChange>  $heat
     * @param  list<Stage>  $stages  in order of time
     * @param  State  $pulled  the pan as it leaves the heat
     * @param  float|null  $dryMinute  first minute with hardly any free liquid, if the pan ever gets there
     * @param  list<Warning>  $warnings
     * @param  float  $cost  pan-seconds simulated to find it
     */
    public function __construct(
        public Ask $ask,
        public float $stock,
        public array $heat,
        public array $stages,
        public Track $track,
        public State $pulled,
        public State $atTable,
        public ?float $dryMinute,
        public array $warnings,
        public float $cost,
    ) {}

    /** @param  list<Warning>  $warnings */
    public function with(array $warnings): self
    {
        return new self(
            $this->ask, $this->stock, $this->heat, $this->stages, $this->track, $this->pulled, $this->atTable,
            $this->dryMinute, $warnings, $this->cost,
        );
    }

    /** Held back beside the pot, mL. */
    public function reserve(): float
    {
        return round($this->stock * Defaults::RESERVE / 5) * 5;
    }

    /** g */
    public function rice(): float
    {
        return $this->ask->rice();
    }

    /** mL of stock per g of raw rice. */
    public function millilitresPerGram(): float
    {
        return $this->stock / $this->rice();
    }

    /** Parts of stock to one part of raw rice, by volume. */
    public function partsByVolume(): float
    {
        return $this->millilitresPerGram() * Grain::RAW_G_PER_ML;
    }

    /** Free liquid per raw rice when it is eaten, g/g. */
    public function looseness(): float
    {
        return $this->atTable->free / $this->rice();
    }

    public function bite(): Bite
    {
        return Bite::of($this->ask->grain, $this->atTable->doneness, $this->atTable->drunk);
    }

    /** Indicative. */
    public function body(): Body
    {
        return Body::of($this->ask->grain->variety, $this->ask->method->stirring->share(), false, $this->atTable->doneness, $this->looseness());
    }

    /** mm of cooked rice in the pan when it leaves the heat. */
    public function layer(): float
    {
        return $this->ask->pan->layer($this->rice(), $this->pulled->drunk);
    }

    /** What is on all plates together, g. */
    public function plate(): float
    {
        return $this->rice() * (1 + $this->atTable->drunk) + $this->atTable->free;
    }

    public function saltPercent(): float
    {
        return Salt::percent($this->atTable->salt, $this->plate());
    }

    /** mg */
    public function sodiumPerCover(): float
    {
        return Salt::sodiumPerCover($this->atTable->salt, $this->ask->covers);
    }

    /** g of alcohol that stays from the wine, a cover. */
    public function alcoholPerCover(): float
    {
        return $this->ask->wine * Alcohol::WINE_G_PER_ML * Alcohol::left($this->pulled->minute()) / $this->ask->covers;
    }
}
