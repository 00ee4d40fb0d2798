<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Act\Act;
use Velko\Core\Act\BeatIn;
use Velko\Core\Act\Due;
use Velko\Core\Act\Heat;
use Velko\Core\Act\Lid;
use Velko\Core\Act\Off;
use Velko\Core\Act\Plate;
use Velko\Core\Act\Player;
use Velko\Core\Act\Pour;
use Velko\Core\Act\RainedIn;
use Velko\Core\Act\Run;
use Velko\Core\Act\Timed;
use Velko\Core\Cook\Sign;
use Velko\Core\Food\Goes;
use Velko\Core\Method\HeatChange;
use Velko\Core\Method\LidChange;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Stop;
use Velko\Core\Pan\Track;
use Velko\Core\Rice\Grain;
use Velko\Core\Vessel\Burner;
use Velko\Core\Water\Steam;

/** The simulated pan of one ask: its heat track, its stock, its way to the table. */
final class Cooking
{
    private const HOT_WATER_C = 95.0;

    /** No cook is followed for longer than this, s. */
    public const LONGEST = 5400.0;

    /** Free liquid, g per g rice, with which nothing cooks on. */
    public const BONE_DRY = 0.004;

    /** What is on its plate no sooner than it is eaten is eaten from the pan, s. */
    private const AT_ONCE = 1e-6;

    /** What is left of the stock when nine tenths of it has gone. */
    private const TENTH = 0.1;

    /** Where the liquid never goes down so far, what waits for it goes in so long before the pull, min (common practice: "two to three minutes"). */
    private const ELSE_BEFORE_PULL = 3.0;

    private const LAST_MINUTES = 2.0;

    /** What such a pan gets at its end, W/m² (our estimate). */
    private const GENTLE = 7500.0;

    /** Nothing waits for less, minutes at 100 °C. */
    private const SOONEST = 0.5;

    /** The wine is given up on after this long, s. */
    private const WINE_AT_MOST = 360.0;

    private readonly Simulation $simulation;

    private readonly float $rice;

    /** @var list<Due> what goes in while it cooks */
    private readonly array $dues;

    /** Knob and lid as the ask wants them. */
    private Player $player;

    /** @param  non-empty-list<HeatChange>  $heat  in order of time */
    public function __construct(private readonly Ask $ask, private array $heat)
    {
        $this->rice = $ask->rice();
        $this->simulation = new Simulation($ask->grain, $ask->conditions(), $this->rice, fades: $ask->burner->fades);
        $this->dues = $this->dues();
        $this->under($heat);
    }

    /**
     * From now on under this heat track.
     *
     * @param  non-empty-list<HeatChange>  $heat  in order of time
     */
    public function under(array $heat): void
    {
        $this->heat = $heat;
        $this->player = new Player($this->simulation, [
            ...array_map(fn (HeatChange $turn): Timed => new Timed(60 * $turn->fromMinute, $this->heat($turn->mark, $turn->catches)), $heat),
            ...array_map(static fn (LidChange $lid): Timed => new Timed(60 * $lid->fromMinute, new Lid($lid->on)), $this->ask->method->lid),
        ], dues: $this->dues);
    }

    /** @return list<Due> what goes in while it cooks */
    private function dues(): array
    {
        $pull = $this->ask->grain->window->middle() - $this->ask->gainsOffTheHeat();
        // What is finished to order has not that long: half-way then, when it is hot.
        $part = $this->ask->method->partCooked->doneness ?? 0.0;
        $before = static fn (float $minutes): float => max(self::SOONEST, $pull - $minutes, $part > 0.0 ? ($part + $pull) / 2 : 0.0);
        $driesOut = $this->ask->family->traits()->driesOut;
        $dues = [];
        foreach ($this->ask->food as $number => $portion) {
            $due = static fn (float $second = INF, float $doneness = INF, float $left = 0.0, float $since = 0.0, float $free = -1.0): Due => new Due($number, $portion->add(), $second, $doneness, $left, $since, $free);
            $dues[] = match ($portion->goes) {
                Goes::WithTheRice => $due(0.0),
                Goes::AtMinute => $due(60 * ($portion->minute ?? 0.0)),
                // What is fed all the time, or stays a soup, never comes to so little; what dries out is not pulled by its bite.
                Goes::LastTwoMinutes => $driesOut ? $due(since: $this->ask->wine, free: $this->aMinuteFromDry()) : $due(doneness: $before(self::LAST_MINUTES)),
                Goes::NineTenthsGone => $driesOut ? $due(left: self::TENTH, since: $this->ask->wine) : $due(doneness: $before(self::ELSE_BEFORE_PULL)),
                Goes::Base, Goes::OnTop => null,
            };
        }

        return array_values(array_filter($dues));
    }

    /** Free liquid about a minute before it is dry on a gentle heat, g: the crust takes the other of its last two minutes. */
    private function aMinuteFromDry(): float
    {
        return Simulation::DRY * $this->rice + 60 * self::GENTLE * $this->ask->pan->baseArea() / Steam::LATENT_HEAT;
    }

