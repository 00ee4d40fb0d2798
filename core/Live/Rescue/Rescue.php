<?php

declare(strict_types=1);

namespace Velko\Core\Live\Rescue;

use Velko\Core\Cook\Trouble;
use Velko\Core\Crust\CrustWish;
use Velko\Core\Live\Forecast;
use Velko\Core\Method\Stirring;
use Velko\Core\Pan\Crust;
use Velko\Core\Pan\Simulation;
use Velko\Core\Pan\State;
use Velko\Core\Pan\TopLayer;
use Velko\Core\Planning\Ask;
use Velko\Core\Quantity\Duration;
use Velko\Core\Quantity\Fact;
use Velko\Core\Quantity\Length;
use Velko\Core\Quantity\Mass;
use Velko\Core\Quantity\Rounding;
use Velko\Core\Quantity\Volume;
use Velko\Core\Rice\Bite;
use Velko\Core\Rice\Grain;
use Velko\Core\Rice\Kinetics;
use Velko\Core\Season\Salt;

/**
 * "Something is off": the usual ways back, worked out for this very pan. How many mL, how hot, how many minutes, and what
 * the plate will be. What the cook sees outweighs what the engine thinks: the pan is taken as it was seen.
 */
final readonly class Rescue
{
    /** A lid for so long, min: "two minutes". */
    private const LID = 2.0;

    /** Longest rest under a cover that is asked for, min. */
    private const LONGEST_REST = 8.0;

    /** A heart that is called hard is at least so far below its window, min. */
    private const HARD = 2.0;

    /** Rice that is called nearly done is at most so far below its window, min. */
    private const NEARLY = 0.5;

    /** Rice that swims has at least so much more than asked, g/g (one word of the scale and a half). */
    private const SWIMS = 0.35;

    /** Rice that is tight has at most this share of what was asked. */
    private const TIGHT = 0.5;

    /** Salt that a tongue calls too much, percent of the plate, at least. */
    private const SALTY = 1.25;

    /** What stays behind of a burnt crust, and of a floor that caught, mm (our estimate). */
    private const BURNT_LAYER = 4.0;

    private const CAUGHT_LAYER = 1.5;

    /** A rest under a cover that evens a grain out, min; and the shortest that does. */
    private const REST = 4.0;

    private const SHORTEST_REST = 2.0;

    /** A mark on which it takes more than so many times as long no longer cooks. */
    private const SLOWER = 1.25;

    /** Rice is called done but wet no sooner than so long before its window, min. */
    private const LATE = 5.0;

    private Ask $ask;

    private float $rice;

    /** Where the knob stands. */
    private string $mark;

    public function __construct(private Forecast $forecast)
    {
        $this->mark = $forecast->mark;
        $this->ask = $forecast->ask->on($forecast->ask->burner->times($forecast->estimate->power));
        $this->rice = $this->ask->rice();
    }

    /** @return list<WayBack> for all that can be wrong with such a dish as it stands; where no remedy mends it, what it will be */
    public function all(): array
    {
        return array_map($this->from(...), array_values(array_filter($this->ask->family->traits()->troubles, $this->canBe(...))));
    }

    /** Whether a pan as it stands can look so: no crust is bitter under liquid, and no top is hard while it swims. */
    private function canBe(Trouble $trouble): bool
    {
        $now = $this->forecast->now;

        return match ($trouble) {
            Trouble::Bitter => $now->free <= Simulation::WET * $this->rice,
            Trouble::TopHard => $now->free <= Grain::gaps($this->rice, $now->drunk),
            Trouble::WetLate => $now->doneness >= $this->ask->grain->window->low - self::LATE,
            default => true,
        };
    }

    /** The way back; where none mends it, what the plate will be, and nothing to do at once. */
    public function from(Trouble $trouble): WayBack
    {
        $way = $this->remedy($trouble);

        return $this->mends($way) ? $way : new WayBack($trouble, [
            Fact::of('do.nothing-mends'), Fact::of('do.another-pan'),
        ], $way->atTable, mends: false);
    }

    /** Whether what it is for is right at the table: the bite of rice that was hard, the liquid of one that swam or was tight. */
    private function mends(WayBack $way): bool
    {
        $word = abs($this->looseness($way) - $this->ask->target->looseness) <= $this->ask->family->traits()->scale->step;

        return match ($way->trouble) {
            Trouble::HardAndDry, Trouble::HardAndWet, Trouble::SoftOutside, Trouble::DryEarly, Trouble::TopHard => $this->bite($way) === Bite::Right,
            Trouble::WetLate => $word && $this->bite($way) !== Bite::Mush,
            Trouble::Swimming, Trouble::Tight, Trouble::SetUp => $word,
            default => true,
        };
    }

    private function remedy(Trouble $trouble): WayBack
    {
        return match ($trouble) {
            Trouble::HardAndDry => $this->hardAndDry(),
            Trouble::HardAndWet => $this->hardAndWet(),
            Trouble::SoftOutside => $this->softOutside(),
            Trouble::Swimming => $this->swimming(),
            Trouble::Tight, Trouble::SetUp => $this->tight($trouble),
            Trouble::Catching => $this->catching(),
            Trouble::WetLate => $this->wetLate(),
            Trouble::DryEarly => $this->dryEarly(),
            Trouble::TopHard => $this->topHard(),
            Trouble::PaleRim => $this->paleRim(),
            Trouble::Bitter => $this->bitter(),
            Trouble::TooSalty => $this->tooSalty(),
            Trouble::StockOut => $this->stockOut(),
        };
    }

    private function hardAndDry(): WayBack
    {
        $state = $this->seen(dry: true, hard: true);
        $lower = $this->gentler($state);
        $trial = new Trial($this->ask, $state, $lower);
        $stock = self::jug($trial->pourForLooseness(self::LID));
        [$minutes, $atTable] = $trial->untilDone($stock, self::LID);
        $first = self::jug(min($stock, $this->ask->ladle->ml / 2 * ceil($this->rice / 320)));

        return new WayBack(Trouble::HardAndDry, [
            Fact::of('do.stock-now', first: Volume::ofMl($first), all: Volume::ofMl($stock)),
            $this->turn($lower), Fact::of('do.lid-for', time: Duration::ofMinutes(self::LID)), Fact::of('do.time-more', time: Duration::ofMinutes($minutes)),
        ], $atTable, splash: $first, mark: $this->ifOther($lower), lidFor: self::LID, minutes: $minutes);
    }

    private function hardAndWet(): WayBack
    {
        $state = $this->seen(hard: true, atLeast: Simulation::WET);
        if ($this->ask->family->traits()->driesOut) {
            [$mark, $minutes, $atTable] = $this->dryWhenDone($state);
            $stock = 0.0;
            if ($atTable->doneness < $this->ask->grain->window->rightFrom()) {
                $trial = new Trial($this->ask, $state, $mark);
                $stock = self::jug($trial->pourToFallDry());
                [$minutes, $atTable] = $trial->untilDry($stock);
            }

            return new WayBack(Trouble::HardAndWet, [
                $this->turn($mark),
                ...$stock > 0.0 ? [Fact::of('do.sprinkle', volume: Volume::ofMl($stock))] : [],
                Fact::of('do.dry-in', time: Duration::ofMinutes($minutes)),
            ], $atTable, splash: $stock > 0.0 ? $stock : null, mark: $this->ifOther($mark), minutes: $minutes);
        }
        $higher = $this->ask->burner->above($this->mark) ?? $this->mark;
        $trial = new Trial($this->ask, $state, $higher);
        $stock = self::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);

        return new WayBack(Trouble::HardAndWet, [
            $this->turn($higher),
            Fact::of('do.give-it', time: Duration::ofMinutes($minutes)),
            $stock >= 5 ? Fact::of('do.still-goes-in', volume: Volume::ofMl($stock)) : Fact::of('do.nothing-more'),
        ], $atTable, mark: $this->ifOther($higher), minutes: $minutes);
    }

    /**
     * The mark on which what is left is gone when the rice is done: not always a higher one, though it is wet.
     *
     * @return array{string, float, State} the mark, minutes from now until dry, and the pan at the table
     */
    private function dryWhenDone(State $state): array
    {
        $wanted = $this->ask->grain->window->middle();
        $tried = array_map(fn (string $mark): array => [$mark, ...(new Trial($this->ask, $state, $mark))->untilDry()], $this->ask->burner->settings());
        usort($tried, static fn (array $a, array $b): int => abs($a[2]->doneness - $wanted) <=> abs($b[2]->doneness - $wanted));

        return $tried[0];
    }

    /** It evens out in a covered rest: for as long as it takes, or for as long as the bite still allows. */
    private function softOutside(): WayBack
    {
        $state = $this->seen(hard: true);
        $lower = $this->gentler($state);
        $shortest = max($this->ask->method->rest, self::SHORTEST_REST);
        $rest = max($this->ask->method->rest, self::REST);
        do {
            $resting = $this->ask->withMethod(['rest' => $rest, 'restCovered' => true]);
            $trial = new Trial($resting, $state, $lower);
            $stock = self::jug($trial->pourForLooseness());
            [$minutes, $atTable] = $trial->untilDone($stock);
            $rest--;
        } while ($rest >= $shortest && $atTable->doneness > $this->ask->grain->window->rightTo());
        $dose = self::jug(min($stock, $this->ask->ladle->ml / 2));

        return new WayBack(Trouble::SoftOutside, [
            $this->turn($lower), Fact::of('do.time-in-doses', time: Duration::ofMinutes($minutes), dose: Volume::ofMl($dose), all: Volume::ofMl($stock)),
            Fact::of('do.then-rest', time: Duration::ofMinutes($resting->method->rest)),
        ], $atTable, splash: $dose > 0 ? $dose : null, mark: $this->ifOther($lower), beware: Fact::of('beware.stays-soft'), minutes: $minutes);
    }

    private function swimming(): WayBack
    {
        $target = $this->ask->target->looseness;
        $state = $this->seen(atLeast: $target + self::SWIMS);
        $strongest = $this->strongest();
        $trial = new Trial($this->ask, $state, $strongest);
        [$minutes, $down] = $trial->untilDownTo($target * $this->rice);
        $then = new Trial($this->ask, $down, $this->mark);
        [, $atTable] = $then->untilDone($then->pourForLooseness());
        [, $wet] = $trial->untilDone();
        $lift = self::jug(max(0.0, $wet->free - $target * $this->rice));
        if ($lift <= 0.0 || $atTable->doneness < $this->ask->grain->window->middle() + self::NEARLY) {
            return new WayBack(Trouble::Swimming, [
                $this->turn($strongest),
                Fact::of($this->ask->family->traits()->stirring === Stirring::Constant ? 'do.stir-hard' : 'do.let-it-roll'),
                Fact::of('do.nothing-for', time: Duration::ofMinutes($minutes)),
            ], $atTable, mark: $this->ifOther($strongest), minutes: $minutes);
        }
        $lifted = clone $state;
        $lifted->free -= min($lifted->free, $lift);
        $lifted->liftedOut += $lift;
        [$left, $atTable] = (new Trial($this->ask, $lifted, $strongest))->untilDone();

        return new WayBack(Trouble::Swimming, [
            Fact::of('do.lift-out', volume: Volume::ofMl($lift)), $this->turn($strongest), Fact::of('do.time-more', time: Duration::ofMinutes($left)),
        ], $atTable, lift: $lift, mark: $this->ifOther($strongest), minutes: $left);
    }

    private function tight(Trouble $trouble): WayBack
    {
        $state = $this->seen(atMost: self::TIGHT * $this->ask->target->looseness);
        $trial = new Trial($this->ask, $state, $this->mark);
        $off = $this->forecast->standing !== null;
        $short = $off ? max(0.0, $this->ask->target->looseness * $this->rice - $state->free) : $trial->pourForLooseness();
        $stock = max(5.0, self::jug($short));
        $spoon = self::jug(max(5.0, $stock / 4));
        $atTable = clone $state;
        if ($off) {
            $atTable->free += $stock;
        } else {
            [, $atTable] = $trial->untilDone($stock);
        }

        return new WayBack($trouble, [
            Fact::of('do.stock-at-a-time', each: Volume::ofMl($spoon), all: Volume::ofMl($stock)),
            Fact::of($this->ask->family->traits()->stirring === Stirring::Constant ? 'do.beat-it-in' : 'do.turn-it-over'),
        ], $atTable, splash: $stock, beware: $trouble === Trouble::SetUp ? Fact::of('beware.not-as-clear') : null);
    }

    private function catching(): WayBack
    {
        $state = $this->forecast->now;
        $lower = $this->gentler($state);
        $trial = new Trial($this->ask, $state, $lower);
        $stock = self::jug($trial->pourForLooseness());
        [$minutes, $atTable] = $trial->untilDone($stock);

        return new WayBack(Trouble::Catching, [
            Fact::of('do.off-no-scraping'), Fact::of('do.into-a-clean-pan', percent: $this->staysBehind(self::CAUGHT_LAYER)),
            $this->turn($lower), Fact::of('do.time-and-stock', time: Duration::ofMinutes($minutes), volume: Volume::ofMl($stock)),
        ], $atTable, mark: $this->ifOther($lower), beware: Fact::of('beware.full-hot-pan'), minutes: $minutes);
    }

    private function wetLate(): WayBack
    {
        $strongest = $this->strongest();
        $state = $this->seen(atLeast: Simulation::WET);
        $state->doneness = max($state->doneness, $this->ask->grain->window->low - self::NEARLY);
        [$minutes, $atTable] = (new Trial($this->ask, $state, $strongest))->untilDry();

        return new WayBack(Trouble::WetLate, [
            $this->turn($strongest), Fact::of('do.dry-watch-the-floor', time: Duration::ofMinutes($minutes)), Fact::of('do.off-when-toasted'),
        ], $atTable, mark: $this->ifOther($strongest), minutes: $minutes);
    }

    private function dryEarly(): WayBack
    {
        $lowest = $this->ask->burner->weakest();
        $trial = new Trial($this->ask, $this->seen(dry: true, hard: true), $lowest);
        $stock = max(10.0, self::jug($trial->pourForDoneness()));
        [$minutes, $atTable] = $trial->coveredUntilDone($stock);

        return new WayBack(Trouble::DryEarly, [
            Fact::of('do.sprinkle', volume: Volume::ofMl($stock)), Fact::of('do.cover'), $this->turn($lowest), Fact::of('do.time', time: Duration::ofMinutes($minutes)),
        ], $atTable, splash: $stock, mark: $this->ifOther($lowest), lidFor: $minutes, minutes: $minutes);
    }

    private function topHard(): WayBack
    {
        $lowest = $this->ask->burner->weakest();
        $state = $this->forecast->now;
        $depth = $this->ask->pan->layer($this->rice, $state->drunk);
        $pace = min(1 - 0.15, TopLayer::pace($depth, false, false));
        $behind = max(1.0, $state->doneness * (1 - $pace) / 2);
        $minutes = min(self::LONGEST_REST, $behind / Kinetics::pace($this->ask->conditions()->boiling));
        $covered = clone $state;
        [, $atTable] = (new Trial($this->ask, $covered, $lowest))->untilDry(0.0, $minutes);

        return new WayBack(Trouble::TopHard, [
            Fact::of('do.damp-paper'), $this->turn($lowest), Fact::of('do.time-for-the-top', time: Duration::ofMinutes($minutes), depth: Length::ofMm(round($depth))),
        ], $atTable, mark: $this->ifOther($lowest), lidFor: $minutes, beware: Fact::of('beware.paper'), minutes: $minutes);
    }

    private function paleRim(): WayBack
    {
        // Whoever misses a crust wants one, whatever the dish said.
        $target = $this->ask->target;
        $wish = $target->crust === CrustWish::None ? CrustWish::Gold : $target->crust;
        $plan = $this->ask->withTarget($target->with($wish))->crustMaking()->on($this->mark, $this->ask->burner->after($this->forecast->now->minute())->net[$this->mark]);
        $turning = $plan->turning();
        $do = $plan->shift() > 0
            ? [Fact::of('do.shift', shift: Length::ofCm(round($plan->shift()))), Fact::of('do.quarter-turns', time: Duration::ofSeconds(round($turning / 4))), Fact::of('do.then-off')]
            : [Fact::of('do.leave-in-the-middle'), Fact::of('do.off-when-it-smells-toasted')];

        return new WayBack(Trouble::PaleRim, $do, $this->forecast->coming->atTable, beware: Fact::of('beware.gold-to-burnt', time: Duration::ofMinutes($this->goldToBurnt())));
    }

    private function goldToBurnt(): float
    {
        $minutes = $this->ask->crustMaking()->whole->minutes($this->ask->burner->after($this->forecast->now->minute())->net[$this->mark]);

        return max(0.1, ($minutes['centre_burnt'] ?? Crust::LONGEST / 60) - ($minutes['centre_gold'] ?? 0.0));
    }

    private function bitter(): WayBack
    {
        $stays = $this->staysBehind(self::BURNT_LAYER);
        $atTable = (new Trial($this->ask, $this->forecast->now, $this->mark))->standing($this->ask->method->rest);

        return new WayBack(Trouble::Bitter, [
            Fact::of('do.off-at-once'), Fact::of('do.serve-from-above', percent: $stays), Fact::of('do.leaves-covers', left: max(1, (int) round($this->ask->covers * (1 - $stays / 100))), covers: $this->ask->covers),
        ], $atTable);
    }

    /**
     * @param  float  $millimetres  of rice left on the floor
     *
     * @return int percent of all of it
     */
    private function staysBehind(float $millimetres): int
    {
        return self::share($millimetres / max($millimetres, $this->ask->pan->layer($this->rice, $this->forecast->now->drunk)));
    }

    private function tooSalty(): WayBack
    {
        $left = max(0.0, $this->forecast->coming->stock());
        $state = $this->forecast->coming->atTable;
        $finish = $this->ask->finish;
        $plate = $this->rice * (1 + $state->drunk) + $state->free + $finish->weight();
        $salt = max($state->salt + $finish->salt(), self::SALTY / 100 * $plate);
        $percent = static fn (float $grams): float => Salt::percent($grams, $plate);
        $spared = $left * $this->ask->stock->saltPercent / 100;
        $do = [];
        if ($left >= 5) {
            $do[] = Fact::of('do.last-as-water', volume: Volume::ofMl($left), salt: $percent($salt - $spared), instead: $percent($salt));
        } elseif ($this->ask->family->traits()->driesOut) {
            $do[] = Fact::of('do.keep-it-dry');
        } else {
            // As much as leaves it within one word of what was asked.
            $water = self::jug(max(0.0, $this->ask->target->looseness * $this->rice + $this->ask->family->traits()->scale->step * $this->rice - $state->free));
            $do[] = $water < 5
                ? Fact::of('do.plain-beside-it')
                : Fact::of('do.water-loosens', volume: Volume::ofMl($water), salt: Salt::percent($salt, $plate + $water));
        }
        if ($finish->salt() > 0) {
            $do[] = Fact::of('do.no-cheese', salt: $percent($salt - $spared - $finish->salt()));
        }

        return new WayBack(Trouble::TooSalty, $do, $state, beware: Fact::of('beware.dietitian'));
    }

    private function stockOut(): WayBack
    {
        $left = max(0.0, $this->forecast->coming->stock());
        $salt = $left * $this->ask->stock->saltPercent / 100;

        return new WayBack(Trouble::StockOut, $left < 5
            ? [Fact::of('do.nothing-needed')]
            : [Fact::of('do.water-in-its-place', volume: Volume::ofMl($left)), Fact::of('do.with-salt', weight: Mass::ofG($salt))], $this->forecast->coming->atTable, water: true);
    }

    /**
     * The pan as the cook sees it.
     *
     * @param  float|null  $atLeast  free, g/g
     * @param  float|null  $atMost  free, g/g
     */
    private function seen(bool $dry = false, bool $hard = false, ?float $atLeast = null, ?float $atMost = null): State
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

    /** In a cook's words. */
    public function plate(WayBack $way): string
    {
        return $this->ask->family->traits()->scale->nearest($this->looseness($way))->value;
    }

    /** Free liquid per raw rice at the table, g/g. */
    public function looseness(WayBack $way): float
    {
        return $way->atTable->free / $this->rice;
    }

    public function bite(WayBack $way): Bite
    {
        return Bite::of($this->ask->grain, $way->atTable->doneness, $way->atTable->drunkAboveTheCrust($this->rice));
    }

    /** The mark below, as long as rice still cooks on it: on a ring of three marks the lowest may only keep warm. */
    private function gentler(State $state): string
    {
        $lower = $this->ask->burner->below($this->mark) ?? $this->mark;
        $minutes = function (string $mark) use ($state): float {
            $trial = new Trial($this->ask, $state, $mark);

            return $trial->untilDone($trial->pourForLooseness())[0];
        };

        return $lower === $this->mark || $minutes($lower) > self::SLOWER * max(1.0, $minutes($this->mark)) ? $this->mark : $lower;
    }

    private function strongest(): string
    {
        $marks = $this->ask->burner->marks();

        return $marks[count($marks) - 1];
    }

    private function turn(string $mark): Fact
    {
        $fire = $this->ask->burner->fire;

        return match (true) {
            $mark === $this->mark => Fact::of('do.leave-on', mark: $mark),
            $fire->hasAKnob() => Fact::of('do.turn-to', mark: $mark),
            default => Fact::of($this->ask->burner->net[$mark] > $this->ask->burner->net[$this->mark] ? 'do.feed-to' : 'do.rake-to', mark: $mark, fire: $fire->value),
        };
    }

    private function ifOther(string $mark): ?string
    {
        return $mark === $this->mark ? null : $mark;
    }

    private static function jug(float $millilitres): float
    {
        return Rounding::to($millilitres, Rounding::JUG);
    }

    /** @return int percent */
    private static function share(float $share): int
    {
        return (int) (5 * round(100 * $share / 5));
    }
}
