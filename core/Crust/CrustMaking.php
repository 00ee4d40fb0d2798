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
 * then it stands in the middle for what the middle still lacks. Of a few shifts the most even one is taken.
 */
final class CrustMaking
{
    /** Shifts tried, shares of the floor's radius. */
    private const SHIFTS = [0.25, 0.4, 0.55, 0.7, 0.8, 0.9, 1.0, 1.1];

    private const HALF_A_STEP = 0.05;

    /** A pan whose middle lies further outside the ring than this would tip, cm (our estimate). */
    private const TIPS = 6.0;

    /** Where else the floor is looked at; the middle can be made up for afterwards. */
    private const WHILE_TURNING = [0.3, 0.5, 0.7, 0.82, Floor::RIM];

    /** Settings tried: the school's and those next to it by their heat. */
    private const MARKS_TRIED = 3;

    private const LOOKS = 14;

    /** Close enough, s, and in browning as a share of it. */
    private const CLOSE = 0.5;

    private const CLOSE_BROWNING = 0.03;

    /** No crust is waited for longer, s; nor a short one longer than a gentle one takes. */
    private const LONGEST = 480.0;

    private const LONGEST_SHORT = 240.0;

    /** A rim that has at least this share of the middle's browning needs no moving. */
    private const EVEN_ENOUGH = 0.6;

    /** Less than this in the middle is not worth moving the pan for, s. */
    private const WORTH_A_MOVE = 5.0;

    /** A wider ring is looked for in steps of so many cm. */
    private const RING_STEP = 2.0;

    /** Times longer than this are rounded to 5 s. */
    private const ROUND_FROM = 40.0;

    private readonly Crust $crust;

    private readonly Floor $floor;

    /** What was found before: it does not depend on the covers. */
    private ?CrustPlan $planned = null;

    private float|null|false $nearest = false;

    /** @param  float  $boiling  °C */
    public function __construct(private readonly Pan $pan, public readonly Burner $burner, private readonly float $boiling, public readonly CrustWish $wish, private readonly CrustSchool $school)
    {
        $this->floor = Floor::of($pan, $burner->ring);
        $this->crust = new Crust($this->floor, $boiling);
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
        }