    /** The pan at the moment before the first liquid, on its ring, with what was sweated or browned in it. */
    public function start(): State
    {
        $method = $this->ask->method;
        $state = $method->partCooked === null ? $this->simulation->onTheRing($method->toasted()?->grain(), $method->soak) : $this->simulation->fromPartCooked($method->partCooked);
        foreach ($this->ask->food as $number => $portion) {
            if ($portion->goes === Goes::Base && $portion->isInThePan()) {
                $this->add($state, $number);
            }
        }
        $this->simulation->heat($state, $this->netAt(0.0));
        $this->player->begin($state);

        return $state;
    }

    /** One thing of the ask goes in now. */
    public function add(State $state, int $number): void
    {
        $this->do($state, $this->ask->food[$number]->add());
        $state->addedAt[$number] = $state->second;
    }

    /** The pan when the wine has gone and the first stock is due. */
    public function atFirstStock(): State
    {
        $state = $this->start();
        if ($this->wineFirst()) {
            $this->do($state, $this->wine($this->ask->wine));
            $this->untilWineIsGone($state);
        }

        return $state;
    }

    public function untilWineIsGone(State $state): void
    {
        if ($state->free > Sign::WINE_GONE * $this->rice) {
            $this->runTo($state, self::WINE_AT_MOST, Sign::WINE_GONE * $this->rice);
        }
    }

    /** A pour of wine, as it is held beside the pan. */
    public function wine(float $volume): Pour
    {
        return new Pour($volume, $this->ask->ofWine->temperature());
    }

    /** A pour of stock. */
    public function stock(float $volume): Pour
    {
        return new Pour($volume, $this->ask->stock->temperature, $this->ask->stock->saltPercent / 100);
    }

    /** The first of it: what rice is rained into boils, with the wine in it. */
    public function firstStock(float $volume): Act
    {
        if (! $this->ask->isRainedIn()) {
            return $this->stock($volume);
        }
        $liquid = $volume + $this->ask->wine;
        $boiling = $this->ask->conditions()->boiling;

        return new RainedIn(new Pour($liquid, $boiling, $liquid > 0 ? $this->ask->stock->saltPercent / 100 * $volume / $liquid : 0.0), $this->steamedBefore($volume));
    }

    /** Seconds in which so much stock, and the wine in it, boils on the first mark: in a pan that is hot from its base, or cold. */
    public function boilsUp(float $volume): float
    {
        if (! $this->ask->isRainedIn()) {
            return 0.0;
        }
        $boiling = $this->ask->conditions()->boiling;
        $joules = Steam::SPECIFIC_HEAT * ($volume * max(0.0, $boiling - $this->ask->stock->temperature) + $this->ask->wine * max(0.0, $boiling - $this->ask->ofWine->temperature()))
            + ($this->ask->method->baseApart ? $this->ask->pan->metal * max(0.0, $boiling - $this->ask->surroundings->room) : 0.0);

        return $joules / $this->netAt(0.0);
    }

    /** The grams that a pour has given off on its way from the stock's temperature to the boil. */
    private function steamedBefore(float $volume): float
    {
        $conditions = $this->ask->conditions();
        $mean = (min($this->ask->stock->temperature, $conditions->boiling) + $conditions->boiling) / 2;

        return max(0.0, Steam::givenOff($mean, $conditions->airVapour)) * $conditions->vapourTimes * $conditions->area * $this->boilsUp($volume);
    }

    /** Wine that is cooked down before any stock comes. */
    private function wineFirst(): bool
    {
        return $this->ask->wine > 0 && ! $this->ask->isRainedIn();
    }

    /** A pour of hot water in place of stock. */
    public function water(float $volume): Pour
    {
        return new Pour($volume, self::HOT_WATER_C);
    }

    public function do(State $state, Act $act): void
    {
        $act->on($this->simulation, $state);
    }

    public function pourStock(State $state, float $volume): void
    {
        $this->do($state, $state->poured <= 0.0 ? $this->firstStock($volume) : $this->stock($volume));
    }

    /** Runs on under the heat track, turning the knob where it says; stops as {@see Simulation::run} does. */
    public function runTo(State $state, float $second, float $freeDownTo = -1.0, float $doneness = INF, float $downToPerDrunk = 0.0): Stop
    {
        return $this->player->goOn($state, $second, $freeDownTo, $doneness, $downToPerDrunk);
    }

    /** Until the rice stands as high as the stock, or the rice is so far. */
    public function runUntilGrainsShow(State $state, float $second, float $doneness): Stop
    {
        return $this->runTo($state, $second, $this->rice * Grain::gapsOfRaw(), $doneness, $this->rice * Grain::GAPS_PER_GRAIN);
    }

    private function heat(string $mark, float $catches): Heat
    {
        return new Heat($catches * $this->ask->burner->net[$mark], $mark === Burner::OVEN);
    }

    /**
     * Turns the knob now, whatever the track says.
     *
     * @param  float  $catches  share of the ring's heat that the pan catches where it stands
     */
    public function set(State $state, string $mark, float $catches = 1.0): void
    {
        $this->do($state, $this->heat($mark, $catches));
    }

