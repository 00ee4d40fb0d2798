<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\FloorPlace;
use Velko\Core\Pan\Leg;

/** The floor of a pan looked at in its places, from the middle to the rim and, of a pan that is turned, round about. */
final readonly class WholeFloor
{
    /** Where a turned pan is looked at, shares of the floor's radius; its middle can be made up for afterwards. */
    public const WHILE_TURNING = [0.3, 0.5, 0.7, 0.82, Floor::RIM];

    /** The places that are looked at while a time is sought. */
    public const SOME_OF_IT = [0.3, 0.6, Floor::RIM];

    /** The places that stand for the whole floor. */
    public const THE_FLOOR = [Floor::CENTRE, ...self::WHILE_TURNING];

    /** Left in the middle of the ring, the floor is darkest in its middle and palest at its rim. */
    public const IN_THE_MIDDLE = [Floor::CENTRE, Floor::RIM];

    /** Turns from the ring at which a turned pan is looked at: what comes under the flame half-way, what does first and last, and two that lie between. */
    private const ROUND_THE_PAN = [0.5, 0.0, 0.25 + 0.5 / Floor::TURN_STEPS, 0.75];

    /** Two of them, while a time is looked for; and two that are still hot when the pan is moved to the middle. */
    public const HALF_WAY_AND_FIRST = [0.5, 0.0];

    public const HALF_WAY_AND_LATE = [0.5, 0.75];

    public function __construct(private Crust $crust) {}

    /**
     * Browning of one place when these legs are over and the metal is cool again, minutes at 150 °C.
     *
     * @param  list<Leg>  $legs
     */
    public function inTheEnd(array $legs, float $radius, float $angle = 0.0): float
    {
        return $this->crust->after([...$legs, Leg::goesOn()], $radius, $angle);
    }

    /**
     * The palest and the darkest of these places when these legs are over and the metal is cool again.
     *
     * @param  list<Leg>  $legs
     * @param  list<float>  $radii  shares of the floor's radius
     * @param  list<float>  $angles  turns
     *
     * @return array{float, float}
     */
    public function extremes(array $legs, array $radii, array $angles): array
    {
        $palest = INF;
        $darkest = 0.0;
        foreach ($radii as $radius) {
            foreach ($angles as $angle) {
                $brown = $this->inTheEnd($legs, $radius, $angle);
                $palest = min($palest, $brown);
                $darkest = max($darkest, $brown);
            }
        }

        return [$palest, $darkest];
    }

    /**
     * Whether all of these places lie between these colours in the end; the rim first, which is palest where any is.
     *
     * @param  list<Leg>  $legs
     * @param  list<float>  $radii  shares of the floor's radius
     * @param  list<float>  $angles  turns
     */
    public function within(float $palest, float $darkest, array $legs, array $radii, array $angles): bool
    {
        foreach (array_reverse($radii) as $radius) {
            foreach ($angles as $angle) {
                $brown = $this->inTheEnd($legs, $radius, $angle);
                if ($brown < $palest || $brown > $darkest) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * The floor in rings from the middle to the rim, as these legs leave it.
     *
     * @param  list<Leg>  $legs
     *
     * @return list<CrustRing>
     */
    public function rings(array $legs, int $rings): array
    {
        return array_map(fn (int $i): CrustRing => $this->ring($legs, ($i + 0.5) / $rings), range(0, $rings - 1));
    }

    /** @param  list<Leg>  $legs */
    private function ring(array $legs, float $radius): CrustRing
    {
        $places = array_map(fn (float $angle): FloorPlace => $this->crust->place($legs, $radius, $angle), self::angles($legs));
        $browning = array_map(static fn (FloorPlace $place): float => $place->browning, $places);
        $dry = array_map(static fn (FloorPlace $place): float => $place->millimetres(), $places);

        return new CrustRing(min($browning), max($browning), array_sum($dry) / count($dry));
    }

    /**
     * Minutes from dry to gold and to burnt in each ring from the middle to the rim, by the first part of it to get there, if the last of these legs went on.
     *
     * @param  list<Leg>  $legs
     *
     * @return list<array{gold: float|null, burnt: float|null}>
     */
    public function minutesByRing(array $legs, int $rings): array
    {
        $track = self::goingOn($legs);
        $minutes = function (float $radius, float $browning) use ($track): ?float {
            $reached = array_filter(array_map(fn (float $angle): ?float => $this->crust->reaches($track, $browning, $radius, $angle), self::angles($track)), static fn (?float $second): bool => $second !== null);

            return $reached === [] ? null : min($reached) / 60;
        };

        return array_map(static fn (int $i): array => [
            'gold' => $minutes(($i + 0.5) / $rings, Crust::GOLD),
            'burnt' => $minutes(($i + 0.5) / $rings, Crust::BURNT),
        ], range(0, $rings - 1));
    }

    /**
     * Minutes from dry to gold and to burnt, in the middle and at the rim, with the pan left in the middle of the ring.
     *
     * @return array{centre_gold: float|null, centre_burnt: float|null, rim_gold: float|null, rim_burnt: float|null}
     */
    public function minutes(float $net): array
    {
        $minutes = function (float $radius, float $browning) use ($net): ?float {
            $second = $this->crust->reaches([new Leg(INF, $net)], $browning, $radius);

            return $second === null ? null : $second / 60;
        };

        return [
            'centre_gold' => $minutes(Floor::CENTRE, Crust::GOLD),
            'centre_burnt' => $minutes(Floor::CENTRE, Crust::BURNT),
            'rim_gold' => $minutes(Floor::RIM, Crust::GOLD),
            'rim_burnt' => $minutes(Floor::RIM, Crust::BURNT),
        ];
    }

    /**
     * One place after these legs, to go on from.
     *
     * @param  list<Leg>  $legs
     */
    public function place(array $legs, float $radius, float $angle = 0.0): FloorPlace
    {
        return $this->crust->place($legs, $radius, $angle);
    }

    /**
     * Browning of a place that has come so far, after more legs and when the metal is cool again, minutes at 150 °C.
     *
     * @param  list<Leg>  $legs
     */
    public function after(FloorPlace $place, array $legs, float $radius, float $angle): float
    {
        return $this->crust->goOn(clone $place, [...$legs, Leg::goesOn()], $radius, $angle)->browning;
    }

    /**
     * Where from the middle to the rim to look.
     *
     * @param  list<Leg>  $legs
     *
     * @return non-empty-list<float> shares of the floor's radius
     */
    public static function radii(array $legs): array
    {
        return array_filter($legs, static fn (Leg $leg): bool => $leg->shift > 0) === [] ? self::IN_THE_MIDDLE : self::THE_FLOOR;
    }

    /**
     * Where round the pan to look.
     *
     * @param  list<Leg>  $legs
     *
     * @return non-empty-list<float> turns
     */
    public static function angles(array $legs): array
    {
        return $legs !== [] && $legs[0]->shift > 0 ? self::ROUND_THE_PAN : [0.0];
    }

    /**
     * @param  list<Leg>  $legs
     *
     * @return list<Leg> the same, the last of them without end
     */
    public static function goingOn(array $legs): array
    {
        $last = array_pop($legs);

        return $last === null ? [] : [...$legs, $last->lasting(INF)];
    }

    /**
     * @param  list<Leg>  $track
     *
     * @return list<Leg> the first so many seconds of it
     */
    public static function cut(array $track, float $seconds): array
    {
        $legs = [];
        foreach ($track as $leg) {
            $mine = min($seconds, $leg->seconds);
            if ($mine > 0) {
                $legs[] = $leg->lasting($mine);
            }
            $seconds -= $mine;
        }

        return $legs;
    }
}
