<?php

declare(strict_types=1);

namespace Velko\Core\Crust;

use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Floor;
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

    /** Settings tried: the school's and those next to it by their heat. */
    private const MARKS_TRIED = 3;

    /** For a first guess: under 12 kW/m² it is gold after 75 s, under more or less heat so much sooner or later, and dark later. */
    private const GUESS_HEAT = 12000.0;

    private const GUESS_SECONDS = 75.0;

    private const GUESS_BY_HEAT = -1.15;

    private const GUESS_BY_WISH = 0.4;

    /** No crust is waited for longer, s; nor a short one longer than a gentle one takes. */
    private const LONGEST = Seconds::LONGEST;

    private const LONGEST_SHORT = 240.0;

    /** Less than this in the middle is not worth moving the pan for, s. */
    private const WORTH_A_MOVE = 5.0;

    /** A wider ring is looked for to so many cm. */
    private const RING_STEP = 2.0;

    /** Times longer than this are rounded to 5 s. */
    private const ROUND_FROM = 40.0;

    public readonly WholeFloor $whole;

    private readonly Floor $floor;

    /** What was found before: it does not depend on the covers. */
    private ?CrustPlan $planned = null;

    /** @var list<float>|null */
    private ?array $shifts = null;

    /** @var array<int|string, float> share of the heat that is caught, by shift */
    private array $catches = [];

    private float|null|false $nearest = false;

    /**
     * @param  float  $boiling  °C
     * @param  float  $room  °C
     * @param  float  $drunk  by the rice that lies on the floor, g per g raw
     * @param  float  $browns  how fast it browns, against ours
     */
    public function __construct(private readonly Pan $pan, public readonly Burner $burner, private readonly float $boiling, private readonly float $room, private readonly float $drunk, public readonly CrustWish $wish, private readonly CrustSchool $school, float $browns = 1.0)
    {
        $this->floor = Floor::of($pan, $burner->ring);
        $this->whole = new WholeFloor(new Crust($this->floor, $boiling, $room, $drunk, $browns));
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
            $tooLong = false;
            foreach ([0.0, ...$this->shifts()] as $shift) {
                $legs = $this->legs($burner->net[$mark], $shift);
                if ($this->isEven($legs)) {
                    return $this->judged($mark, $legs);
                }
                $tooLong = $tooLong || ! $this->inTime($legs);
            }
            if (! $tooLong) {
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
            $plan = $this->judged($mark, $this->legs($net, $shift));
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
     * @param  int  $moves  of the hand, at most: those that stand among the steps
     */
    public function timed(string $mark, float $shift, int $moves): CrustPlan
    {
        $net = $this->burner->net[$mark];

        return $this->wish->browning() <= 0
            ? new CrustPlan($mark, [], true, 0.0, 0.0)
            : $this->judged($mark, array_slice($this->legs($net, $shift), 0, $moves));
    }

    /** @return list<float> cm: the least that heats the floor evenly, and the one that does it best */
    private function shifts(): array
    {
        return $this->shifts ??= $this->evenShifts();
    }

    /** @return list<float> */
    private function evenShifts(): array
    {
        $even = [];
        $evenest = null;
        $most = 0.0;
        for ($twentieths = self::LEAST_SHIFT; $twentieths <= self::MOST_SHIFT; $twentieths++) {
            $shift = $twentieths / 20 * $this->floor->radius;
            if ($shift > $this->burner->farthestShift()) {
                break; // it would tip
            }
            $share = $this->floor->evenness(WholeFloor::WHILE_TURNING, $shift);
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
        $seconds = $this->untilAsWanted(static fn (float $s): array => WholeFloor::cut($track, $s), WholeFloor::radii($track), [0.0], $this->guess($track[0]->net));

        return $this->judged($mark, WholeFloor::cut($track, $seconds));
    }

    /**
     * Seconds from the first of these legs until the floor, taken off then, comes out as wanted, if the last of them goes on; there must be a crust wanted.
     *
     * @param  non-empty-list<Leg>  $legs
     */
    public function goldAfter(array $legs): float
    {
        $track = WholeFloor::goingOn($legs);

        return $this->untilAsWanted(static fn (float $s): array => WholeFloor::cut($track, $s), WholeFloor::radii($legs), WholeFloor::angles($legs), $this->guess($legs[0]->net));
    }

    /**
     * Seconds from the first of these legs until some part of the floor will burn though it is taken off then, if the last of them went on.
     *
     * @param  non-empty-list<Leg>  $legs
     */
    public function burntAfter(array $legs): float
    {
        $track = WholeFloor::goingOn($legs);

        return Seconds::until(Crust::BURNT, fn (float $s): float => $this->whole->extremes(WholeFloor::cut($track, $s), WholeFloor::radii($legs), WholeFloor::angles($legs))[1], $this->guess($legs[0]->net));
    }

    /** The narrowest ring of the same power that would colour this floor with the pan left in its middle, cm; null when none as wide as the pan would. */
    public function nearestRing(): ?float
    {
        return $this->nearest === false ? $this->nearest = $this->widerRing() : $this->nearest;
    }

    private function widerRing(): ?float
    {
        $colours = function (float $ring): bool {
            $making = new self($this->pan, new Burner($ring, $this->burner->net), $this->boiling, $this->room, $this->drunk, $this->wish, $this->school);
            $school = $making->school();

            return $making->judged($school, $making->inTheMiddle($this->burner->net[$school]))->even;
        };
        // The wider the ring, the evener the floor: by halving.
        [$tooNarrow, $wideEnough] = [ceil($this->burner->ring), floor($this->pan->rim)];
        if ($wideEnough <= $tooNarrow || ! $colours($wideEnough)) {
            return null;
        }
        while ($wideEnough - $tooNarrow > self::RING_STEP) {
            $between = round(($tooNarrow + $wideEnough) / 2);
            $colours($between) ? $wideEnough = $between : $tooNarrow = $between;
        }

        return $wideEnough;
    }

    /** @return list<Leg> */
    private function legs(float $net, float $shift): array
    {
        return $shift > 0 ? $this->shifted($net, $shift) : $this->inTheMiddle($net);
    }

    /** @return list<Leg> */
    private function inTheMiddle(float $net): array
    {
        $seconds = $this->untilAsWanted(static fn (float $s): array => [new Leg($s, $net)], WholeFloor::IN_THE_MIDDLE, [0.0], $this->guess($net));

        // Where not even the middle gets there, waiting does not help.
        return $seconds >= self::LONGEST ? [] : [new Leg(self::rounded($seconds), $net)];
    }

    /** @return list<Leg> */
    private function shifted(float $net, float $shift): array
    {
        $catches = $this->catches[(string) $shift] ??= $this->floor->catches($shift);
        $seconds = $this->untilAsWanted(static fn (float $s): array => [Leg::turned($s, $net, $shift, $catches)], WholeFloor::SOME_OF_IT, WholeFloor::HALF_WAY_AND_FIRST, $this->guess($net * $catches));
        $turning = Leg::turned(self::rounded($seconds), $net, $shift, $catches);
        if (! $this->inTime([$turning])) {
            return [$turning];
        }
        $middle = self::rounded($this->middleLacks($turning, $net));

        $both = [$turning, new Leg($middle, $net)];

        return $middle >= self::WORTH_A_MOVE && ($this->isEven($both) || ! $this->isEven([$turning])) ? $both : [$turning];
    }

    /** Seconds in the middle of the ring until the middle is as wanted too, or the darkest as dark as may be. */
    private function middleLacks(Leg $turning, float $net): float
    {
        $turned = [[Floor::CENTRE, 0.0, $this->wish->browning(), $this->whole->place([$turning], Floor::CENTRE)]];
        foreach (WholeFloor::SOME_OF_IT as $radius) {
            foreach (WholeFloor::HALF_WAY_AND_LATE as $angle) {
                $turned[] = [$radius, $angle, $this->wish->darkest(), $this->whole->place([$turning], $radius, $angle)];
            }
        }

        return Seconds::until(1.0, fn (float $s): float => max(array_map(
            fn (array $place): float => $this->whole->after($place[3], [new Leg($s, $net)], $place[0], $place[1]) / $place[2],
            $turned,
        )), $this->guess($net) / 2);
    }

    /**
     * Seconds after which palest and darkest lie evenly about the wish, or the darkest is as dark as may be.
     *
     * @param  callable(float): list<Leg>  $legs  after so many seconds
     * @param  non-empty-list<float>  $radii  shares of the floor's radius
     * @param  list<float>  $angles  turns
     * @param  float  $guess  s
     */
    private function untilAsWanted(callable $legs, array $radii, array $angles, float $guess): float
    {
        return Seconds::until(1.0, function (float $s) use ($legs, $radii, $angles): float {
            [$palest, $darkest] = $this->whole->extremes($legs($s), $radii, $angles);
            if ($radii[0] !== Floor::CENTRE) {
                // What lies too near the fire all the while counts too.
                $darkest = max($darkest, $this->whole->inTheEnd($legs($s), Floor::CENTRE));
            }

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
        [$palest, $darkest] = $this->whole->extremes($legs, WholeFloor::radii($legs), WholeFloor::angles($legs));
        $even = $this->inTime($legs) && $palest >= $wish->palest() && $darkest <= $this->darkest();

        return new CrustPlan($mark, $legs, $even, $palest, $darkest);
    }

    /**
     * Whether every part of the floor gets there, looked at no further than to the first that does not.
     *
     * @param  list<Leg>  $legs
     */
    private function isEven(array $legs): bool
    {
        return $this->inTime($legs)
            && $this->whole->within($this->wish->palest(), $this->darkest(), $legs, WholeFloor::radii($legs), WholeFloor::angles($legs));
    }

    /**
     * Whether these take as long as a crust of the school may.
     *
     * @param  list<Leg>  $legs
     */
    private function inTime(array $legs): bool
    {
        $seconds = array_sum(array_map(static fn (Leg $leg): float => $leg->seconds, $legs));

        return $seconds > 0 && $seconds < $this->mostSeconds();
    }

    /** The darkest that still counts, found as closely as times are. */
    private function darkest(): float
    {
        return (1 + Seconds::CLOSE_BROWNING) * $this->wish->darkest();
    }

    /** How good a crust is: even first, never burnt, and of two alike the one with the smaller difference. */
    private static function evenness(CrustPlan $plan): float
    {
        $burns = $plan->darkest >= Crust::BURNT;

        return ($plan->even ? 1.0 : 0.0) - ($burns ? 1.0 : 0.0) + ($plan->darkest > 0 ? $plan->palest / $plan->darkest : 0.0);
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
