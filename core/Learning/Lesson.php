<?php

declare(strict_types=1);

namespace Velko\Core\Learning;

use Velko\Core\Cook\Sign;
use Velko\Core\Cook\StageKind;
use Velko\Core\Cook\Status;
use Velko\Core\Cook\Taste;
use Velko\Core\Cook\Touch;
use Velko\Core\Live\Estimate;
use Velko\Core\Live\Happened;
use Velko\Core\Live\Measured;
use Velko\Core\Method\HeatChange;
use Velko\Core\Pan\Browning;
use Velko\Core\Pan\State;
use Velko\Core\Pan\Track;
use Velko\Core\Planning\Ahead;
use Velko\Core\Planning\Ask;
use Velko\Core\Vessel\Burner;

/**
 * What one cook tells of the numbers that no plan knows: each of its weighings, signs, tastes and words of the verdict as a measurement, and
 * how it would move with each number. Worked out once, at the numbers that explain this cook best (Gauss and Newton on replays of all of it);
 * near those what was found is a straight line of them, and many cooks are added up without being played again.
 */
final readonly class Lesson
{
    private const LOOKS = 3;

    /** Step of the derivatives, in the logarithm. */
    private const NUDGE = 0.03;

    /** No number is further off, in the logarithm. */
    private const FURTHEST = 0.7;

    private const CLOSE = 1e-3;

    /** A floor is no whiter, minutes at 150 °C. */
    private const WHITE = 1e-3;

    /**
     * @param  string  $id  of the cook
     * @param  int  $at  ms since 1970
     * @param  list<Hidden>  $hidden  what it tells of
     * @param  list<float>  $near  where it was worked out, by what it tells of
     * @param  list<float>  $given  what was taken for each, when it was cooked
     * @param  list<Finding>  $found  there
     * @param  bool  $weighed  whether any of it rests on the scale
     */
    public function __construct(public string $id, public int $at, public array $hidden, public array $near, public array $given, public array $found, public bool $weighed) {}

    /** @return self|null null for one that never came to the table, or of which nothing was said */
    public static function of(Cooked $cooked): ?self
    {
        if ($cooked->replay->status !== Status::AtTable || $cooked->replay->pours() === []) {
            return null;
        }
        $hidden = [Hidden::ring($cooked->ring), ...array_map(static fn (string $mark): Hidden => Hidden::mark($cooked->ring, $mark), self::marks($cooked)), Hidden::drinking($cooked->rice), Hidden::doneness($cooked->rice)];
        $ahead = self::ahead($cooked, $cooked->ask);
        if (self::floor($cooked, $ahead) !== null) {
            $hidden[] = Hidden::crust($cooked->rice);
        }
        if ((new Measured($cooked->ask, $cooked->heat, $cooked->replay))->missOfTheBase() !== null) {
            $hidden[] = Hidden::base($cooked->dish);
        }
        $at = array_fill(0, count($hidden), 0.0);
        $found = self::findings($cooked, $ahead, $hidden, $at);
        for ($look = 1; $look < self::LOOKS && $found !== []; $look++) {
            $next = self::step($hidden, $at, $found);
            $moved = array_sum(array_map(static fn (float $a, float $b): float => abs($a - $b), $next, $at));
            if ($moved < self::CLOSE) {
                break;
            }
            $at = $next;
            $found = self::findings($cooked, $ahead, $hidden, $at);
        }
        if ($found === []) {
            return null;
        }

        return new self($cooked->id, $cooked->at, $hidden, $at, array_map(static fn (Hidden $one): float => $one->given($cooked->ask), $hidden), $found, array_filter($cooked->replay->counted, static fn (Touch $touch): bool => $touch->weighing !== null) !== []);
    }

    /** @return list<string> marks that it stood on; of one that is taken to give nothing no factor is off */
    private static function marks(Cooked $cooked): array
    {
        $marks = [...array_map(static fn (HeatChange $one): string => $one->mark, $cooked->heat), ...array_map(static fn (Touch $touch): ?string => $touch->mark, $cooked->replay->counted)];

        return array_values(array_unique(array_filter($marks, static fn (?string $mark): bool => $mark !== null && $mark !== Burner::OVEN && ($cooked->ask->burner->net[$mark] ?? 0.0) > 0.0)));
    }

    /**
     * @param  list<Hidden>  $hidden
     * @param  list<float>  $at
     *
     * @return list<Finding>
     */
    private static function findings(Cooked $cooked, Ahead $ahead, array $hidden, array $at): array
    {
        $ask = array_reduce(array_keys($hidden), static fn (Ask $ask, int $i): Ask => $hidden[$i]->in($ask, $at[$i]), $cooked->ask);
        $here = self::found($cooked, $ahead, $ask);
        $nudged = [];
        foreach ($hidden as $i => $one) {
            // A ring is all of its marks.
            $nudged[$i] = $one->of === 'ring-power' && $one->mark === null ? null : self::found($cooked, $ahead, $one->in($ask, self::NUDGE));
        }
        $findings = [];
        foreach ($here as $row => $what) {
            $place = static fn (Word|float $one): float => $one instanceof Word ? $one->place() : $one;
            $slopes = [];
            foreach ($nudged as $i => $there) {
                $slopes[$i] = isset($there[$row]) ? ($place($there[$row]) - $place($what)) / $hidden[$i]->moves(self::NUDGE) : 0.0;
            }
            foreach ($hidden as $i => $one) {
                if ($nudged[$i] === null) {
                    $slopes[$i] = array_sum(array_map(static fn (int $j): float => $hidden[$j]->of === 'ring-power' && $j !== $i ? $slopes[$j] : 0.0, array_keys($hidden)));
                }
            }
            $findings[] = new Finding($what, array_values($slopes));
        }

        return $findings;
    }

    /**
     * What was found in the pan, were these the numbers: how far off, in standard deviations; or the word against what it would be.
     *
     * @return list<float|Word>
     */
    private static function found(Cooked $cooked, Ahead $ahead, Ask $ask): array
    {
        $measured = new Measured($ask, $cooked->heat, $cooked->replay);
        $base = $measured->missOfTheBase();
        $found = $base === null ? [] : [$base];
        $track = new Track;
        $run = (new Happened($ask, $cooked->heat, $cooked->replay, new Estimate(1.0)))->run($cooked->at, static function (Touch $touch, State $state) use (&$found, $measured, $track, $ask): void {
            // Of a range one is not pulled to its edge, wherever the numbers are.
            $said = $measured->said($touch, $state, $track);
            $one = $said === null ? $measured->miss($touch, $state, $track) : new Word(...$said);
            if ($one !== null) {
                $found[] = $one;
            }
            if ($touch->taste !== null) {
                $found[] = new Word($state->doneness, ...[...$touch->taste->range($ask->grain->tooth()), Taste::SPREAD]);
            }
        }, $track);
        $verdict = $cooked->replay->verdict;
        if ($verdict === null || $run === null) {
            return $found;
        }
        $eaten = $run->end;
        $looseness = $ask->family->traits()->scale->range($verdict->looseness);
        $sign = Sign::tryFrom(str_replace(' ', '-', $verdict->looseness->value));
        if ($looseness !== null && $sign !== null) {
            $found[] = new Word($eaten->free / $ask->rice(), $looseness[0], $looseness[1], $sign->spread());
        }
        $bite = $verdict->bite->range($ask->grain->tooth());
        if ($bite !== null) {
            $found[] = new Word($eaten->doneness, $bite[0], $bite[1], Taste::SPREAD);
        }
        $floor = self::floor($cooked, self::ahead($cooked, $ask, $ahead));
        if ($floor !== null && $verdict->crust !== null) {
            $found[] = new Word(log($floor), ...[...array_map(log(...), $verdict->crust->range()), Browning::SPREAD]);
        }

        return $found;
    }

    /** @param  Ahead|null  $alike  on other numbers: its crust is made by the same moves */
    private static function ahead(Cooked $cooked, Ask $ask, ?Ahead $alike = null): Ahead
    {
        return $ask->family->ahead($ask, $cooked->replay, $cooked->heat[0]->mark, [], $alike);
    }

    /**
     * How brown its floor came to be, where a crust was made and looked at.
     *
     * @return float|null minutes at 150 °C, > 0
     */
    private static function floor(Cooked $cooked, Ahead $ahead): ?float
    {
        $off = $cooked->replay->minuteOf(StageKind::Off);
        $browning = $off === null || $cooked->replay->verdict?->crust === null ? null : $ahead->scraped(60 * $off);

        return $browning === null ? null : max(self::WHITE, $browning);
    }

    /**
     * Nearer to what explains it best.
     *
     * @param  list<Hidden>  $hidden
     * @param  list<float>  $at
     * @param  list<Finding>  $found
     *
     * @return list<float>
     */
    private static function step(array $hidden, array $at, array $found): array
    {
        $belief = Belief::before(array_map(static fn (Hidden $one): float => $one->spread, $hidden));
        foreach ($found as $one) {
            [$miss, $scale] = $one->what instanceof Word ? $one->what->told() : [$one->what, 1.0];
            $slopes = array_map(static fn (float $slope): float => $scale * $slope, $one->slopes);
            $belief->add($slopes, array_sum(array_map(static fn (float $slope, float $x): float => $slope * $x, $slopes, $at)) - $miss, $one->what instanceof Word ? 1.0 : Measured::trusted($miss));
        }

        return array_values(array_map(static fn (float $one): float => max(-self::FURTHEST, min(self::FURTHEST, $one)), $belief->mean()));
    }
}