    /** On the heat again after it was off: the knob is where the track has it by now. */
    public function backOn(State $state): void
    {
        $now = $this->turnAt($state->second);
        $this->set($state, $now->mark, $now->catches);
    }

    /**
     * The floor takes its colour: on this mark through these moves, but no longer than to a second.
     *
     * @param  list<Leg>  $legs
     */
    public function colour(State $state, string $mark, array $legs, float $latest = INF): void
    {
        foreach ($legs as $leg) {
            $this->set($state, $mark, $leg->catches);
            $this->runTo($state, min($latest, $state->second + $leg->seconds));
        }
    }

    public function cover(State $state, bool $on): void
    {
        $this->simulation->cover($state, $on);
    }

    /** Off the heat, finished, rested and carried to the table as the method says. */
    public function toTable(State $state): void
    {
        $this->toTableAt($state, $state->second + 60 * ($this->toPass() + $this->ask->target->minutesToTable));
    }

    /** Minutes from off the heat to the pass. */
    public function toPass(): float
    {
        return $this->ask->method->finish + $this->ask->method->rest;
    }

    /** The same, eaten at a given second. A pan that is not ready by then has not been served. What still waits to go in goes in as the pan comes off. */
    public function toTableAt(State $state, float $table): void
    {
        $this->player->addTheRest($state);
        $way = new Player($this->simulation, $this->wayToTable($state->second, $table));
        $way->begin($state);
        $way->goOn($state, $table);
    }

    /** @return list<Timed> */
    private function wayToTable(float $off, float $table): array
    {
        $method = $this->ask->method;
        $finish = $this->ask->finish;
        $rests = min($table, $off + 60 * $method->finish);
        $ready = min($table, $rests + 60 * $method->rest);
        $onTheHeat = $method->finishOnTheHeat && $method->finish > 0;

        return array_values(array_filter([
            new Timed($off, $onTheHeat ? new Heat($this->ask->burner->net[$this->ask->burner->weakest()]) : new Off(false)),
            $finish->weight() > 0 ? new Timed($off, new BeatIn($finish->capacity(), $finish->temperature(), $finish->salt(), $finish->liquid())) : null,
            $onTheHeat ? new Timed($rests, new Off(false)) : null,
            new Timed($rests, new Lid($method->restCovered)),
            new Timed($ready, new Lid(false)),
            $this->ask->isPlated() && $ready < $table - self::AT_ONCE ? new Timed($ready, new Plate($this->ask->covers, $this->ask->surroundings->plates)) : null,
        ]));
    }

    /**
     * Off the heat now, and to the table.
     *
     * @param  float  $wanted  minutes at 100 °C at which it was to come off
     */
    public function land(State $pulled, float $wanted = 0.0): Outcome
    {
        $eaten = clone $pulled;
        $this->toTable($eaten);

        return new Outcome($pulled, $eaten, max(0.0, $wanted - $pulled->doneness));
    }

    /** Stands open at the pass until a second. */
    public function stand(State $state, float $second): void
    {
        $this->simulation->run($state, $second);
    }

    /** Net power on the heat track at a second, W; the first mark's before the track begins. */
    public function netAt(float $second): float
    {
        return $this->ask->burner->net[$this->markAt($second)];
    }

    public function markAt(float $second): string
    {
        return $this->turnAt($second)->mark;
    }

    /** The last turn of the knob on the heat track up to a second; the first before the track begins. */
    private function turnAt(float $second): HeatChange
    {
        $turn = $this->heat[0];
        foreach ($this->heat as $change) {
            if ($change->fromMinute * 60 <= $second) {
                $turn = $change;
            }
        }

        return $turn;
    }

    /**
     * The whole cook from the start with these doses, so that what a plan says is what it does.
     *
     * @param  list<float>  $seconds  of the doses
     * @param  list<float>  $volumes  of the doses, mL
     */
    public function cook(array $seconds, array $volumes, float $pullAt): Run
    {
        $track = new Track;
        $this->record($track);
        $state = $this->start();
        if ($this->wineFirst()) {
            $this->do($state, $this->wine($this->ask->wine));
        }
        $dry = null;
        $watch = function (float $second) use ($state, &$dry): void {
            if ($dry === null && $state->poured > $this->ask->wine && $this->runTo($state, $second, Simulation::DRY * $this->rice) === Stop::Dry) {
                $dry = $state->minute();
            }
            $this->runTo($state, $second);
        };
        if (($seconds[0] ?? 1.0) > 0) {
            $track->add($state);
        }
        foreach ($seconds as $i => $second) {
            $watch($second);
            $this->pourStock($state, $volumes[$i]);
            if ($second <= 0.0) {
                $track->add($state);
            }
        }
        $watch($pullAt);
        $pulled = clone $state;
        $this->toTable($state);
        $this->record(null);

        return new Run($track, $pulled, $state, $dry);
    }

    public function record(?Track $track): void
    {
        $this->simulation->record($track);
    }

    /** Pan-seconds simulated so far. */
    public function cost(): float
    {
        return $this->simulation->cost();
    }
}
