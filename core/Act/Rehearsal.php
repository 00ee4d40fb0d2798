<?php

declare(strict_types=1);

namespace Velko\Core\Act;

use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\Leg;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Stop;
use Velko\Core\Pan\TopLayer;
use Velko\Core\Pan\Track;
use Velko\Core\Rice\Grain;

/** What a pan does when these things happen to it. */
final class Rehearsal
{
    public readonly Run $run;

    /** Of the topmost grains if nobody stirs, minutes at 100 °C. */
    public readonly float $topDoneness;

    /** How brown the floor is in the middle, with the pan in the middle of the ring, minutes at 150 °C. */
    public readonly float $centreBrowning;

    /** How brown the floor is at the rim, in the same measure. */
    public readonly float $rimBrowning;

    /** The salt in the whole pan, with what was beaten in, g. */
    public readonly float $salt;

    private readonly Simulation $simulation;

    private readonly Track $track;

    private readonly State $state;

    private ?float $dryMinute = null;

    /** While it is off the heat: as it came off. */
    private ?State $off = null;

    /** As it came off last. */
    private ?State $lastOff = null;

    /** Minutes at 100 °C of the topmost grains. */
    private float $top;

    /** What the rice had drunk when the pan fell dry, g per g raw. */
    private ?float $drunkWhenDry = null;

    /** @var list<list<Leg>> stretches of heat and of none while the floor was bare, one list a dry spell */
    private array $drySpells = [];

    private bool $wasDry = false;

    /**
     * @param  list<Timed>  $acts  in any order; those of one second as they stand
     * @param  float  $until  min
     */
    public function __construct(private readonly Setup $setup, array $acts, float $until)
    {
        $this->simulation = new Simulation($setup->grain, $setup->conditions, $setup->rice, fades: $setup->fades);
        $this->track = new Track;
        $this->simulation->record($this->track);
        $this->state = $this->simulation->onTheRing($setup->toasted, $setup->soaked);
        $this->top = $this->state->doneness;
        $player = new Player($this->simulation, $acts, $this->runTo(...));
        $player->begin($this->state);
        $this->track->add($this->state);
        $player->goOn($this->state, 60 * $until);
        $this->noteOff();
        $crust = new Crust(Floor::of($setup->pan, $setup->ring), $setup->conditions->boiling, $setup->conditions->room, $this->drunkWhenDry ?? 1.0, $setup->grain->browns);
        $browning = fn (float $radius): float => $setup->scraped
            ? 0.0
            : array_sum(array_map(static fn (array $legs): float => $crust->after($legs, $radius), $this->drySpells));
        $this->run = new Run($this->track, $this->lastOff, $this->state, $this->dryMinute);
        $this->topDoneness = $setup->scraped ? $this->state->doneness : $this->top;
        $this->centreBrowning = $browning(Floor::CENTRE);
        $this->rimBrowning = $browning(Floor::RIM);
        $this->salt = $this->state->salt + array_sum(array_map(static fn (Timed $timed): float => $timed->act instanceof BeatIn && $timed->second <= 60 * $until ? $timed->act->salt : 0.0, $acts));
    }

    /** The pan when it last came off the heat. */
    private function noteOff(): void
    {
        $isOff = $this->state->losing > 0.0;
        $this->off = $isOff ? $this->off ?? clone $this->state : null;
        $this->lastOff = $this->off ?? $this->lastOff;
    }

    /** In stretches as long as the rows of the track, so that the top layer can be followed beside the loop. */
    private function runTo(State $state, float $second): void
    {
        $this->noteOff();
        $rice = $this->setup->rice;
        while ($state->second < $second - Simulation::STEP_S / 2) {
            $next = min($second, (floor($state->second / Track::SPACING + 1e-9) + 1) * Track::SPACING);
            $before = $state->doneness;
            $gaps = Grain::gaps($rice, $state->drunk);
            $underLiquid = $state->free >= $gaps;
            if (! $this->wasDry && $state->poured > 0 && $this->simulation->run($state, $next, Simulation::DRY * $rice) === Stop::Dry) {
                $this->dryMinute ??= $state->minute();
            }
            $dryFrom = $state->second;
            $this->simulation->run($state, $next);
            $this->noteFloor($state->second - $dryFrom);
            $depth = $this->setup->pan->layer($rice, $state->drunk);
            $this->top += ($state->doneness - $before) * TopLayer::pace($depth, $underLiquid, $state->cover > 0.0);
        }
    }

    /** @param  float  $seconds  since it fell dry, in this stretch */
    private function noteFloor(float $seconds): void
    {
        $dry = $this->state->poured > 0 && $this->state->free <= Simulation::DRY * $this->setup->rice;
        if ($dry && $seconds > 0 && $this->state->floor > 0.0) {
            $leg = new Leg($seconds, $this->state->net);
            $this->drunkWhenDry ??= $this->state->drunkAboveTheCrust($this->setup->rice);
            if ($this->wasDry && $this->drySpells !== []) {
                $this->drySpells[count($this->drySpells) - 1][] = $leg;
            } else {
                $this->drySpells[] = [$leg];
            }
        }
        $this->wasDry = $dry;
    }
}
