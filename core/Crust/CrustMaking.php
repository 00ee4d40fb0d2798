<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
use Velko\Core\Pan\FloorPlace;
use Velko\Core\Pan\Leg;
use Velko\Core\Vessel\Burner;
use Velko\Core\Vessel\Pan;

/**
 * Finds the setting, the minutes and the shift that colour the whole floor of a pan.
 *
 * A ring narrower than the pan burns the middle before the rim is gold. So the pan is shifted until the ring lies
 * under its rim and turned step by step, until its palest and its darkest part lie evenly about the colour wanted;
 * then it stands in the middle for what the middle still lacks. Of a few shifts that do not tip it off its grate the
 * most even one is taken. It comes off while it is paler than wanted: hot metal browns on.
 */
final class CrustMaking
{
    /** Shifts looked at, from and to so many twentieths of the floor's radius. */
    private const LEAST_SHIFT = 4;

    private const MOST_SHIFT = 22;

    /** A floor whose coolest part gets this share of the heat of the hottest will do: browning goes with about its cube. */
    private const EVEN_HEAT = 0.7;

    /** Where else the floor is looked at; the middle can be made up for afterwards. */
    private const WHILE_TURNING = [0.3, 0.5, 0.7, 0.82, Floor::RIM];

    private const THE_FLOOR = [Floor::CENTRE, ...self::WHILE_TURNING];

    /** Turns from the ring at which a turned pan is looked at: what comes under the flame half-way, what does first and last, and two that lie between. */
    private const ROUND_THE_PAN = [0.5, 0.0, 0.25 + 0.5 / Floor::TURN_STEPS, 0.75];

    /** Two of them, while a time is looked for; and two that are still hot when the pan is moved to the middle. */
    private const HALF_WAY_AND_FIRST = [0.5, 0.0];

    private const HALF_WAY_AND_LATE = [0.5, 0.75];

    /** Settings tried: the school's and those next to it by their heat. */
    private const MARKS_TRIED = 3;

    private const LOOKS = 14;

    /** Where that was too early, it is looked for so many times later. */
    private const FURTHER = 1.5;

    /** For a first guess: under 12 kW/m² it is gold after 75 s, under more or less heat so much sooner or later, and dark later. */
    private const GUESS_HEAT = 12000.0;

    private const GUESS_SECONDS = 75.0;

    private const GUESS_BY_HEAT = -1.15;

    private const GUESS_BY_WISH = 0.4;

    /** Close enough, s, and in browning as a share of it. */
    private const CLOSE = 0.5;

    private const CLOSE_BROWNING = 0.03;

    /** No crust is waited for longer, s; nor a short one longer than a gentle one takes. */
    private const LONGEST = 480.0;

    private const LONGEST_SHORT = 240.0;

    /** Less than this in the middle is not worth moving the pan for, s. */
    private const WORTH_A_MOVE = 5.0;

    /** Of so many rings the shifted crust is worked out; after them only a ring that colours the floor in the middle will do. */
    private const RINGS_LOOKED_AT = 2;

    /** A wider ring is looked for in steps of so many cm. */
    private const RING_STEP = 2.0;

    /** Times longer than this are rounded to 5 s. */
    private const ROUND_FROM = 40.0;

    private readonly Crust $crust;

    private readonly Floor $floor;

    /** What was found before: it does not depend on the covers. */
    private ?CrustPlan $planned = null;

    private float|null|false $nearest = false;

    /**
     * @param  float  $boiling  °C
     * @param  float  $room  °C
     * @param  float  $drunk  by the rice that lies on the floor, g per g raw
     */
    public function __construct(private readonly Pan $pan, public readonly Burner $burner, private readonly float $boiling, private readonly float $room, private readonly float $drunk, public readonly CrustWish $wish, private readonly CrustSchool $school)
    {
        $this->floor = Floor::of($pan, $burner->ring);
        $this->crust = new Crust($this->floor, $boiling, $room, $drunk);
    }

    /** The school's setting, or the next one by which the whole floor gets there; where none does, the middle alone on the school's. */
    public function plan(): CrustPlan
    {
        return $this->planned ??= $this->find();
    }