        return $this->judged($school, $this->inTheMiddle($burner->net[$school]));
    }

    /** The setting that the school looks for. */
    private function school(): string
    {
        return $this->burner->nearest($this->school->heat() * $this->pan->baseArea());
    }

    /** The crust on one setting. */
    public function on(string $mark, float $net): CrustPlan
    {
        $best = $this->judged($mark, $this->inTheMiddle($net));
        if ($best->palest >= self::EVEN_ENOUGH * $best->darkest && $best->even) {
            return $best;
        }
        foreach (self::SHIFTS as $share) {
            $best = $this->better($best, $mark, $net, $share);
        }
        $share = $best->shift() / $this->floor->radius;
        if ($share > 0.0 && ! $best->even) {
            // The best lies near: half a step to either side.
            $best = $this->better($best, $mark, $net, $share - self::HALF_A_STEP);
            $best = $this->better($best, $mark, $net, $share + self::HALF_A_STEP);
        }

        return $best;
    }

    /** The more even of a crust and another with the pan shifted by a share of its radius. */
    private function better(CrustPlan $best, string $mark, float $net, float $share): CrustPlan
    {
        $shift = $share * $this->floor->radius;
        $tips = $shift > $this->burner->ring / 2 + self::TIPS;
        $rimStaysCold = $shift + $this->burner->ring / 2 + 2 * $this->floor->spread < $this->floor->radius;
        if ($tips || $rimStaysCold) {
            return $best;
        }
        $plan = $this->judged($mark, $this->shifted($net, $shift));

        return self::evenness($plan) > self::evenness($best) ? $plan : $best;
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
        $seconds = $this->until($wish, fn (float $s): float => $this->crust->after(self::cut($track, $s), Floor::CENTRE));

        return $this->judged($mark, self::cut($track, $seconds));
    }

    /**
     * Browning in rings from the middle to the rim: the palest and the darkest part of each, minutes at 150 °C.
     *
     * @param  list<Leg>  $legs
     *
     * @return list<array{float, float}>
     */
    public function rings(array $legs, int $rings): array
    {
        $found = [];
        for ($i = 0; $i < $rings; $i++) {
            $radius = ($i + 0.5) / $rings;
            $values = array_map(fn (float $angle): float => $this->crust->after($legs, $radius, $angle), self::angles($legs));
            $found[] = [min($values), max($values)];
        }

        return $found;
    }

    /**
     * Minutes from dry to gold and to burnt, in the middle and at the rim, with the pan left in the middle of the ring.
     *
     * @return array{centre_gold: float|null, centre_burnt: float|null, rim_gold: float|null, rim_burnt: float|null}
     */
    public function minutes(float $net): array
    {
        return [
            'centre_gold' => $this->crust->minutes($net, Floor::CENTRE, Crust::GOLD),
            'centre_burnt' => $this->crust->minutes($net, Floor::CENTRE, Crust::BURNT),
            'rim_gold' => $this->crust->minutes($net, Floor::RIM, Crust::GOLD),
            'rim_burnt' => $this->crust->minutes($net, Floor::RIM, Crust::BURNT),
        ];
    }

    /**
     * Seconds from the first of these legs until the middle is as wanted, if the last of them goes on; there must be a crust wanted.
     *
     * @param  non-empty-list<Leg>  $legs
     */
    public function goldAfter(array $legs): float
    {
        return $this->until($this->wish->browning(), fn (float $s): float => $this->crust->after(self::cut($legs, $s), Floor::CENTRE));
    }

    /**
     * Seconds from the first of these legs until some part of the floor is burnt, if the last of them went on.
     *
     * @param  non-empty-list<Leg>  $legs
     */
    public function burntAfter(array $legs): float
    {
        $last = $legs[count($legs) - 1];
        $track = [...array_slice($legs, 0, -1), new Leg(INF, $last->net, $last->shift)];

        return $this->until(Crust::BURNT, fn (float $s): float => $this->extremes(self::cut($track, $s), [Floor::CENTRE, ...self::WHILE_TURNING], self::angles($legs))[1]);
    }

    /** The narrowest ring of the same power that would colour this floor, cm; null when none as wide as the pan would. */
    public function nearestRing(): ?float
    {
        return $this->nearest === false ? $this->nearest = $this->widerRing() : $this->nearest;
    }

    private function widerRing(): ?float
    {
        $burner = $this->burner;
        for ($ring = ceil($burner->ring + self::RING_STEP); $ring <= $this->pan->rim; $ring += self::RING_STEP) {
            $making = new self($this->pan, new Burner($ring, $burner->net), $this->boiling, $this->wish, $this->school);
            $school = $making->school();
            if ($making->on($school, $burner->net[$school])->even) {
                return $ring;
            }
        }

        return null;
    }

    /** @return list<Leg> */
    private function inTheMiddle(float $net): array
    {
        $wish = $this->wish->browning();
        $seconds = $this->until($wish, fn (float $s): float => $this->crust->after([new Leg($s, $net)], Floor::CENTRE));

        // Where not even the middle gets there, waiting does not help.
        return $seconds >= self::LONGEST ? [] : [new Leg(self::rounded($seconds), $net)];
    }

    /** @return list<Leg> */
    private function shifted(float $net, float $shift): array
    {
        $wish = $this->wish->browning();
        $turning = new Leg(self::rounded($this->until($wish, function (float $s) use ($net, $shift): float {
            [$palest, $darkest] = $this->extremes([new Leg($s, $net, $shift)], self::WHILE_TURNING, [0.0]);

            return sqrt($palest * $darkest);
        })), $net, $shift);
        $middle = self::rounded($this->until($wish, fn (float $s): float => $this->crust->after([$turning, new Leg($s, $net)], Floor::CENTRE)));

        return $middle >= self::WORTH_A_MOVE ? [$turning, new Leg($middle, $net)] : [$turning];
    }

    /** @param  list<Leg>  $legs */
    private function judged(string $mark, array $legs): CrustPlan
    {
        $wish = $this->wish;
        [$palest, $darkest] = $this->extremes($legs, [Floor::CENTRE, ...self::WHILE_TURNING], self::angles($legs));
        $seconds = array_sum(array_map(static fn (Leg $leg): float => $leg->seconds, $legs));
        $most = $this->school === CrustSchool::ShortAndHot ? self::LONGEST_SHORT : self::LONGEST;
        $even = $palest >= $wish->palest() && $darkest < Crust::BURNT && $seconds > 0 && $seconds < $most;

        return new CrustPlan($mark, $legs, $even, $palest, $darkest);
    }

    /**
     * The palest and the darkest of these places.
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
                $brown = $this->crust->after($legs, $radius, $angle);
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
     * Where round the pan to look: over a step of the turning and between two.
     *
     * @param  list<Leg>  $legs
     *
     * @return non-empty-list<float> turns
     */
    private static function angles(array $legs): array
    {
        return $legs !== [] && $legs[0]->shift > 0 ? [0.0, 0.5 / Floor::TURN_STEPS] : [0.0];
    }

    /**
     * Seconds after which a browning is reached, which only rises, and steeply: false position on its logarithm. All
     * of them when it is not reached.
     *
     * @param  callable(float): float  $browning
     */
    private function until(float $wish, callable $browning): float
    {
        $miss = static fn (float $s): float => log(max(1e-9, $browning($s)) / $wish);
        [$low, $below] = [0.0, $miss(0.0)];
        if ($below >= 0) {
            return 0.0;
        }
        [$high, $above] = [30.0, $miss(30.0)];
        while ($above < 0 && $high < self::LONGEST) {
            [$low, $below] = [$high, $above];
            $high = min(self::LONGEST, 2 * $high);
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
                $legs[] = new Leg($mine, $leg->net, $leg->shift);
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
