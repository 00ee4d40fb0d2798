<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Crust\CrustMaking;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Food\Group;
use Velko\Core\Food\Portion;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\Method;
use Velko\Core\Method\PanHeat;
use Velko\Core\Pan\Conditions;
use Velko\Core\Rice\Grain;
use Velko\Core\Season\Finish;
use Velko\Core\Season\Seasoning;
use Velko\Core\Season\Wine;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Ladle;
use Velko\Core\Vessel\Pan;
use Velko\Core\Water\Steam;

/** What a cook asks: this dish for so many, in this pan on this ring, at the table so long after the pass. */
final readonly class Ask
{
    /** More than this is not one kitchen's pan any more. */
    public const MOST_COVERS = 400;

    /** Rice that would have to finish more than this off the heat is not pulled half raw for it, minutes at 100 °C (our limit). */
    public const MOST_OFF_THE_HEAT = 4.0;

    /** Near enough for a guess, °C. */
    private const BOILS_C = 100.0;

    /** Rice that was given no more than it needed has drunk so much of what it would in ample liquid when the pan is dry. */
    private const OF_AMPLE_WHEN_DRY = 0.93;

    /**
     * @param  float  $gramsPerCover  raw rice
     * @param  float  $wine  mL
     * @param  float  $extras  g of what else is on all plates together and nothing more is known of: it takes up salt
     * @param  array<int, Portion>  $food  everything else, in the pan and on the plates, by a number of its own
     */
    public function __construct(
        public Family $family,
        public int $covers,
        public float $gramsPerCover,
        public Grain $grain,
        public Pan $pan,
        public Burner $burner,
        public Ladle $ladle,
        public Method $method,
        public Stock $stock,
        public float $wine,
        public Finish $finish,
        public Target $target,
        public Surroundings $surroundings,
        public float $extras = 0.0,
        public array $food = [],
        public Seasoning $seasoning = new Seasoning,
        public Wine $ofWine = new Wine,
    ) {}

    /** The raw rice in the pan, g. */
    public function rice(): float
    {
        return $this->covers * $this->gramsPerCover;
    }

    /** What its pan can hold at most besides the things that are weighed into it, g: its rice, and water to the rim. */
    public function mostInThePan(): float
    {
        return $this->rice() + $this->pan->fullVolume();
    }

    public function conditions(): Conditions
    {
        return Conditions::at($this->surroundings->altitude, $this->surroundings->room, $this->pan, $this->surroundings->wind);
    }

    /** The room that everything else takes up in the pan, mL. */
    public function roomOfFood(): float
    {
        return array_sum(array_map(static fn (Portion $portion): float => $portion->isInThePan() ? $portion->room() : 0.0, $this->food));
    }

    /** Roughly the g by which everything else spares stock: the water that it brings, and what its cold keeps from boiling off. */
    public function sparedByFood(): float
    {
        $spared = 0.0;
        foreach ($this->food as $portion) {
            if ($portion->isInThePan()) {
                $add = $portion->add();
                $spared += $add->gives + $add->atOnce + ($add->hot ? 0.0 : $add->capacity * max(0.0, self::BOILS_C - $add->temperature) / Steam::LATENT_HEAT);
            }
        }

        return $spared;
    }

    /** Whether it goes to the table on plates; else in its pan. */
    public function isPlated(): bool
    {
        return $this->method->plated ?? $this->family->traits()->isPlated;
    }

    /** Whether the rice is rained into stock that boils already; its wine is in that. */
    public function isRainedIn(): bool
    {
        return $this->method->rainedIn;
    }

    /** Whether anything in the pan is in its shell: what stays shut comes out. */
    public function hasShells(): bool
    {
        return array_filter($this->food, static fn (Portion $portion): bool => $portion->food->group === Group::InShell && $portion->grams > 0.0) !== [];
    }

    /** Roughly the minutes at 100 °C that it gains on the way from the heat to the table. */
    public function gainsOffTheHeat(): float
    {
        return min(self::MOST_OFF_THE_HEAT, 0.8 * ($this->method->finish + $this->method->rest) + 0.4 * $this->target->minutesToTable);
    }

    /** @param  array<int, Portion>  $food */
    public function withFood(array $food): self
    {
        return $this->with(['food' => $food]);
    }

    public function withSeasoning(Seasoning $seasoning): self
    {
        return $this->with(['seasoning' => $seasoning]);
    }

    public function crustMaking(): CrustMaking
    {
        $conditions = $this->conditions();
        $drunk = self::OF_AMPLE_WHEN_DRY * $this->grain->drunkInAmpleLiquid($this->grain->window->middle());

        return new CrustMaking($this->pan, $this->burner->after($this->grain->window->middle()), $conditions->boiling, $conditions->room, $drunk, $this->target->crust, $this->method->crust, $this->grain->browns);
    }

    /** The same ask for another number of covers; wine, butter, cheese and what else is on the plate in proportion. */
    public function forCovers(int $covers): self
    {
        $times = $covers / $this->covers;

        return $this->with(['covers' => $covers, 'wine' => $this->wine * $times, 'finish' => $this->finish->times($times), 'extras' => $this->extras * $times, 'food' => array_map(static fn (Portion $portion): Portion => $portion->times($times), $this->food)]);
    }

    public function in(Pan $pan, Burner $burner): self
    {
        return $this->with(['pan' => $pan, 'burner' => $burner]);
    }

    public function on(Burner $burner): self
    {
        return $this->with(['burner' => $burner]);
    }

    public function withStock(Stock $stock): self
    {
        return $this->with(['stock' => $stock]);
    }

    public function withGrain(Grain $grain): self
    {
        return $this->with(['grain' => $grain]);
    }

    /** @param  float  $wine  mL */
    public function withWine(float $wine): self
    {
        return $this->with(['wine' => $wine]);
    }

    public function at(Surroundings $surroundings): self
    {
        return $this->with(['surroundings' => $surroundings]);
    }

    public function withTarget(Target $target): self
    {
        return $this->with(['target' => $target]);
    }

    /**
     * Into an oven when its grains show, without a crust; or on its ring to the end.
     *
     * @param  float|null  $celsius  of the oven
     */
    public function inOven(?float $celsius): self
    {
        $ask = $this->withMethod(['oven' => $celsius]);

        return $celsius === null ? $ask : $ask->withTarget($this->target->with(CrustWish::None))->on($this->burner->withOven($celsius, $this->pan, $this->conditions()->boiling));
    }

    public function withFinish(Finish $finish): self
    {
        return $this->with(['finish' => $finish]);
    }

    public function withWineOf(Wine $kind): self
    {
        return $this->with(['ofWine' => $kind]);
    }

    /** W that its school looks for, where its family looks for so much heat over the floor, W/m². */
    public function heatFor(float $flux): float
    {
        return $flux * $this->method->pace->times() * $this->pan->baseArea();
    }

    /** @param  non-empty-list<HeatChange>|null  $heat */
    public function withHeat(?array $heat): self
    {
        return $this->with(['method' => $this->method->with(['heat' => $heat])]);
    }

    /** @param  array<string, mixed>  $changes  of the method, by property */
    public function withMethod(array $changes): self
    {
        return $this->with(['method' => $this->method->with($changes)]);
    }

    /** On these marks, whatever else is changed. */
    public function withPanHeat(PanHeat $panHeat): self
    {
        return $this->with(['method' => $this->method->with(['panHeat' => $panHeat])]);
    }

    /** With whatever heat was kept or given let go, to be found anew. */
    public function onAnyHeat(): self
    {
        return $this->with(['method' => $this->method->with(['heat' => null, 'panHeat' => null])]);
    }

    /** @param  array<string, mixed>  $changes  by property */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