    private function find(): CrustPlan
    {
        $burner = $this->burner;
        $school = $this->school();
        if ($this->wish->browning() <= 0) {
            return new CrustPlan($school, [], true, 0.0, 0.0);
        }
        foreach (array_slice(self::inOrderOfLiking($burner, $school), 0, self::MARKS_TRIED) as $mark) {
            $plan = $this->on($mark, $burner->net[$mark]);
            if ($plan->even) {
                return $plan;
            }
            if ($plan->legs !== [] && $plan->seconds() < $this->mostSeconds()) {
                // Where the ring leaves the rim cold, it does so on every mark; only what takes too long does better on another.
                break;
            }
        }

        return $this->judged($school, $this->inTheMiddle($burner->net[$school]));
    }

    /** The setting that the school looks for. */
    private function school(): string
    {
        return $this->burner->nearest($this->school->heat() * $this->pan->baseArea());
    }

    /** The crust on one setting: in the middle, or with the least shift by which the whole floor gets there; else the most even one. */
    public function on(string $mark, float $net): CrustPlan
    {
        $best = $this->judged($mark, $this->inTheMiddle($net));
        foreach ($best->even ? [] : $this->shifts() as $shift) {
            $plan = $this->judged($mark, $this->shifted($net, $shift));
            if (self::evenness($plan) > self::evenness($best)) {
                $best = $plan;
            }
            if ($best->even) {
                break;
            }
        }

        return $best;
    }

    /**
     * The crust by moves that were chosen before, on a ring that turned out stronger or weaker: only the times are found anew.
     *
     * @param  float  $shift  cm
     */
    public function again(string $mark, float $shift): CrustPlan
    {
        $net = $this->burner->net[$mark];

        return $this->wish->browning() <= 0
            ? new CrustPlan($mark, [], true, 0.0, 0.0)
            : $this->judged($mark, $shift > 0 ? $this->shifted($net, $shift) : $this->inTheMiddle($net));
    }

    /** @return list<float> cm: the least that heats the floor evenly, and the one that does it best */
    private function shifts(): array
    {
        $even = [];
        $evenest = null;
        $most = 0.0;
        for ($twentieths = self::LEAST_SHIFT; $twentieths <= self::MOST_SHIFT; $twentieths++) {
            $shift = $twentieths / 20 * $this->floor->radius;
            if ($shift > $this->burner->farthestShift()) {
                break; // it would tip
            }
            $share = $this->floor->evenness(self::WHILE_TURNING, $shift);
            if ($share >= self::EVEN_HEAT) {
                $even[] = $shift;
            }
            if ($share > $most) {
                [$evenest, $most] = [$shift, $share];
            }
        }

        return $evenest === null ? [] : array_values(array_unique([$even[0] ?? $evenest, $evenest]));
    }

