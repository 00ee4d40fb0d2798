<?php

declare(strict_types=1);

namespace Velko\Core\Pan;

use Velko\Core\Rice\Grain;

/** What a pan does when these things happen to it. */
final class Rehearsal
{
    private readonly Simulation $pan;

    private readonly Track $track;

    private readonly State $state;

    private ?float $dryMinute = null;

    private ?State $off = null;

    private bool $covered = false;

    /** Minutes at 100 °C of the topmost grains. */
    private float $top;

    /** Salt of what was beaten in, g. */
    private float $beatenInSalt = 0.0;

    /** @var list<list<Leg>> stretches of heat while the floor was dry, one list a dry spell */
    private array $drySpells = [];

    private bool $wasDry = false;

    private function __construct(private readonly Setup $setup)
    {
        $this->pan = new Simulation($setup->grain, $setup->conditions, $setup->rice);
        $this->track = new Track;
        $this->pan->record($this->track);
        $this->state = $this->pan->onTheRing($setup->toasted, $setup->soaked);
        $this->top = $this->state->doneness;
    }

    /**
     * @param  list<Happening>  $happenings  in any order; those of one minute as they stand
     * @param  float  $until  min
     */
    public static function of(Setup $setup, array $happenings, float $until): Rehearsed
    {
        usort($happenings, static fn (Happening $a, Happening $b): int => $a->minute <=> $b->minute);
        $self = new self($setup);
        foreach ($happenings as $happening) {
            if ($happening->minute > $until) {
                break;
            }
            if ($happening->minute > 0) {
                $self->beginTrack();
            }
            $self->runTo(60 * $happening->minute);
            $self->do($happening);
        }
        $self->beginTrack();
        $self->runTo(60 * $until);

        return $self->result();
    }

    private function beginTrack(): void
    {
        if ($this->track->minute === []) {
            $this->track->add($this->state);
        }
    }

    private function do(Happening $happening): void
    {
        $room = $this->setup->conditions->room;
        if ($happening->pour !== null) {
            $this->pan->pour($this->state, $happening->pour, $happening->temperature ?? $room, $happening->saltShare ?? $this->setup->saltShare);
        }
        if ($happening->lift !== null) {
            $this->pan->liftOut($this->state, $happening->lift);
        }
        if ($happening->capacity !== null) {
            $this->pan->beatIn($this->state, $happening->capacity, $happening->temperature ?? $room);
            $this->beatenInSalt += $happening->salt;
        }
        if ($happening->plates !== null) {
            $this->pan->plate($this->state, $happening->plates, $happening->temperature ?? $room);
            $this->off ??= clone $this->state;
        }
        if ($happening->net !== null) {
            $this->pan->heat($this->state, $happening->net);
        }
        if ($happening->lid !== null) {
            $this->pan->cover($this->state, $happening->lid);
            $this->covered = $happening->lid;
        }
        if ($happening->offCovered !== null) {
            $this->pan->off($this->state, $happening->offCovered);
            $this->covered = $happening->offCovered;
            $this->off = clone $this->state;
        }
    }

    /** In stretches as long as the rows of the track, so that the top layer can be followed beside the loop. */
    private function runTo(float $second): void
    {
        $rice = $this->setup->rice;
        while ($this->state->second < $second - Simulation::STEP_S / 2) {
            $next = min($second, (floor($this->state->second / Track::SPACING + 1e-9) + 1) * Track::SPACING);
            $before = $this->state->doneness;
            $gaps = Grain::gaps($rice, $this->state->drunk);
            $underLiquid = $this->state->free >= $gaps;
            if (! $this->wasDry && $this->state->poured > 0 && $this->pan->run($this->state, $next, Simulation::DRY * $rice) === Stop::Dry) {
                $this->dryMinute ??= $this->state->minute();
            }
            $dryFrom = $this->state->second;
            $this->pan->run($this->state, $next);
            $this->noteFloor($this->state->second - $dryFrom);
            $depth = $this->setup->pan->layer($rice, $this->state->drunk);
            $this->top += ($this->state->doneness - $before) * TopLayer::pace($depth, $underLiquid, $this->covered);
        }
    }

    /** @param  float  $seconds  since it fell dry, in this stretch */
    private function noteFloor(float $seconds): void
    {
        $dry = $this->state->poured > 0 && $this->state->free <= Simulation::DRY * $this->setup->rice;
        if ($dry && $seconds > 0 && $this->state->losing <= 0.0) {
            $leg = new Leg($seconds, $this->state->net);
            if ($this->wasDry && $this->drySpells !== []) {
                $this->drySpells[count($this->drySpells) - 1][] = $leg;
            } else {
                $this->drySpells[] = [$leg];
            }
        }
        $this->wasDry = $dry;
    }

    private function result(): Rehearsed
    {
        $crust = new Crust(Floor::of($this->setup->pan, $this->setup->ring), $this->setup->conditions->boiling);
        $browning = fn (float $radius): float => $this->setup->scraped
            ? 0.0
            : array_sum(array_map(static fn (array $legs): float => $crust->after($legs, $radius), $this->drySpells));

        return new Rehearsed(
            $this->track, $this->dryMinute, $this->off, $this->state, $this->setup->scraped ? $this->state->doneness : $this->top,
            $browning(Floor::CENTRE), $browning(Floor::RIM), $this->state->salt + $this->beatenInSalt,
        );
    }
}
