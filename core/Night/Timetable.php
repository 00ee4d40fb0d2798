<?php

declare(strict_types=1);

namespace Velko\Core\Night;

use Velko\Core\Method\Stirring;
use Velko\Core\Planning\Ask;
use Velko\Core\Planning\Plan;

/** How long a pan takes and when it needs a hand, as its plan has it: minutes from the first liquid. */
final readonly class Timetable
{
    /** A pan that nobody stirs is looked at all the same, share of a pair of hands (common practice, no single source). */
    private const WATCHED = 0.1;

    /** What is done beside the pan and cannot be done ahead. */
    public const BESIDE = 'beside';

    /** @var list<array{int, int, float}> what it needs of hands, by steps from the one in which it goes on: from, before, share */
    public array $steps;

    /** Minutes from the cold ring to the table. */
    public float $whole;

    /** Minutes before its pan goes on at which a hand or a ring is needed for it. */
    public float $lead;

    /**
     * @param  float  $on  minute at which the pan goes on, 0 or before
     * @param  float  $off  minute at which it leaves its ring
     * @param  float  $table  minute at which it is eaten
     * @param  list<HandShare>  $hands
     * @param  list<array{float, float}>  $besideRings  from and to, for each of which something stands on one more ring beside it
     */
    public function __construct(public float $on, public float $off, public float $table, public array $hands, public array $besideRings = [])
    {
        $this->steps = self::byStep($on, $hands);
        $this->whole = $table - $on;
        $this->lead = max(0.0, $on - min([$on, ...array_map(static fn (HandShare $share): float => $share->from, $hands), ...array_column($besideRings, 0)]));
    }

    /**
     * @param  float|null  $on  minute at which its pan goes on, where that is for its base, before its rice
     * @param  list<HandShare>  $beside  what is done beside it
     * @param  list<array{float, float}>  $besideRings  from and to, for each of which something stands on one more ring beside it
     */
    public static function of(Plan $plan, ?float $on = null, array $beside = [], array $besideRings = []): self
    {
        $rice = $plan->begins();
        $on = min($rice, $on ?? $rice);

        return new self($on, $plan->pulled->minute(), $plan->atTable->minute(), [...self::shares($plan->ask, $on, $rice, $plan->pulled->minute(), $plan->atTable->minute()), ...$beside], $besideRings);
    }

    /**
     * Of a pan that is on already: when it went on, when it comes off and when it is eaten, as it really goes.
     *
     * @param  list<HandShare>  $beside  what is still to be done beside it
     * @param  list<array{float, float}>  $besideRings  from and to, for each of which something stands on one more ring beside it
     */
    public static function ofRunning(Ask $ask, float $on, float $off, float $table, array $beside = [], array $besideRings = []): self
    {
        return new self($on, $off, $table, [...self::shares($ask, $on, max($on, 0.0 - $ask->method->toast()), $off, $table), ...$beside], $besideRings);
    }

    /** @return list<HandShare> of one pan, one after the other */
    private static function shares(Ask $ask, float $on, float $rice, float $off, float $table): array
    {
        $method = $ask->method;
        $stirred = $method->stirring->share();
        $finished = min($table, $off + $method->finish);
        $pass = min($table, $finished + $method->rest);

        return array_values(array_filter([
            new HandShare($on, $rice, Stirring::NowAndThen->share(), 'base'),
            // Turned now and then until it is shiny; stock that comes to the boil is only watched.
            $ask->isRainedIn() ? new HandShare($rice, 0.0, self::WATCHED, 'watch') : new HandShare($rice, 0.0, Stirring::NowAndThen->share(), 'toast'),
            new HandShare(0.0, $off, max(self::WATCHED, $stirred), $stirred > 0.0 ? 'stir' : 'watch'),
            new HandShare($off, $finished, 1.0, 'finish'),
            // Somebody puts it on its plates; a pan that rests waits alone.
            new HandShare($pass, min($table, $pass + 1.0), $ask->isPlated() ? 1.0 : self::WATCHED, 'finish'),
        ], static fn (HandShare $share): bool => $share->to > $share->from));
    }

    /**
     * The most of its hands in each step that it touches, so that they are there whenever in it they are needed, and what is done
     * beside it; steps alike in one.
     *
     * @param  list<HandShare>  $hands
     *
     * @return list<array{int, int, float}>
     */
    private static function byStep(float $on, array $hands): array
    {
        $steps = $beside = [];
        foreach ($hands as $hand) {
            $last = (int) ceil(($hand->to - $on) / Occupancy::STEP - Night::EPSILON);
            for ($step = (int) floor(($hand->from - $on) / Occupancy::STEP + Night::EPSILON); $step < $last; $step++) {
                $steps[$step] = $hand->doing === self::BESIDE ? $steps[$step] ?? 0.0 : max($steps[$step] ?? 0.0, $hand->share);
                $beside[$step] = ($beside[$step] ?? 0.0) + ($hand->doing === self::BESIDE ? $hand->share : 0.0);
            }
        }
        foreach ($steps as $step => $share) {
            $steps[$step] = $share + $beside[$step];
        }
        ksort($steps);
        $pieces = [];
        foreach ($steps as $step => $share) {
            $last = count($pieces) - 1;
            if ($last >= 0 && $pieces[$last][1] === $step && $pieces[$last][2] === $share) {
                $pieces[$last] = [$pieces[$last][0], $step + 1, $share];
            } else {
                $pieces[] = [$step, $step + 1, $share];
            }
        }

        return $pieces;
    }
}