    /**
     * The crust when the track is given and turns on: the pan stays in the middle under it.
     *
     * @param  list<Leg>  $track  from dry on, the last one without end
     */
    public function under(string $mark, array $track): CrustPlan
    {
        $wish = $this->wish->browning();
        if ($wish <= 0) {
            return new CrustPlan($mark, [], true, 0.0, 0.0);
        }
        $seconds = $this->untilAsWanted(static fn (float $s): array => self::cut($track, $s), self::THE_FLOOR, [0.0], $this->guess($track[0]->net));

        return $this->judged($mark, self::cut($track, $seconds));
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
     * Seconds from the first of these legs until the floor, taken off then, comes out as wanted, if the last of them goes on; there must be a crust wanted.
     *
     * @param  non-empty-list<Leg>  $legs
     */
    public function goldAfter(array $legs): float
    {
        $track = self::goingOn($legs);

        return $this->untilAsWanted(static fn (float $s): array => self::cut($track, $s), self::THE_FLOOR, self::angles($legs), $this->guess($legs[0]->net));
    }

    /**
     * Seconds from the first of these legs until some part of the floor will burn though it is taken off then, if the last of them went on.
     *
     * @param  non-empty-list<Leg>  $legs
     */
    public function burntAfter(array $legs): float
    {
        $track = self::goingOn($legs);

        return $this->until(Crust::BURNT, fn (float $s): float => $this->extremes(self::cut($track, $s), self::THE_FLOOR, self::angles($legs))[1], $this->guess($legs[0]->net));
    }

    /**
     * @param  list<Leg>  $legs
     *
     * @return list<Leg> the same, the last of them without end
     */
    private static function goingOn(array $legs): array
    {
        $last = array_pop($legs);

        return $last === null ? [] : [...$legs, $last->lasting(INF)];
    }

    /**
     * Browning of one place when these legs are over and the metal is cool again, minutes at 150 °C.
     *
     * @param  list<Leg>  $legs
     */
    private function inTheEnd(array $legs, float $radius, float $angle = 0.0): float
    {
        return $this->crust->after([...$legs, Leg::goesOn()], $radius, $angle);
    }

    /** The narrowest ring of the same power that would colour this floor, cm; null when none as wide as the pan would. */
    public function nearestRing(): ?float
    {
        return $this->nearest === false ? $this->nearest = $this->widerRing() : $this->nearest;
    }

    private function widerRing(): ?float
    {
        $looks = self::RINGS_LOOKED_AT;
        for ($ring = ceil($this->burner->ring) + self::RING_STEP; $ring <= $this->pan->rim; $ring += self::RING_STEP) {
            $making = new self($this->pan, new Burner($ring, $this->burner->net), $this->boiling, $this->room, $this->drunk, $this->wish, $this->school);
            $inTheMiddle = $making->floor->evenness(self::THE_FLOOR) >= self::EVEN_HEAT;
            if (! $inTheMiddle && ($looks <= 0 || ! $making->shiftsEvenly())) {
                continue;
            }
            $school = $making->school();
            $net = $this->burner->net[$school];
            if ($inTheMiddle ? $making->judged($school, $making->inTheMiddle($net))->even : $making->on($school, $net)->even) {
                return $ring;
            }
            $looks -= $inTheMiddle ? 0 : 1;
        }

        return null;
    }

    private function shiftsEvenly(): bool
    {
        $shifts = $this->shifts();

        return $shifts !== [] && $this->floor->evenness(self::WHILE_TURNING, $shifts[0]) >= self::EVEN_HEAT;
    }

    /** @return list<Leg> */
    private function inTheMiddle(float $net): array
    {
        $seconds = $this->untilAsWanted(static fn (float $s): array => [new Leg($s, $net)], self::THE_FLOOR, [0.0], $this->guess($net));

        // Where not even the middle gets there, waiting does not help.
        return $seconds >= self::LONGEST ? [] : [new Leg(self::rounded($seconds), $net)];
    }

    /** @return list<Leg> */
    private function shifted(float $net, float $shift): array
    {
        $catches = $this->floor->catches($shift);
        $seconds = $this->untilAsWanted(static fn (float $s): array => [Leg::turned($s, $net, $shift, $catches)], self::WHILE_TURNING, self::HALF_WAY_AND_FIRST, $this->guess($net * $catches));
        $turning = Leg::turned(self::rounded($seconds), $net, $shift, $catches);
        $middle = self::rounded($this->middleLacks($turning, $net));

        return $middle >= self::WORTH_A_MOVE ? [$turning, new Leg($middle, $net)] : [$turning];
    }

    /** Seconds in the middle of the ring until the middle is as wanted too, or the darkest as dark as may be. */
    private function middleLacks(Leg $turning, float $net): float
    {
        $turned = [[Floor::CENTRE, 0.0, $this->wish->browning(), $this->crust->place([$turning], Floor::CENTRE)]];
        foreach (self::WHILE_TURNING as $radius) {
            foreach (self::HALF_WAY_AND_LATE as $angle) {
                $turned[] = [$radius, $angle, $this->wish->darkest(), $this->crust->place([$turning], $radius, $angle)];
            }
        }

        return $this->until(1.0, fn (float $s): float => max(array_map(
            fn (array $place): float => $this->crust->goOn(clone $place[3], [new Leg($s, $net), Leg::goesOn()], $place[0], $place[1])->browning / $place[2],
            $turned,
        )), self::WORTH_A_MOVE);
    }

    /**
     * Seconds after which palest and darkest lie evenly about the wish, or the darkest is as dark as may be.
     *
     * @param  callable(float): list<Leg>  $legs  after so many seconds
     * @param  list<float>  $radii  shares of the floor's radius
     * @param  list<float>  $angles  turns
     * @param  float  $guess  s
     */
    private function untilAsWanted(callable $legs, array $radii, array $angles, float $guess): float
    {
        return $this->until(1.0, function (float $s) use ($legs, $radii, $angles): float {
            [$palest, $darkest] = $this->extremes($legs($s), $radii, $angles);
            // What lies too near the fire all the while counts too.
            $darkest = max($darkest, $this->inTheEnd($legs($s), Floor::CENTRE));

            return max(sqrt($palest * $darkest) / $this->wish->browning(), $darkest / $this->wish->darkest());
        }, $guess);
    }

    /** About the seconds that so much heat all over the floor takes. */
    private function guess(float $net): float
    {
        return max(self::WORTH_A_MOVE, self::GUESS_SECONDS * ($net / $this->pan->baseArea() / self::GUESS_HEAT) ** self::GUESS_BY_HEAT * $this->wish->browning() ** self::GUESS_BY_WISH);
    }

    /** No crust of the school takes longer, s. */
    private function mostSeconds(): float
    {
        return $this->school === CrustSchool::ShortAndHot ? self::LONGEST_SHORT : self::LONGEST;
    }

    /** @param  list<Leg>  $legs */
    private function judged(string $mark, array $legs): CrustPlan
    {
        $wish = $this->wish;
        [$palest, $darkest] = $this->extremes($legs, self::THE_FLOOR, self::angles($legs));
        $seconds = array_sum(array_map(static fn (Leg $leg): float => $leg->seconds, $legs));
        $even = $palest >= $wish->palest() && $darkest <= (1 + self::CLOSE_BROWNING) * $wish->darkest() && $seconds > 0 && $seconds < $this->mostSeconds();

        return new CrustPlan($mark, $legs, $even, $palest, $darkest);
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
    private function extremes(array $legs, array $radii, array $angles): array
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

    /** How good a crust is: even first, never burnt, and of two alike the one with the smaller difference. */
    private static function evenness(CrustPlan $plan): float
    {
        $burns = $plan->darkest >= Crust::BURNT;

        return ($plan->even ? 1.0 : 0.0) - ($burns ? 1.0 : 0.0) + ($plan->darkest > 0 ? $plan->palest / $plan->darkest : 0.0);
    }

    /**
     * Where round the pan to look.
     *
     * @param  list<Leg>  $legs
     *
     * @return non-empty-list<float> turns
     */
    private static function angles(array $legs): array
    {
        return $legs !== [] && $legs[0]->shift > 0 ? self::ROUND_THE_PAN : [0.0];
    }

    /**
     * Seconds after which a browning is reached, which only rises, and steeply: false position on its logarithm. All
     * of them when it is not reached.
     *
     * @param  callable(float): float  $browning
     * @param  float  $guess  s
     */
    private function until(float $wish, callable $browning, float $guess): float
    {
        $miss = static fn (float $s): float => log(max(1e-9, $browning($s)) / $wish);
        [$low, $below] = [0.0, $miss(0.0)];
        if ($below >= 0) {
            return 0.0;
        }
        $high = min(self::LONGEST, $guess);
        $above = $miss($high);
        while ($above < 0 && $high < self::LONGEST) {
            [$low, $below] = [$high, $above];
            $high = min(self::LONGEST, self::FURTHER * $high);
            $above = $miss($high);
        }
        if ($above < 0) {
            return self::LONGEST;
        }
        $at = $high;
        for ($look = 0; $look < self::LOOKS && $high - $low > self::CLOSE; $look++) {
            // The logarithm runs off to nothing at no time at all: stay within the middle of the bracket.
            $share = max(0.1, min(0.9, $below / ($below - $above)));
            $at = $low + $share * ($high - $low);
            $off = $miss($at);
            if (abs($off) < self::CLOSE_BROWNING) {
                break;
            }
            $off < 0 ? [$low, $below] = [$at, $off] : [$high, $above] = [$at, $off];
        }

        return $at;
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

    private static function rounded(float $seconds): float
    {
        return $seconds >= self::ROUND_FROM ? round($seconds / 5) * 5 : round($seconds);
    }

    /** @return list<string> the school's mark first, then those next to it by their heat */
    private static function inOrderOfLiking(Burner $burner, string $school): array
    {
        $marks = $burner->marks();
        $off = static fn (string $mark): float => abs(log(max(1.0, $burner->net[$mark]) / max(1.0, $burner->net[$school])));
        usort($marks, static fn (string $a, string $b): int => $off($a) <=> $off($b));

        return $marks;
    }
}
