<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;

/** A worked-out risotto as the steps a cook takes, each with the sign to wait for. */
final readonly class RisottoStages
{
    /** First bite test before the low end of the window, min. */
    private const TASTE_LEAD = 2.0;

    /** The last chance to taste, min before the pull. */
    private const TASTE_BEFORE_PULL = 1.0;

    /** @param  non-empty-list<HeatChange>  $heat */
    private function __construct(
        private Ask $ask,
        private array $heat,
        private Track $track,
        private State $pulled,
        private State $atTable,
    ) {}

    /**
     * @param  non-empty-list<HeatChange>  $heat
     * @param  list<float>  $seconds  of the doses
     * @param  list<float>  $volumes  of the doses, mL
     *
     * @return list<Stage> in order of time
     */
    public static function of(Ask $ask, array $heat, array $seconds, array $volumes, Track $track, State $pulled, State $atTable): array
    {
        $self = new self($ask, $heat, $track, $pulled, $atTable);
        $stages = [...$self->beforeTheStock(), ...$self->pours($seconds, $volumes), ...$self->knob(), ...$self->fromTheTaste()];
        usort($stages, static fn (Stage $a, Stage $b): int => $a->minute <=> $b->minute);

        return $stages;
    }

    /** @return list<Stage> */
    private function beforeTheStock(): array
    {
        $stages = [];
        if ($this->ask->method->sealed) {
            $stages[] = new Stage(-$this->ask->method->toast(), 'toast', 'shiny and ticking, never brown', mark: $this->heat[0]->mark);
        }
        if ($this->ask->wine > 0) {
            $stages[] = new Stage(0.0, 'wine', 'until the smell is gone and the trail is dry', $this->ask->wine, mark: $this->heat[0]->mark);
        }

        return $stages;
    }

    /**
     * @param  list<float>  $seconds
     * @param  list<float>  $volumes
     *
     * @return list<Stage>
     */
    private function pours(array $seconds, array $volumes): array
    {
        $stages = [];
        $last = count($seconds) - 1;
        foreach ($seconds as $i => $second) {
            $say = match (true) {
                $i === $last && $i > 0 => 'the last dose: it makes the sauce',
                $i === 0 => 'back to a lazy bubble; '.$this->ask->method->stirring->words(),
                default => $this->ask->method->doses->sign(),
            };
            $ladles = round($volumes[$i] / $this->ask->ladle->ml, 2);
            $stages[] = new Stage($second / 60, 'pour', $say, $volumes[$i], $ladles, $i === 0 ? $this->heat[0]->mark : null);
        }

        return $stages;
    }

    /** @return list<Stage> */
    private function knob(): array
    {
        $stages = [];
        foreach (array_slice($this->heat, 1) as $change) {
            if ($change->fromMinute > 0 && $change->fromMinute < $this->pulled->minute()) {
                $stages[] = new Stage($change->fromMinute, 'heat', 'turn the knob', mark: $change->mark);
            }
        }

        return $stages;
    }

    /** @return list<Stage> */
    private function fromTheTaste(): array
    {
        $method = $this->ask->method;
        $off = $this->pulled->minute();
        $stages = [
            new Stage($this->tasteMinute(), 'taste', 'tender with a small firm heart is right'),
            new Stage($off, 'off', 'with a little bite left: it cooks on'),
        ];
        if ($method->finish > 0) {
            $stages[] = new Stage($off, 'finish', 'butter first, then the cheese, beaten in until glossy');
        }
        if ($method->rest > 0) {
            $stages[] = new Stage($off + $method->finish, 'rest', $method->restCovered ? 'under a cloth, all flames out' : 'off the heat');
        }
        $stages[] = new Stage($this->atTable->minute(), 'serve', Looseness::nearest($this->atTable->free / $this->ask->rice())->sign());

        return $stages;
    }

    /** From two minutes before the low end of the window; where the pull comes sooner than that, a minute before it. */
    private function tasteMinute(): float
    {
        $latest = max(0.0, $this->pulled->minute() - self::TASTE_BEFORE_PULL);
        foreach ($this->track->doneness as $row => $doneness) {
            if ($doneness >= $this->ask->grain->window->low - self::TASTE_LEAD) {
                return min($latest, $this->track->minute[$row]);
            }
        }

        return $latest;
    }
}
