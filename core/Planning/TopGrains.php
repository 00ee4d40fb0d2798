<?php

declare(strict_types=1);

namespace Velko\Core\Planning;

use Velko\Core\Act\Run;
use Velko\Core\Method\LidChange;
use Velko\Core\Pan\TopLayer;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;

/** The topmost grains of a plan when it is eaten: as far as the rest where it is stirred, behind where a deep bed stood open. */
final readonly class TopGrains
{
    /** A cover is said in steps of half a minute, and of no more than this it is said at all, min. */
    private const STEP = 0.5;

    private const LONGEST = 12.0;

    /** Under a lid less boils off, so a plan with one gets by with less stock and comes off a little sooner: the top is brought so much further, min. */
    private const MARGIN = 0.35;

    /**
     * @param  float  $doneness  minutes at 100 °C
     * @param  float|null  $cover  minutes before it comes off for which a lid or a damp paper brings the top into its window; 0 where it is there, null where none does
     */
    private function __construct(public float $doneness, public Bite $bite, public ?float $cover) {}

    /** @param  float  $depth  of everything that lies in the pan, mm */
    public static function of(Ask $ask, Run $run, float $depth): self
    {
        $rice = $ask->rice();
        $drunk = $run->end->drunkAboveTheCrust($rice);
        $asFarAsTheRest = new self($run->end->doneness, Bite::of($ask->grain, $run->end->doneness, $drunk), 0.0);
        if ($ask->method->stirring->share() > 0 || $ask->family->traits()->isPlated) {
            return $asFarAsTheRest;
        }
        $behind = 0.0;
        $pull = $run->off()->minute();
        $made = []; // what a cover from each minute on would make good
        $track = $run->track;
        for ($row = 1; $row < count($track->minute); $row++) {
            $from = $track->minute[$row - 1];
            $underLiquid = $track->free[$row - 1] >= Grain::gaps($rice, $track->drunk[$row - 1]);
            $lost = ($track->doneness[$row] - $track->doneness[$row - 1]) * (1 - TopLayer::pace($depth, $underLiquid, self::isCovered($ask, $from, $pull)));
            $behind += $lost;
            $made[] = [$from, $lost];
        }
        $doneness = $run->end->doneness - $behind;
        $lacks = min($ask->grain->window->low, $run->end->doneness) - $doneness;

        return $asFarAsTheRest->behind($ask, $behind, $drunk, $lacks <= 0.0 ? 0.0 : self::cover($made, $pull, min($behind, $lacks + self::MARGIN)));
    }

    private function behind(Ask $ask, float $minutes, float $drunk, ?float $cover): self
    {
        $doneness = $this->doneness - $minutes;

        return new self($doneness, Bite::of($ask->grain, $doneness, $drunk), $cover);
    }

    /** @param  list<array{float, float}>  $made  from a minute on, what is lost there */
    private static function cover(array $made, float $pull, float $lacks): ?float
    {
        for ($cover = self::STEP; $cover <= self::LONGEST; $cover += self::STEP) {
            $since = array_filter($made, static fn (array $row): bool => $row[0] >= $pull - $cover);
            if (array_sum(array_column($since, 1)) >= $lacks) {
                return $cover;
            }
        }

        return null;
    }

    private static function isCovered(Ask $ask, float $minute, float $pull): bool
    {
        $method = $ask->method;
        if ($minute >= $pull) {
            return $method->restCovered && $minute >= $pull + $method->finish && $minute < $pull + $method->finish + $method->rest;
        }
        $before = array_filter($method->lid, static fn (LidChange $change): bool => $change->fromMinute <= $minute);

        return $before !== [] && $before[array_key_last($before)]->on;
    }
}
