<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Pan\State;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Looseness;

/**
 * How the rice changes while it stands at the pass: it goes on drinking and softening on its own heat, so it sets up,
 * and hot stock loosens it again.
 */
final readonly class HoldingAtPass
{
    /** Followed so long, min, in looks of so many seconds. */
    public const MINUTES = 12;

    private const LOOK = 30;

    /** Where there is no tighter word on the scale, it has set up when this share of the looseness is left. */
    private const LEFT = 0.75;

    /**
     * @param  list<array{minute: float, looseness: float, loosen: float, temperature: float, bite: Bite}>  $rows  a row each half minute from the pass on: minutes at the pass, g/g, mL of hot stock that bring it back, °C
     * @param  float|null  $latest  minutes after it is ready at which it is tighter, or softer, than asked; null when it is still right at the end
     * @param  'tight'|'soft'|null  $then  what it is then
     */
    private function __construct(public array $rows, public ?float $latest, public ?string $then) {}

    public static function of(Ask $ask, Cooking $cooking, State $pulled): self
    {
        $rice = $ask->rice();
        $tight = self::tighterThan($ask);
        $rows = [];
        $latest = $then = null;
        $start = $pulled->second + 60 * $cooking->toPass();
        $state = clone $pulled;
        $cooking->toTableAt($state, $start);
        for ($second = 0; $second <= 60 * self::MINUTES; $second += self::LOOK) {
            $cooking->stand($state, $start + $second);
            $looseness = $state->free / $rice;
            $bite = Bite::of($ask->grain, $state->doneness, $state->drunkAboveTheCrust($ask->rice()));
            $rows[] = [
                'minute' => $second / 60,
                'looseness' => $looseness,
                'loosen' => max(0.0, $ask->target->looseness - $looseness) * $rice,
                'temperature' => $state->temperature,
                'bite' => $bite,
            ];
            if ($latest === null) {
                $then = match (true) {
                    $looseness < $tight => 'tight',
                    $state->doneness > $ask->grain->window->rightTo() => 'soft',
                    default => null,
                };
                $latest = $then === null ? null : $second / 60;
            }
        }

        return new self($rows, $latest, $then);
    }

    /**
     * The last moment to leave the pass and still be right on the table, minutes after it is ready; null when it can wait.
     *
     * @param  float  $walk  min
     */
    public function leavesBy(float $walk): ?float
    {
        return $this->latest === null ? null : max(0.0, $this->latest - $walk);
    }

    /** Half way to the next tighter word, g/g; a dry dish never gets there. */
    private static function tighterThan(Ask $ask): float
    {
        $wanted = $ask->target->looseness;
        $tighter = array_filter(
            array_map(static fn (Looseness $word): float => $word->value(), $ask->family->traits()->scale->words),
            static fn (float $value): bool => $value < 0.95 * $wanted,
        );

        return $tighter === [] ? self::LEFT * $wanted : ($wanted + max($tighter)) / 2;
    }
}
