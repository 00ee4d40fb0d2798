<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Act\Run;
use Velko\Core\Cook\Stage;
use Velko\Core\Cook\StageKind;
use Velko\Core\Crust\CrustResult;
use Velko\Core\Food\Portion;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\PanHeat;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Body;
use Velko\Core\Rice\Grain;
use Velko\Core\Season\Alcohol;
use Velko\Core\Season\Salt;
use Velko\Core\Vessel\Pan;

/** The answer: a simulated cook that lands where it should, and all that follows from it. */
final readonly class Plan
{
    /** What brings less than this share of the water that is not poured is not named. */
    private const TELLS = 0.25;

    /** @var non-empty-list<HeatChange> up to the pull */
    public array $heat;

    public Track $track;

    /** The pan as it leaves the heat. */
    public State $pulled;

    public State $atTable;

    /** First minute with hardly any free liquid, if the pan ever gets there. */
    public ?float $dryMinute;

    /**
     * @param  float  $stock  mL, all doses
     * @param  non-empty-list<HeatChange>  $heat
     * @param  list<Stage>  $stages  in order of time
     * @param  float  $cost  pan-seconds simulated to find it
     * @param  CrustResult|null  $crust  of a pan rice
     * @param  float|null  $nearest  mL that would have fitted, when the stock was given and does not
     * @param  TwoMarks|null  $asGood  other marks of a pan rice on which the plate would be as good
     * @param  list<Warning>  $warnings
     */
    public function __construct(
        public Ask $ask,
        public float $stock,
        array $heat,
        public array $stages,
        public Run $run,
        public HoldingAtPass $standing,
        public float $cost,
        public ?CrustResult $crust = null,
        public ?float $nearest = null,
        public ?TwoMarks $asGood = null,
        public array $warnings = [],
    ) {
        $this->track = $run->track;
        $this->pulled = $run->off();
        $this->atTable = $run->end;
        $this->dryMinute = $run->dryMinute;
        // Nothing is turned once it is off the heat.
        $this->heat = [$heat[0], ...array_values(array_filter(array_slice($heat, 1), fn (HeatChange $change): bool => 60 * $change->fromMinute < $this->pulled->second - 1e-6))];
    }

    /** @param  list<Warning>  $warnings */
    public function with(array $warnings): self
    {
        return new self($this->ask, $this->stock, $this->heat, $this->stages, $this->run, $this->standing, $this->cost, $this->crust, $this->nearest, $this->asGood, $warnings);
    }

    /** The same ask to be worked out on the heat of this plan, mark for mark, so that only what is changed about it makes the difference. */
    public function onItsHeat(): Ask
    {
        return $this->ask->family->traits()->driesOut ? $this->onTheSameHeat() : $this->ask->withHeat($this->heat);
    }

    /** The same, with the marks of a pan rice turned where its grain has them turned. */
    public function onTheSameHeat(): Ask
    {
        if (! $this->ask->family->traits()->driesOut || $this->ask->method->heat !== null) {
            return $this->ask;
        }
        $hot = $this->heat[0]->mark;
        $second = $this->heat[1] ?? null;

        return $this->ask->withPanHeat(new PanHeat($hot, $second !== null && $second->fromMinute < ($this->dryMinute ?? INF) - 1e-6 ? $second->mark : $hot));
    }

    /** @return list<string> marks that it stands on */
    public function marks(): array
    {
        return array_map(static fn (HeatChange $heatChange): string => $heatChange->mark, $this->heat);
    }

    /** Minute of the cook at which it is ready at the pass, finished and rested. */
    public function readyAtPass(): float
    {
        return $this->pulled->minute() + $this->ask->method->finish + $this->ask->method->rest;
    }

    /** Held back beside the pot, mL: on a pan rice for the rescue, sprinkled hot. */
    public function reserve(): float
    {
        return round($this->stock * Defaults::RESERVE / 5) * 5;
    }

    /** What the side pot gives off while the stock is held, up to the last dose, mL. */
    public function sidePotGivesOff(): float
    {
        $pours = array_filter($this->stages, static fn (Stage $stage): bool => $stage->kind === StageKind::Pour);
        $last = $pours === [] ? 0.0 : max(array_map(static fn (Stage $stage): float => $stage->minute, $pours));

        return $this->ask->stock->givenOff($this->ask->stock->held + $last, $this->ask->surroundings->room);
    }

    /** Stock to put on beside the pan, mL: doses, reserve, and what the side pot gives off. */
    public function make(): float
    {
        return ceil(($this->stock + $this->reserve() + $this->sidePotGivesOff()) / 50) * 50;
    }

    /** Whether it can be cooked at all: it stays in its pan, and the rice gets done. */
    public function isPossible(): bool
    {
        return $this->mostInThePan() <= $this->ask->pan->fullVolume() && ! Checks::isNeverDone($this);
    }

    /** The most that stands in the pan at any time, rice and all, mL. */
    public function mostInThePan(): float
    {
        $most = 0.0;
        foreach ($this->track->free as $row => $free) {
            $drunk = $this->track->drunk[$row];
            $most = max($most, $this->rice() * (1 + $drunk) / Pan::COOKED_G_PER_ML, Pan::volumeAtPour($this->rice(), $free + $this->rice() * $drunk));
        }

        return $most + $this->ask->roomOfFood();
    }

    /** The raw rice in the pan, g. */
    public function rice(): float
    {
        return $this->ask->rice();
    }

    /** The stock for a gram of raw rice, mL. */
    public function millilitresPerGram(): float
    {
        return $this->stock / $this->rice();
    }

    /** Parts of stock to one part of raw rice, by volume. */
    public function partsByVolume(): float
    {
        return $this->millilitresPerGram() * Grain::RAW_G_PER_ML;
    }

    /** Drunk in the pan, without what the rice took up in a soak, g. */
    public function drunkInThePan(): float
    {
        return $this->rice() * ($this->atTable->drunk - $this->atTable->soaked);
    }

    /** Free liquid per raw rice when it is eaten, g/g. */
    public function looseness(): float
    {
        return $this->atTable->free / $this->rice();
    }

    public function bite(): Bite
    {
        return Bite::of($this->ask->grain, $this->atTable->doneness, $this->atTable->drunkAboveTheCrust($this->rice()));
    }

    /** Indicative. */
    public function body(): Body
    {
        $method = $this->ask->method;

        return Body::of($this->ask->grain->variety, $method->stirring->share(), $method->rinsed, $this->atTable->doneness, $this->looseness());
    }

    /** The topmost grains, where nobody stirs them down. */
    public function top(): TopGrains
    {
        return TopGrains::of($this->ask, $this->run, $this->layer());
    }

    /** The depth of cooked rice and everything else when it lies deepest, before a crust has dried the floor, mm. */
    public function layer(): float
    {
        return $this->ask->pan->layer($this->rice(), $this->pulled->drunkAboveTheCrust($this->rice())) + $this->ask->pan->depth($this->ask->roomOfFood());
    }

    public function onThePlates(): PlateContents
    {
        return new PlateContents($this->ask, $this->atTable);
    }

    /** What is on all plates together, g. */
    public function plate(): float
    {
        return $this->onThePlates()->weight();
    }

    /** @return list<string> what brings most of the water that is not poured, the most first */
    public function broughtBy(): array
    {
        $brings = array_filter(array_map(static fn (Portion $portion): float => $portion->isInThePan() ? $portion->add()->gives + $portion->add()->atOnce : 0.0, $this->ask->food), static fn (float $grams): bool => $grams > 0.0);
        arsort($brings);

        return array_map(fn (int $number): string => $this->ask->food[$number]->name, array_keys(array_filter($brings, static fn (float $grams): bool => $grams >= self::TELLS * array_sum($brings))));
    }

    /** The weight of everything else, without the water that came out of it, g. */
    public function foodOnThePlate(): float
    {
        return $this->onThePlates()->food();
    }

    /** The salt that everything else brings, in the pan and on top, g. */
    public function saltOfFood(): float
    {
        return $this->onThePlates()->saltOfFood();
    }

    /** The salt that the stock brought, g. */
    public function saltOfStock(): float
    {
        return $this->onThePlates()->saltOfStock();
    }

    /** The salt from the stock, from what was beaten in and from everything else, g. */
    public function salt(): float
    {
        return $this->onThePlates()->salt();
    }

    /** Salt to season with, for all plates, g; a pan rice is seasoned in its stock, anything else at the end. */
    public function toSeason(): float
    {
        return $this->onThePlates()->toSeason();
    }

    /** The same with what it is to be seasoned with: what the guest eats, mg. */
    public function sodiumSeasoned(): float
    {
        return Salt::sodiumPerCover($this->salt() + $this->toSeason(), $this->ask->covers);
    }

    public function saltPercentSeasoned(): float
    {
        return Salt::percent($this->salt() + $this->toSeason(), $this->plate() + $this->toSeason());
    }

    /** The salt in 100 g of stock with which nothing need be added, g; null if no stock can do that. */
    public function stockForNoSeasoning(): ?float
    {
        $missing = $this->ask->seasoning->middle() / 100 * $this->plate() - $this->salt();
        $percent = $this->ask->stock->saltPercent + 100 * $missing / max(1.0, $this->stock);

        return $percent < 0.0 ? null : $percent;
    }

    public function saltPercent(): float
    {
        return Salt::percent($this->salt(), $this->plate());
    }

    /** The sodium in one cover, mg. */
    public function sodiumPerCover(): float
    {
        return Salt::sodiumPerCover($this->salt(), $this->ask->covers);
    }

    /** Minute of its first step, 0 or before. */
    public function begins(): float
    {
        return min(0.0, $this->stages[0]->minute ?? 0.0);
    }

    /** The alcohol that stays from the wine in one cover, g. */
    public function alcoholPerCover(): float
    {
        return $this->ask->wine * $this->ask->ofWine->alcohol() * $this->alcoholLeft() / $this->ask->covers;
    }

    /** Share of the wine's alcohol that stays, 0 to 1. */
    public function alcoholLeft(): float
    {
        return Alcohol::left($this->pulled->minute());
    }
}
