<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Live\Forecast;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Planning\Ask;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Rounding;

/**
 * A pan that is not as it should be, as the cook sees it: what is seen outweighs what the engine thinks. With it goes what every
 * remedy needs: a gentler mark, a fact about the knob, an amount that a jug can measure.
 */
final readonly class PanAsSeen
{
    /** A heart that is called hard is at least so far below its window, min. */
    private const HARD = 2.0;

    /** A mark on which it takes more than so many times as long no longer cooks. */
    private const SLOWER = 1.25;

    public Ask $ask;

    /** The raw rice in the pan, g. */
    public float $rice;

    /** Where the knob stands. */
    public string $mark;

    public function __construct(public Forecast $forecast)
    {
        $this->mark = $forecast->mark;
        $this->ask = $forecast->ask->on($forecast->ask->burner->times($forecast->estimate->power));
        $this->rice = $this->ask->rice();
    }

    /**
     * The pan as the cook sees it.
     *
     * @param  float|null  $atLeast  free, g/g
     * @param  float|null  $atMost  free, g/g
     */
    public function state(bool $dry = false, bool $hard = false, ?float $atLeast = null, ?float $atMost = null): State
    {
        $state = clone $this->forecast->now;
        $free = $state->free;
        $free = $dry ? min($free, Simulation::DRY * $this->rice) : $free;
        $free = $atLeast === null ? $free : max($free, $atLeast * $this->rice);
        $free = $atMost === null ? $free : min($free, $atMost * $this->rice);
        $state->boiledOff += $state->free - $free;
        $state->free = $free;
        if ($hard) {
            $state->doneness = min($state->doneness, $this->ask->grain->window->low - self::HARD);
        }

        return $state;
    }

    /** The mark below, as long as rice still cooks on it: on a ring of three marks the lowest may only keep warm. */
    public function gentler(State $state): string
    {
        $lower = $this->ask->burner->below($this->mark) ?? $this->mark;
        $minutes = function (string $mark) use ($state): float {
            $trial = new Trial($this->ask, $state, $mark);

            return $trial->untilDone($trial->pourForLooseness())[0];
        };

        return $lower === $this->mark || $minutes($lower) > self::SLOWER * max(1.0, $minutes($this->mark)) ? $this->mark : $lower;
    }

    public function strongest(): string
    {
        $marks = $this->ask->burner->marks();

        return $marks[count($marks) - 1];
    }

    public function turn(string $mark): Fact
    {
        $fire = $this->ask->burner->fire;

        return match (true) {
            $mark === $this->mark => Fact::of('do.leave-on', mark: $mark),
            $fire->hasAKnob() => Fact::of('do.turn-to', mark: $mark),
            default => Fact::of($this->ask->burner->net[$mark] > $this->ask->burner->net[$this->mark] ? 'do.feed-to' : 'do.rake-to', mark: $mark, fire: $fire->value),
        };
    }

    public function ifOther(string $mark): ?string
    {
        return $mark === $this->mark ? null : $mark;
    }

    /**
     * @param  float  $millimetres  of rice left on the floor
     *
     * @return int percent of all of it
     */
    public function staysBehind(float $millimetres): int
    {
        return self::share($millimetres / max($millimetres, $this->ask->pan->layer($this->rice, $this->forecast->now->drunk)));
    }

    public static function jug(float $millilitres): float
    {
        return Rounding::to($millilitres, Rounding::JUG);
    }

    /** @return int percent */
    private static function share(float $share): int
    {
        return (int) (5 * round(100 * $share / 5));
    }
}
